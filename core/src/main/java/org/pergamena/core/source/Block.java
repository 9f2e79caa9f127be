package org.pergamena.core.source;

/**
 * One block of a source text: a heading, a paragraph, a list item or a turn of speech.
 *
 * @param start first code unit
 * @param end one past the last code unit
 * @param level of a heading, 1 the highest; 0 for everything else
 */
public record Block(int start, int end, Kind kind, int level) {
  /** What a block is in its source. */
  public enum Kind {
    HEADING,
    PARAGRAPH,
    ITEM,
    SPEECH
  }

  /** The block's code units. */
  public Span span() {
    return new Span(start, end);
  }
}
