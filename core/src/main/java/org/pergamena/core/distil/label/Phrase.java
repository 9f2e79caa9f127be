package org.pergamena.core.distil.label;

import java.util.List;
import java.util.stream.Collectors;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/**
 * A phrase met in a text.
 *
 * @param key its stems, the same for all its forms
 * @param kind how it is put together
 * @param tokens its words; as they stand there, but for what makes a clause a phrase
 * @param tongue the language of the text
 * @param sure whether sentences and parts of speech of the text are told well
 */
record Phrase(String key, Kind kind, List<Token> tokens, Tongue tongue, boolean sure) {
  /** How a phrase is put together. */
  enum Kind {
    /** {@code The outer wall}. */
    NOUNS,
    /** {@code The cost of the wall}. */
    LINKED,
    /** {@code Mud and silt}, side by side in the text. */
    JOINED,
    /** {@code Raising the sill}, of <em>raise the sill</em> too. */
    DOING,
    /** {@code Piles driven into the bed}. */
    MADE,
    /** {@code The wall as a risk}, of <em>the wall is a risk</em>. */
    AS
  }

  static Phrase of(Kind kind, List<Token> tokens, Tongue tongue, boolean sure) {
    String key =
        tokens.stream().filter(Token::content).map(Token::stem).collect(Collectors.joining(" "));
    return new Phrase(key, kind, List.copyOf(tokens), tongue, sure);
  }

  /** Number of words. */
  int length() {
    return tokens.size();
  }

  /** Whether it names nothing in particular: one word that could stand over any text. */
  boolean generic() {
    return tokens.size() == 1 && tongue.generic(tokens.get(0).surface());
  }
}
