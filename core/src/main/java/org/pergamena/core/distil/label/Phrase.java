package org.pergamena.core.distil.label;

import java.util.List;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/**
 * A noun phrase met in a text.
 *
 * @param key its stems, the same for all its forms
 * @param tokens the words as they stand there
 * @param tongue the language of the text
 * @param sure whether sentences and parts of speech of the text are told well
 */
record Phrase(String key, List<Token> tokens, Tongue tongue, boolean sure) {
  /** Whether it is two phrases linked by a preposition, {@code the cost of the wall}. */
  boolean linked() {
    return tokens.stream().anyMatch(token -> !token.content());
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
