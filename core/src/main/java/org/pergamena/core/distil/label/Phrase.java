package org.pergamena.core.distil.label;

import java.util.List;
import org.pergamena.core.distil.text.Token;

/**
 * A noun phrase met in a text.
 *
 * @param key its stems, the same for all its forms
 * @param tokens the words as they stand there
 */
record Phrase(String key, List<Token> tokens) {
  /** Whether it is two phrases linked by a preposition, {@code the cost of the wall}. */
  boolean linked() {
    return tokens.stream().anyMatch(token -> token.tag().equals("ADP"));
  }

  /** Number of words. */
  int length() {
    return tokens.size();
  }
}
