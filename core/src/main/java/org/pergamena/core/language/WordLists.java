package org.pergamena.core.language;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Properties;
import java.util.Set;

/**
 * The small words of a language, in lower case.
 *
 * @param stop words that carry no subject of their own
 * @param leaning words at the beginning of a sentence that lean on the one before, several joined
 *     by {@code _}
 * @param measures measures and times, which name no subject
 * @param articles words that stand before a noun, its adjectives between
 * @param links words that link two noun phrases into one
 * @param abbreviations that end no sentence, without their last full stop
 * @param numbered the same where a number follows
 * @param years words after which a number of four digits is a year
 * @param generic nouns that name no subject of their own
 * @param copulas forms of the verb that tells what something is
 * @param as the word before what something is seen as, empty if it is not known
 * @param subjects words that a verb follows
 * @param past forms of verbs that are never nouns
 * @param bare words after which a verb has its base form
 * @param signposts how a speaker begins another subject, the words of each joined by {@code _}
 * @param works what a text may be called that speaks of itself
 * @param salutes words by which a speaker turns to those who listen
 * @param vague adjectives that tell nothing of the noun after them
 * @param partitive nouns that tell only how much or what kind of another is meant
 * @param between words that link two things to a third, which are joined
 * @param singular words before a noun that is one
 * @param pointing words that point to what was said or comes
 * @param standingIn pronouns for what was named before
 * @param saying verbs of saying and thinking, in their base form
 * @param and the word that joins two, empty if it is not known
 */
record WordLists(
    Set<String> stop,
    Set<String> leaning,
    Set<String> measures,
    Set<String> articles,
    Set<String> links,
    Set<String> abbreviations,
    Set<String> numbered,
    Set<String> years,
    Set<String> generic,
    Set<String> copulas,
    String as,
    Set<String> subjects,
    Set<String> past,
    Set<String> bare,
    Set<String> signposts,
    Set<String> works,
    Set<String> salutes,
    Set<String> vague,
    Set<String> partitive,
    Set<String> between,
    Set<String> singular,
    Set<String> pointing,
    Set<String> standingIn,
    Set<String> saying,
    String and) {

  /** The lists that ship for a language; all empty if there are none. */
  static WordLists of(String language) {
    Properties words = new Properties();
    try (InputStream in = WordLists.class.getResourceAsStream(language + ".properties")) {
      if (in != null) {
        words.load(new InputStreamReader(in, StandardCharsets.UTF_8));
      }
    } catch (IOException e) {
      throw new UncheckedIOException("The words of " + language + " cannot be read.", e);
    }
    return new WordLists(
        set(words, "stop"),
        set(words, "leaning"),
        set(words, "measures"),
        set(words, "articles"),
        set(words, "links"),
        set(words, "abbreviations"),
        set(words, "numbered"),
        set(words, "years"),
        set(words, "generic"),
        set(words, "copulas"),
        words.getProperty("as", ""),
        set(words, "subjects"),
        set(words, "past"),
        set(words, "bare"),
        set(words, "signposts"),
        set(words, "works"),
        set(words, "salutes"),
        set(words, "vague"),
        set(words, "partitive"),
        set(words, "between"),
        set(words, "singular"),
        set(words, "pointing"),
        set(words, "standing_in"),
        set(words, "saying"),
        words.getProperty("and", ""));
  }

  private static Set<String> set(Properties words, String name) {
    String all = words.getProperty(name, "").strip();
    return all.isEmpty() ? Set.of() : Set.copyOf(Arrays.asList(all.split("\\s+")));
  }
}
