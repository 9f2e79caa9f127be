package org.pergamena.core.source;

/**
 * Where one line of a source text stands on its page.
 *
 * @param start first code unit of the line
 * @param end one past its last code unit
 * @param box all of it
 * @param at code units at which its words begin, in order
 * @param left left ends of these words, in points
 */
public record LineBox(int start, int end, PageBox box, int[] at, float[] left) {

  /** The part of the line that a span covers; the two overlap. */
  PageBox part(Span span) {
    return new PageBox(
        box.page(),
        span.start() <= start ? box.left() : x(span.start()),
        box.top(),
        span.end() >= end ? box.right() : x(span.end()),
        box.bottom());
  }

  /** Left end of a code unit; within a word as if all its letters were of one width. */
  private float x(int offset) {
    int word = 0;
    while (word + 1 < at.length && at[word + 1] <= offset) {
      word++;
    }
    int from = at[word];
    int to = word + 1 < at.length ? at[word + 1] : end;
    float right = word + 1 < at.length ? left[word + 1] : box.right();
    return left[word] + (right - left[word]) * (offset - from) / Math.max(1, to - from);
  }
}
