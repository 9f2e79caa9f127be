package org.pergamena.core.outline;

import java.util.function.IntPredicate;

/**
 * The next of some characters, asked from places that only go forward: however often it is asked, a
 * text is gone through once.
 */
final class Ahead {
  private final String text;
  private final IntPredicate wanted;
  private int at = -1;

  Ahead(String text, IntPredicate wanted) {
    this.text = text;
    this.wanted = wanted;
  }

  Ahead(String text, char wanted) {
    this(text, c -> c == wanted);
  }

  /** Where the next one stands at or after a place; the end of the text if there is none. */
  int from(int place) {
    at = Math.max(at, place);
    while (at < text.length() && !wanted.test(text.charAt(at))) {
      at++;
    }
    return at;
  }
}
