package org.pergamena.core.source;

import java.util.UUID;

/**
 * A span of one source with its exact words and the words around it, so that it is found again if
 * the source gets a newer text: a <em>TextPositionSelector</em> with a <em>TextQuoteSelector</em>
 * (W3C Web Annotation Data Model, 2017).
 *
 * @param prefix up to {@value #CONTEXT} code units before
 * @param suffix up to {@value #CONTEXT} code units after
 */
public record Passage(UUID source, int start, int end, String exact, String prefix, String suffix) {
  private static final int CONTEXT = 32;

  /** The longest that a person links to a topic, in code units. */
  public static final int LONGEST = 20_000;

  /**
   * The passage that a span of a source is.
   *
   * @throws IllegalArgumentException if the span does not lie in the text or cuts a character in
   *     two
   */
  public static Passage of(Source source, Span span) {
    String text = source.text().text();
    if (span.end() > text.length() || cuts(text, span.start()) || cuts(text, span.end())) {
      throw new IllegalArgumentException(
          "The passage " + span + " does not lie in " + source.name() + ".");
    }
    int before = whole(text, Math.max(0, span.start() - CONTEXT));
    int after = whole(text, Math.min(text.length(), span.end() + CONTEXT));
    return new Passage(
        source.id(),
        span.start(),
        span.end(),
        text.substring(span.start(), span.end()),
        text.substring(before, span.start()),
        text.substring(span.end(), after));
  }

  /** Whether another stands at the same place of the same source. */
  public boolean samePlace(Passage other) {
    return source.equals(other.source) && start == other.start && end == other.end;
  }

  /** Whether its words are in the text of its source; after a newer version they may not be. */
  public boolean anchored() {
    return end > start;
  }

  /** Its words on one line. */
  public String line() {
    return exact.strip().replaceAll("\\s+", " ");
  }

  /** The same words at the same place of another source, which has the same text. */
  public Passage in(UUID copy) {
    return new Passage(copy, start, end, exact, prefix, suffix);
  }

  /** The same words, no longer to be found in the text of their source. */
  public Passage adrift() {
    return new Passage(source, 0, 0, exact, prefix, suffix);
  }

  /**
   * Where it stands.
   *
   * @throws IllegalArgumentException if it is not {@link #anchored}
   */
  public Span span() {
    return new Span(start, end);
  }

  private static int whole(String text, int offset) {
    return cuts(text, offset) ? offset - 1 : offset;
  }

  private static boolean cuts(String text, int offset) {
    return offset > 0
        && offset < text.length()
        && Character.isLowSurrogate(text.charAt(offset))
        && Character.isHighSurrogate(text.charAt(offset - 1));
  }
}
