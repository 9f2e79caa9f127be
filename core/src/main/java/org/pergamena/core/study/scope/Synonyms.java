package org.pergamena.core.study.scope;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.compare.CompareMark;
import org.pergamena.core.study.compare.CompareMark.Kind;

/**
 * Other words for a term, as the sources give them: in brackets, after <em>also called</em>,
 * <em>known as</em> and the like (after the patterns of Hearst, 1992), written as one word or as
 * two, and what a person said to be the same.
 */
public final class Synonyms {
  private static final int MOST = 8;
  private static final int LONGEST = 60;
  private static final int LONGEST_SENTENCE = 2_000;
  private static final String CALLED =
      "(?:also called|also known as|known as|which (?:we|they|people) call|called|that is|i\\. ?e\\."
          + "|namely|auch|genannt|das hei\u00dft|aussi appel\u00e9e?s?|tambi\u00e9n llamad[oa]s?"
          + "|detto anche|ook wel|tamb\u00e9m chamad[oa]s?)";
  private static final Pattern TELLS = pattern("\\(|(?<!\\p{L})" + CALLED + "(?!\\p{L})");
  private static final String ARTICLE = "(?:(?:the|a|an|der|die|das|le|la|les|el|il|de|het|o) )?";
  private static final String OTHER = "\\p{L}[\\p{L}-]*(?: \\p{L}[\\p{L}-]*){0,2}";

  /** Words, with where they stand. */
  private record Spot(Analysed text, Sentence sentence, String words) {
    Passage passage() {
      return Passage.of(text.source(), sentence.span());
    }
  }

  private final Collection<CompareMark> marks;

  /** Sentences that may give another word for something. */
  private final List<Spot> telling = new ArrayList<>();

  /** One word, or two one after another, by their letters alone. */
  private final Map<String, Map<String, Spot>> spelt = new HashMap<>();

  /**
   * Another word for a term.
   *
   * @param passage where it stands, or null if a person said so
   */
  public record Synonym(String words, Passage passage) {}

  /**
   * Those of some texts.
   *
   * @param marks what a person said of terms that mean the same
   */
  public Synonyms(Collection<Analysed> texts, Collection<CompareMark> marks) {
    this.marks = marks.stream().filter(m -> m.kind() == Kind.TERM && m.together()).toList();
    for (Analysed text : texts) {
      String whole = text.source().text().text();
      for (Sentence sentence : text.sentences()) {
        String words = whole.substring(sentence.span().start(), sentence.span().end());
        if (words.length() <= LONGEST_SENTENCE && TELLS.matcher(words).find()) {
          telling.add(new Spot(text, sentence, words));
        }
        spell(text, sentence);
      }
    }
  }

  private void spell(Analysed text, Sentence sentence) {
    Token before = null;
    for (Token token : sentence.tokens()) {
      if (token.content()) {
        spell(token.surface(), text, sentence);
        if (before != null && before.end() + 1 == token.start()) {
          spell(before.surface() + " " + token.surface(), text, sentence);
        }
      }
      before = token.content() ? token : null;
    }
  }

  private void spell(String words, Analysed text, Sentence sentence) {
    String written = words.toLowerCase(Locale.ROOT);
    spelt
        .computeIfAbsent(letters(written), key -> new LinkedHashMap<>())
        .putIfAbsent(written, new Spot(text, sentence, written));
  }

  /** Letters alone, of one or of many. */
  private static String letters(String words) {
    String letters = words.replaceAll("[^\\p{L}\\p{N}]", "");
    return letters.length() > 4 && letters.endsWith("s")
        ? letters.substring(0, letters.length() - 1)
        : letters;
  }

  /** Those of a term. */
  public List<Synonym> of(String term) {
    String plain = term.strip().toLowerCase(Locale.ROOT);
    if (plain.isEmpty() || plain.length() > LONGEST) {
      return List.of();
    }
    Map<String, Synonym> found = new LinkedHashMap<>();
    for (CompareMark mark : marks) {
      if (mark.one().equalsIgnoreCase(plain)) {
        add(mark.other(), null, plain, found);
      } else if (mark.other().equalsIgnoreCase(plain)) {
        add(mark.one(), null, plain, found);
      }
    }
    for (Spot spot : spelt.getOrDefault(letters(plain), Map.of()).values()) {
      add(spot.words(), spot.passage(), plain, found);
    }
    String beginning = plain.substring(0, Math.min(4, plain.length()));
    List<Spot> near =
        telling.stream()
            .filter(spot -> spot.words().toLowerCase(Locale.ROOT).contains(beginning))
            .toList();
    for (Pattern pattern : near.isEmpty() ? List.<Pattern>of() : patterns(plain)) {
      for (Spot spot : near) {
        Matcher matcher = pattern.matcher(spot.words());
        if (matcher.find() && names(matcher.group(1), spot)) {
          add(matcher.group(1), spot.passage(), plain, found);
        }
      }
    }
    return found.values().stream().limit(MOST).toList();
  }

  /** Whether words begin as a name of something does, and in brackets have nothing but that. */
  private static boolean names(String words, Spot spot) {
    String[] each = words.toLowerCase(Locale.ROOT).replaceFirst("^(?:the|a|an) ", "").split("\\s+");
    boolean bracketed = spot.words().contains("(" + words + ")");
    for (int i = 0; i < (bracketed ? each.length : 1); i++) {
      if (spot.text().tongue().stop(each[i])) {
        return false;
      }
    }
    return true;
  }

  private static List<Pattern> patterns(String plain) {
    String forms = Pattern.quote(plain).replace(" ", "\\E[ -]?\\Q") + "s?";
    return List.of(
        pattern("(?<!\\p{L})" + forms + " \\((" + OTHER + ")\\)"),
        pattern("(?<!\\p{L})(" + OTHER + ") \\(" + ARTICLE + forms + "\\)"),
        pattern(
            "(?<!\\p{L})" + forms + ",? " + CALLED + " " + ARTICLE + "(" + OTHER + ")(?=[,.;:)])"),
        pattern("(?<!\\p{L})" + ARTICLE + "(" + OTHER + "),? " + CALLED + " " + ARTICLE + forms));
  }

  private static Pattern pattern(String words) {
    return Pattern.compile(
        words.replace(" ", "\\s+"), Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  }

  private static void add(String words, Passage passage, String plain, Map<String, Synonym> found) {
    String other =
        words.strip().replaceAll("\\s+", " ").replaceFirst("(?i)^(?:the|a|an) | genannt$", "");
    String key = other.toLowerCase(Locale.ROOT);
    boolean same = key.equals(plain) || key.equals(plain + "s") || plain.equals(key + "s");
    if (!same && key.length() > 1) {
      found.putIfAbsent(key, new Synonym(other, passage));
    }
  }
}
