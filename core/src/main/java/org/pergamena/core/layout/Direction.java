package org.pergamena.core.layout;

/** Which way a text is written. */
public final class Direction {
  private Direction() {}

  /** Whether some letter is written from right to left. */
  public static boolean turns(String text) {
    return text.codePoints().anyMatch(letter -> leftward(Character.getDirectionality(letter)));
  }

  private static boolean leftward(byte way) {
    return way == Character.DIRECTIONALITY_RIGHT_TO_LEFT
        || way == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC;
  }

  /** Whether the first letter with a direction is written from right to left (Unicode Annex 9). */
  public static boolean ofRightToLeft(String text) {
    for (int i = 0; i < text.length(); i += Character.charCount(text.codePointAt(i))) {
      byte way = Character.getDirectionality(text.codePointAt(i));
      if (way == Character.DIRECTIONALITY_LEFT_TO_RIGHT) {
        return false;
      } else if (leftward(way)) {
        return true;
      }
    }
    return false;
  }
}
