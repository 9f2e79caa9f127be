package org.pergamena.core.reply;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds where the label of a point ends and what is said of it begins. */
final class Leads {
  private static final Pattern BOLD =
      Pattern.compile(
          "\\s*(\\*\\*|__)[^*_]{1,120}?(?::\\1()\\s*[\u2013\u2014-]?|\\1()\\s*(?:[:\u2013\u2014=\u2192]|->?\\s))\\s*\\S.*",
          Pattern.DOTALL);
  private static final int LABEL_WORDS = 6;
  private static final int LEAST_WORDS = 4;
  private static final int LONGEST = 150;

  private final boolean pairs;

  /**
   * Asks for ends of labels.
   *
   * @param pairs whether every point was asked for as a label and something after it
   */
  Leads(boolean pairs) {
    this.pairs = pairs;
  }

  /** Where the label ends; the length of the words if they are a label and nothing else. */
  int end(String words) {
    String near = words.length() > 2 * LONGEST ? words.substring(0, 2 * LONGEST) : words;
    Matcher bold = BOLD.matcher(near);
    if (bold.matches()) {
      return Math.max(bold.end(2), bold.end(3));
    }
    int end = parted(near);
    if (end < 0) {
      return words.length();
    }
    String after = words.substring(end).strip();
    boolean enough = pairs || Shapes.words(after, LEAST_WORDS);
    return enough && !Shapes.words(near.substring(0, end), LABEL_WORDS) ? end : words.length();
  }

  private int parted(String words) {
    int first = -1;
    String[] signs = {": ", " \u2013 ", " \u2014 ", " - ", " \u2192 ", " -> ", " => ", " = "};
    for (int i = 0; i < signs.length; i++) {
      boolean always = i < 3 || pairs;
      int at = always || i == 3 ? words.indexOf(signs[i]) : -1;
      if (at > 0 && at < LONGEST && (first < 0 || at < first)) {
        first = at;
      }
    }
    return first;
  }
}
