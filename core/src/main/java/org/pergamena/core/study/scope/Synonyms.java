package org.pergamena.core.study.scope;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
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
  private static final String CALLED =
      "(?:also called|also known as|known as|which (?:we|they|people) call|called|that is|i\\. ?e\\."
          + "|namely|auch|genannt|das hei\u00dft|aussi appel\u00e9e?s?|tambi\u00e9n llamad[oa]s?"
          + "|detto anche|ook wel|tamb\u00e9m chamad[oa]s?)";
  private static final String ARTICLE = "(?:(?:the|a|an|der|die|das|le|la|les|el|il|de|het|o) )?";
  private static final String OTHER = "\\p{L}[\\p{L}-]*(?: \\p{L}[\\p{L}-]*){0,2}";

  private Synonyms() {}

  /**
   * Another word for a term.
   *
   * @param passage where it stands, or null if a person said so
   */
  public record Synonym(String words, Passage passage) {}

  /** Those of a term. */
  public static List<Synonym> of(
      String term, Collection<Analysed> texts, Collection<CompareMark> marks) {
    String plain = term.strip().toLowerCase(Locale.ROOT);
    Map<String, Synonym> found = new LinkedHashMap<>();
    if (plain.isEmpty() || plain.length() > LONGEST) {
      return List.of();
    }
    for (CompareMark mark : marks) {
      if (mark.kind() == Kind.TERM && mark.together()) {
        if (mark.one().equalsIgnoreCase(plain)) {
          add(mark.other(), null, plain, found);
        } else if (mark.other().equalsIgnoreCase(plain)) {
          add(mark.one(), null, plain, found);
        }
      }
    }
    String forms = Pattern.quote(plain).replace(" ", "\\E[ -]?\\Q") + "s?";
    Pattern variants = pattern("(?<!\\p{L})" + spelt(plain) + "s?(?!\\p{L})");
    List<Pattern> patterns =
        List.of(
            pattern("(?<!\\p{L})" + forms + " \\((" + OTHER + ")\\)"),
            pattern("(?<!\\p{L})(" + OTHER + ") \\(" + ARTICLE + forms + "\\)"),
            pattern(
                "(?<!\\p{L})"
                    + forms
                    + ",? "
                    + CALLED
                    + " "
                    + ARTICLE
                    + "("
                    + OTHER
                    + ")(?=[,.;:)])"),
            pattern(
                "(?<!\\p{L})" + ARTICLE + "(" + OTHER + "),? " + CALLED + " " + ARTICLE + forms));
    String beginning = plain.substring(0, Math.min(4, plain.length()));
    for (Analysed text : texts) {
      String whole = text.source().text().text();
      for (Sentence sentence : text.sentences()) {
        String words = whole.substring(sentence.span().start(), sentence.span().end());
        if (!words.toLowerCase(Locale.ROOT).contains(beginning)) {
          continue;
        }
        Passage passage = null;
        for (Matcher matcher : matchers(words, variants, patterns)) {
          passage = passage == null ? Passage.of(text.source(), sentence.span()) : passage;
          String other = matcher.groupCount() == 0 ? matcher.group() : matcher.group(1);
          add(other, passage, plain, found);
        }
      }
    }
    return found.values().stream().limit(MOST).toList();
  }

  private static List<Matcher> matchers(String words, Pattern variants, List<Pattern> patterns) {
    List<Matcher> found = new ArrayList<>();
    Matcher spelt = variants.matcher(words);
    if (spelt.find()) {
      found.add(spelt);
    }
    for (Pattern pattern : patterns) {
      Matcher matcher = pattern.matcher(words);
      if (matcher.find()) {
        found.add(matcher);
      }
    }
    return found;
  }

  private static Pattern pattern(String words) {
    return Pattern.compile(
        words.replace(" ", "\\s+"), Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  }

  /** A term with its words written apart, with hyphens, or as one; one word, cut anywhere. */
  private static String spelt(String plain) {
    if (plain.contains(" ") || plain.contains("-")) {
      List<String> words = new ArrayList<>();
      for (String word : plain.split("[ -]+")) {
        words.add(Pattern.quote(word));
      }
      return String.join("[ -]?", words);
    }
    StringBuilder cut = new StringBuilder();
    for (int i = 0; i < plain.length(); i++) {
      boolean apart = i >= 4 && i <= plain.length() - 4;
      cut.append(apart ? "[ -]?" : "").append(Pattern.quote(plain.substring(i, i + 1)));
    }
    return cut.toString();
  }

  private static void add(String words, Passage passage, String plain, Map<String, Synonym> found) {
    String other = words.strip().replaceAll("\\s+", " ").replaceFirst("(?i)^(?:the|a|an) ", "");
    String key = other.toLowerCase(Locale.ROOT);
    boolean same = key.equals(plain) || key.equals(plain + "s") || plain.equals(key + "s");
    if (!same && key.length() > 1) {
      found.putIfAbsent(key, new Synonym(other, passage));
    }
  }
}
