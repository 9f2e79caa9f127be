package org.pergamena.core.source;

/**
 * One block of a source text: a heading, a paragraph, a list item, a turn of speech, or what stands
 * apart from the running text.
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
    SPEECH,
    /** A note at the foot of a page or the end of a document. */
    FOOTNOTE,
    /** The words under a picture or over a table. */
    CAPTION,
    /** What a speaker is to say to a slide. */
    NOTE;

    /** Whether it belongs to the text that runs on, and not to what stands over or beside it. */
    public boolean runs() {
      return this != HEADING && this != FOOTNOTE && this != CAPTION;
    }
  }

  /** The block's code units. */
  public Span span() {
    return new Span(start, end);
  }
}
