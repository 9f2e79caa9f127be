package org.pergamena.core.reply;

import java.util.regex.Pattern;
import org.pergamena.core.outline.OutlineLine;

/** How lines of a reply are written. */
final class Shapes {
  private static final Pattern FENCE = Pattern.compile("\\s*(`{3,}|~{3,}).*");
  private static final Pattern RULE =
      Pattern.compile("\\s*(?:[-*_=\u2014\u2500]\\s?){3,400}+\\s*+");
  private static final Pattern ITEM =
      Pattern.compile(
          "\\s*+([-*+\u2022\u2013\u25cf\u25e6\u25cb\u25aa\u25ab\u25a0\u2023\u00b7\u2219]|\\(?([0-9]{1,3}|[a-zA-Z]|[ivxIVX]{1,4})[.)]|\\d{1,3}(\\.\\d{1,3}){1,40}[.)]?)\\s++\\S.*",
          Pattern.DOTALL);
  private static final Pattern DOTTED =
      Pattern.compile("\\s*\\d{1,3}(\\.\\d{1,3}){1,40}[.)]?\\s+\\S");
  private static final Pattern NUMBERED = Pattern.compile("\\s*\\d{1,3}\\s+\\S");
  private static final Pattern HEAD =
      Pattern.compile(" {0,3}#{1,6}(\\s+\\S.*|[\\p{L}\\p{N}].*)", Pattern.DOTALL);
  private static final Pattern BOLD =
      Pattern.compile("(\\*\\*|__)[^*_\\s]([^*]{0,200}?)(\\*\\*:?|__:?|:\\*\\*)\\s*");

  private Shapes() {}

  static boolean fence(String line) {
    return FENCE.matcher(line).matches();
  }

  /** Whether a line parts what is above from what is below. */
  static boolean rule(String line) {
    return line.length() < 200 && RULE.matcher(line).matches();
  }

  static boolean item(String line) {
    return ITEM.matcher(line).matches();
  }

  /** Whether a line begins with a number as 1.2. */
  static boolean dotted(String line) {
    return DOTTED.matcher(line).lookingAt();
  }

  /** Whether a line begins with a number without a point. */
  static boolean numbered(String line) {
    return NUMBERED.matcher(line).lookingAt();
  }

  static boolean heading(String line) {
    return HEAD.matcher(line).matches();
  }

  static boolean heading(OutlineLine line) {
    return line.kind() == OutlineLine.Kind.HEADING
        || line.kind() == OutlineLine.Kind.WRITTEN && heading(line.text());
  }

  /** Whether all words of a line are bold, as those of a heading. */
  static boolean bold(String line) {
    return line.length() < 250 && BOLD.matcher(line.strip()).matches();
  }

  /** Whether a line is one of an outline by its marks. */
  static boolean marked(String line) {
    return item(line) || heading(line);
  }

  /** Whether it has more than some words. */
  static boolean words(String line, int most) {
    int count = 0;
    boolean blank = true;
    for (int i = 0; i < line.length() && count <= most; i++) {
      boolean now = Character.isWhitespace(line.charAt(i));
      count += blank && !now ? 1 : 0;
      blank = now;
    }
    return count > most;
  }

  /** Whether it ends as sentences do. */
  static boolean sentence(String line) {
    String end = line.strip();
    return !end.isEmpty() && ".!?:\u2026".indexOf(end.charAt(end.length() - 1)) >= 0;
  }
}
