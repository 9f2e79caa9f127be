package org.pergamena.server.passages;

import org.pergamena.core.source.Span;

/** Words of a text with some of those around them, cut at blanks. */
record Excerpt(String before, String exact, String after) {
  static Excerpt of(String text, Span span, int context) {
    return new Excerpt(
        before(text, span.start(), context),
        text.substring(span.start(), span.end()),
        after(text, span.end(), context));
  }

  /** The words before, back to the paragraph's beginning or a blank. */
  private static String before(String text, int start, int context) {
    int paragraph = text.lastIndexOf("\n\n", start - 1);
    int from = paragraph < 0 ? 0 : paragraph + 2;
    if (start - from > context) {
      from = text.indexOf(' ', start - context) + 1;
      return from > start ? "" : "\u2026" + text.substring(from, start);
    }
    return from > start ? "" : text.substring(from, start);
  }

  private static String after(String text, int end, int context) {
    int to = text.indexOf("\n\n", end);
    to = to < 0 ? text.length() : to;
    if (to - end > context) {
      to = text.lastIndexOf(' ', end + context);
      return to < end ? "" : text.substring(end, to) + "\u2026";
    }
    return text.substring(end, to);
  }
}
