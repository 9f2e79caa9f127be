package org.pergamena.core.outline;

import java.util.Optional;

/**
 * A Markdown heading (CommonMark 0.31, chapter 4.2), read in one pass however long the line is.
 *
 * @param level 1 to 6
 * @param words without the marks around them, may be empty
 * @param joined whether the space after the marks is missing
 */
record HeadingLine(int level, String words, boolean joined) {
  private static final int DEEPEST = 6;
  private static final int MOST_INDENT = 3;

  static Optional<HeadingLine> of(String line) {
    int at = 0;
    while (at < line.length() && at <= MOST_INDENT && line.charAt(at) == ' ') {
      at++;
    }
    int from = at;
    while (at < line.length() && line.charAt(at) == '#') {
      at++;
    }
    int level = at - from;
    if (level == 0 || level > DEEPEST || from > MOST_INDENT) {
      return Optional.empty();
    }
    boolean joined = at < line.length() && !Character.isWhitespace(line.charAt(at));
    if (joined && !Character.isLetterOrDigit(line.codePointAt(at))) {
      return Optional.empty();
    }
    return Optional.of(new HeadingLine(level, withoutClosing(line.substring(at).strip()), joined));
  }

  /** The words without closing marks, which a blank parts from them. */
  private static String withoutClosing(String words) {
    int end = words.length();
    while (end > 0 && words.charAt(end - 1) == '#') {
      end--;
    }
    boolean closing = end == 0 || Character.isWhitespace(words.charAt(end - 1));
    return closing ? words.substring(0, end).strip() : words;
  }
}
