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
  /** Number of words. */
  int length() {
    return tokens.size();
  }
}
