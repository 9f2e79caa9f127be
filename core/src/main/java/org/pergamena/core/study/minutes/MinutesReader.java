package org.pergamena.core.study.minutes;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;
import org.pergamena.core.study.Naming;
import org.pergamena.core.study.minutes.Minutes.Item;
import org.pergamena.core.study.minutes.Minutes.Kind;
import org.pergamena.core.study.minutes.Minutes.Person;
import org.pergamena.core.study.minutes.Minutes.Point;
import org.pergamena.core.study.minutes.Minutes.Presence;

/**
 * Reads minutes, by the words that minutes use in English and, for who was there and what was
 * decided, in German and French.
 */
public final class MinutesReader {
  private static final int HEAD = 400;
  private static final int LONGEST_TITLE = 70;
  private static final int MOST_NAMES = 60;
  private static final int LIKELY = 3;

  /** As many groups of {@link #ACTION} name who is to act. */
  private static final int WHO = 5;

  private static final Pattern TITLED =
      any(
          "minutes of|minutes$|protokoll|niederschrift|compte rendu|proc\u00e8s-verbal|meeting notes");
  private static final Pattern PEOPLE =
      Pattern.compile(
          "(?<present>present|anwesend|pr\u00e9sents?)\\s*:"
              + "|(?<attending>in attendance|also present|attending|g\u00e4ste|invit\u00e9s)\\s*:"
              + "|(?<absent>apologies(?: for absence)?|absent|entschuldigt|excus\u00e9s?|absents)\\s*:",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  private static final Pattern NAME =
      Pattern.compile("(?:\\b(?:Dr|Mr|Mrs|Ms|Prof|Rev|Cllr)\\.|[^,;.\\n]){1,400}");

  private static final Pattern DECIDED =
      any(
          "(?:it was|was) (?:also |then )?(?:agreed|resolved|decided|approved|adopted|carried)"
              + "|(?:were|was) (?:agreed|approved|adopted|accepted) (?:with|without|as|by)"
              + "|\\p{L}+ (?:agreed|resolved|decided|voted) (?:also )?(?:to|that|not to)"
              + "|motion (?:was )?(?:carried|passed|lost|defeated)|resolved that"
              + "|(?:wurde|wird) (?:einstimmig )?(?:beschlossen|angenommen|genehmigt)|beschlie\u00dft"
              + "|(?:a|est|sont|ont) (?:\u00e9t\u00e9 )?(?:d\u00e9cid\u00e9|adopt\u00e9e?s?|approuv\u00e9e?s?)");
  private static final Pattern VOTED =
      any(
          "\\p{L}+ votes? (?:to|against|for|in favour)|\\d+ (?:to|:) \\d+ (?:against|votes?)"
              + "|unanimous(?:ly)?|in favour(?: and)?|abstained|abstentions?|show of hands"
              + "|einstimmig|enthaltung(?:en)?|\u00e0 l'unanimit\u00e9|voix contre|abstentions?");
  private static final Pattern ACTION =
      any(
          "(?<who1>(?:the )?(?:\\p{L}+ ){0,3}\\p{L}+) (?:undertook|promised|offered|agreed|is|are)"
              + " to (?!be\\b|say\\b)\\p{L}+"
              + "|(?:asked|instructed|requested|invited) (?<who2>the \\p{L}+(?: \\p{L}+)?) to \\p{L}+"
              + "|(?:agreed|resolved|decided) that (?<who3>the .{3,80}?) (?:prepare|bring|write|report"
              + "|send|ask|draft|check|find|make|arrange|look|meet|draw|publish|move|pay|repair|see)\\b"
              + "|(?:agreed|resolved|decided) to (?:write|ask|move|prepare|send|pay|bring|report|draft"
              + "|arrange|find|repair|publish|invite|buy|sell|hold|set)\\b"
              + "|(?-i:(?<who4>(?:(?:Dr|Mr|Mrs|Ms|Prof|Cllr)\\.? \\p{Lu}\\p{L}+|\\p{Lu}\\p{L}+ \\p{Lu}\\p{L}+)"
              + "(?: \\p{Lu}\\p{L}+)?)) (?:will|shall|to) (?!be\\b)\\p{Ll}+"
              + "|action\\s*:\\s*(?<who5>[^,;.:]{2,50})");
  private static final Pattern UNTIL =
      any(
          "(?:by|until|before|for|to) (?<until>(?:the )?(?:end of )?(?:next |following )?(?:January|February"
              + "|March|April|May|June|July|August|September|October|November|December)(?: meeting| \\d{4})?"
              + "|the (?:next|following) (?:meeting|month|year|winter|spring|summer|autumn)|next (?:week|month|year|meeting|winter|spring|summer|autumn)"
              + "|\\d{1,2}(?:st|nd|rd|th)? (?:January|February|March|April|May|June|July|August|September"
              + "|October|November|December)(?: \\d{4})?|(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day)");
  private static final Set<String> NOBODY =
      Set.of(
          "it", "which", "that", "who", "there", "this", "these", "and", "what", "members", "was");

  private final Analysed text;
  private final Map<String, MinutesMark> marks = new LinkedHashMap<>();
  private final Set<String> seen = new HashSet<>();

  private MinutesReader(Analysed text, Collection<MinutesMark> marks) {
    this.text = text;
    marks.forEach(mark -> this.marks.put(mark.key(), mark));
  }

  private static Pattern any(String any) {
    return Pattern.compile(
        "(?<!\\p{L})(?:" + any + ")(?!\\p{L})", Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  }

  /** A source as minutes. */
  public static Minutes read(Analysed text, Collection<MinutesMark> marks) {
    return new MinutesReader(text, marks).minutes();
  }

  private Minutes minutes() {
    List<Person> people = new ArrayList<>();
    List<Item> items = items(people);
    String words = text.source().text().text();
    String head = words.substring(0, Math.min(HEAD, words.length()));
    long points = items.stream().mapToLong(item -> item.points().size()).sum();
    boolean told =
        TITLED.matcher(head).find() && points > 0 || !people.isEmpty() && points >= LIKELY;
    List<MinutesMark> lost =
        marks.values().stream().filter(mark -> !seen.contains(mark.key())).toList();
    return new Minutes(text.source().id(), told, people, items, lost);
  }

  /** A block of the text is an item, or all blocks under a heading are. */
  private List<Item> items(List<Person> people) {
    SourceText source = text.source().text();
    List<Item> items = new ArrayList<>();
    String heading = "";
    int at = 0;
    for (int i = 0; i < source.blocks().size(); i++) {
      Block block = source.blocks().get(i);
      if (block.kind() == Block.Kind.HEADING) {
        heading = source.words(block).strip();
        continue;
      }
      if (people(source, block, people)) {
        while (at < text.sentences().size() && text.sentences().get(at).block() <= i) {
          at++;
        }
        continue;
      }
      List<Point> points = new ArrayList<>();
      while (at < text.sentences().size() && text.sentences().get(at).block() <= i) {
        if (text.sentences().get(at).block() == i) {
          point(text.sentences().get(at), points);
        }
        at++;
      }
      if (!points.isEmpty()) {
        Passage passage = Passage.of(text.source(), trimmed(source, block.span()));
        String title = heading.isEmpty() || headed(items, heading) ? first(passage) : heading;
        items.add(new Item(title, passage, points));
      }
    }
    return items;
  }

  private static boolean headed(List<Item> items, String heading) {
    return items.stream().anyMatch(item -> item.title().equals(heading));
  }

  private static Span trimmed(SourceText source, Span span) {
    int start = span.start();
    int end = span.end();
    while (start < end - 1 && Character.isWhitespace(source.text().charAt(start))) {
      start++;
    }
    while (end > start + 1 && Character.isWhitespace(source.text().charAt(end - 1))) {
      end--;
    }
    return new Span(start, end);
  }

  /** A title that a paragraph begins with, as <em>Bass.</em>, else its first words. */
  private static String first(Passage passage) {
    String line = passage.line();
    int stop = line.indexOf('.');
    boolean title =
        stop > 0 && stop < LONGEST_TITLE / 2 && line.substring(0, stop).split(" ").length < 5;
    return title ? line.substring(0, stop) : Naming.shortened(line, LONGEST_TITLE);
  }

  /** Reads who was there; whether the block tells. */
  private boolean people(SourceText source, Block block, List<Person> people) {
    String words = source.words(block);
    Matcher lead = PEOPLE.matcher(words);
    List<int[]> parts = new ArrayList<>();
    List<Presence> kinds = new ArrayList<>();
    while (lead.find()) {
      parts.add(new int[] {lead.start(), lead.end()});
      kinds.add(
          lead.group("present") != null
              ? Presence.PRESENT
              : lead.group("attending") != null ? Presence.ATTENDING : Presence.ABSENT);
    }
    if (parts.isEmpty() || parts.get(0)[0] > 3) {
      return false;
    }
    for (int i = 0; i < parts.size(); i++) {
      int from = parts.get(i)[1];
      int to = i + 1 < parts.size() ? parts.get(i + 1)[0] : words.length();
      Matcher names = NAME.matcher(words.substring(from, to));
      while (names.find() && people.size() < MOST_NAMES) {
        String name = names.group().strip().replaceFirst("(?i)^(?:and|und|et)\\s+", "");
        if (name.length() > 1) {
          int start = block.start() + from + names.start() + names.group().indexOf(name);
          Passage passage = Passage.of(text.source(), new Span(start, start + name.length()));
          people.add(new Person(name, kinds.get(i), passage));
        }
      }
    }
    return true;
  }

  private void point(Sentence sentence, List<Point> points) {
    Passage passage = Passage.of(text.source(), sentence.span());
    String key = Naming.key(passage.line());
    String line = passage.line();
    MinutesMark mark = marks.get(key);
    seen.add(key);
    if (mark != null) {
      points.add(new Point(key, mark.kind(), passage, mark.who(), mark.until(), true));
      return;
    }
    Matcher action = ACTION.matcher(line);
    String who = action.find() ? who(action) : null;
    boolean voted = VOTED.matcher(line).find();
    if (who == null && !voted && !DECIDED.matcher(line).find()) {
      return;
    }
    Kind kind = voted ? Kind.VOTE : who != null ? Kind.ACTION : Kind.DECISION;
    Matcher until = UNTIL.matcher(line);
    String when = until.find() ? until.group("until") : "";
    points.add(new Point(key, kind, passage, who == null ? "" : who, when, false));
  }

  /** Who is to act; null if that is not told. */
  private static String who(Matcher action) {
    for (int i = 1; i <= WHO; i++) {
      String who = action.group("who" + i);
      if (who != null) {
        String bare = who.strip().replaceFirst("(?i)^(?:and|also|then|that)\\s+", "");
        String last = bare.substring(bare.lastIndexOf(' ') + 1).toLowerCase(Locale.ROOT);
        return NOBODY.contains(last) ? null : bare;
      }
    }
    return null;
  }
}
