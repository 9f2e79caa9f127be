package org.pergamena.core.study.event;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Span;
import org.pergamena.core.study.Naming;
import org.pergamena.core.time.TextTimes;
import org.pergamena.core.time.Told;

/** Finds the dated statements of a text. */
final class Accounts {
  private static final int LONGEST_LABEL = 110;

  /** A sentence that is longer is none, but something written down in signs. */
  private static final int LONGEST = 1_500;

  private static final int FEWEST_WORDS = 2;
  private static final Set<String> VERBS = Set.of("VERB", "AUX");

  /** What leads to a word behind it. */
  private static final Set<String> LEADING =
      Set.of("ADP", "DET", "PRON", "CCONJ", "SCONJ", "AUX", "PART");

  private static final Pattern JOINT =
      Pattern.compile(
          "[;:]\\s+|,?\\s+(?:and|but|while|whereas|then|und|aber|et|mais|y|pero|ma|mas|en|maar)\\s+",
          Pattern.CASE_INSENSITIVE);

  /** What may stand before a time and goes with it. */
  private static final Pattern LEAD =
      Pattern.compile(
          "(?:^|[\\s,])(?:(?:on|in|at|by|since|from|until|till|during|about|around|of|am|im|vom|seit|bis|um|le|en|au|\u00e0"
              + "|depuis|el|desde|il|nel|dal|op|em|no|na|de)\\s+(?:the\\s+(?:night\\s+of\\s+|morning\\s+of\\s+)?)?)+$",
          Pattern.CASE_INSENSITIVE);

  private final Analysed text;
  private final String all;
  private final List<Account> found = new ArrayList<>();

  private Accounts(Analysed text) {
    this.text = text;
    this.all = text.source().text().text();
  }

  /** The dated statements of a text, in the order of the text. */
  static List<Account> in(Analysed text) {
    Accounts accounts = new Accounts(text);
    TextTimes times = new TextTimes(text);
    for (Sentence sentence : text.sentences()) {
      List<Told> told = times.of(sentence);
      if (!told.isEmpty() && sentence.span().length() <= LONGEST) {
        accounts.read(sentence, told);
      }
    }
    return accounts.found;
  }

  private void read(Sentence sentence, List<Told> told) {
    int start = sentence.span().start();
    String words = all.substring(start, sentence.span().end());
    if (words.strip().endsWith("?")) {
      return;
    }
    int from = 0;
    int next = 0;
    while (next < told.size()) {
      Told time = told.get(next);
      Span joint = next + 1 < told.size() ? joint(sentence, words, time, told.get(next + 1)) : null;
      add(sentence, from, joint == null ? words.length() : joint.start(), time);
      if (joint == null) {
        return;
      }
      from = joint.end();
      next++;
    }
  }

  /**
   * Where one part of a sentence ends and another begins that has its own time; null for nowhere.
   */
  private Span joint(Sentence sentence, String words, Told time, Told next) {
    var joints = JOINT.matcher(words).region(time.end(), Math.max(time.end(), next.end()));
    while (joints.find()) {
      boolean both =
          verb(sentence, 0, joints.start()) && verb(sentence, joints.end(), words.length());
      if (both && joints.end() <= next.start() + 1) {
        return new Span(joints.start(), joints.end());
      }
    }
    return null;
  }

  private boolean verb(Sentence sentence, int from, int to) {
    int start = sentence.span().start();
    return !text.tongue().tagged()
        || sentence.tokens().stream()
            .anyMatch(
                t -> t.start() >= start + from && t.end() <= start + to && VERBS.contains(t.tag()));
  }

  private void add(Sentence sentence, int from, int to, Told told) {
    int start = sentence.span().start();
    Map<String, Integer> stems = new HashMap<>();
    int said = 0;
    for (Token token : sentence.tokens()) {
      int at = token.start() - start;
      boolean within = at >= from && at < to && (at < told.start() || at >= told.end());
      if (within && token.word()) {
        said++;
        if (token.content()) {
          stems.merge(token.stem(), 1, Integer::sum);
        }
      }
    }
    if (said < FEWEST_WORDS || stems.isEmpty()) {
      return;
    }
    String words = all.substring(start + from, start + to);
    Passage passage = Passage.of(text.source(), sentence.span());
    String key = Naming.key(passage.line() + (from == 0 ? "" : " " + words.strip()));
    String label = label(sentence, words, told.start() - from, told.end() - from);
    found.add(new Account(key, passage, words.strip(), label, told, stems));
  }

  /** Whether a line that ends with a word has lost what the word leads to. */
  private static boolean dangling(Sentence sentence, String word) {
    return sentence.tokens().stream()
        .anyMatch(t -> t.surface().equals(word) && LEADING.contains(t.tag()));
  }

  /** A part of a sentence as a line, without its time where that stands at its beginning or end. */
  private static String label(Sentence sentence, String words, int from, int to) {
    String before = words.substring(0, from);
    String after = words.substring(to);
    String bare = LEAD.matcher(before).replaceFirst("");
    String line;
    if (bare.isBlank()) {
      line = after;
    } else if (after.replaceAll("[\\s.,;!)]", "").isEmpty() && !bare.strip().endsWith("(")) {
      line = bare;
    } else {
      line = words;
    }
    line =
        line.replaceAll("\\s+", " ")
            .strip()
            .replaceFirst("^[\\s,;:]+", "")
            .replaceFirst("(?i)^(?:and|but|then|so|while|whereas)\\s+", "")
            .replaceFirst("[\\s.,;:]+$", "");
    if (line.isEmpty() || dangling(sentence, line.substring(line.lastIndexOf(' ') + 1))) {
      line = words.strip();
    }
    String upper = line.substring(0, 1).toUpperCase(Locale.ROOT) + line.substring(1);
    return Naming.shortened(upper, LONGEST_LABEL);
  }
}
