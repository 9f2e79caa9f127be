package org.pergamena.formats.pdf;

/**
 * Letters that are set as one and dashes that come out of old typesetters' fonts as the number that
 * they have there, as such a font does not say what it shows: 11 to 15 in Knuth's encoding of text,
 * 21, 22 (which are accents there) and 27 to 31 in the one of 1990 for European languages (T1).
 */
final class Ligatures {
  private static final String[] LETTERS = {"ff", "fi", "fl", "ffi", "ffl"};
  private static final int KNUTH = 11;
  private static final int EUROPEAN = 27;

  private static final String DASHES = "\u2013\u2014";
  private static final int DASH = 21;

  private Ligatures() {}

  /** The letters in their places beside others; before, they would be blanks. */
  static String mended(String words) {
    StringBuilder mended = new StringBuilder();
    for (int i = 0; i < words.length(); i++) {
      int which = which(words.charAt(i));
      boolean beside = letter(words, i - 1) || letter(words, i + 1);
      int dash = words.charAt(i) - DASH;
      if (which >= 0 && beside) {
        mended.append(LETTERS[which]);
      } else if (dash >= 0 && dash < DASHES.length() && !beside) {
        mended.append(DASHES.charAt(dash));
      } else {
        mended.append(words.charAt(i));
      }
    }
    return mended.toString();
  }

  private static boolean letter(String words, int at) {
    return at >= 0 && at < words.length() && Character.isLetter(words.charAt(at));
  }

  /** Which of the letters a number stands for; -1 if for none. */
  private static int which(int code) {
    int from = code < EUROPEAN ? KNUTH : EUROPEAN;
    return code >= from && code < from + LETTERS.length ? code - from : -1;
  }
}
