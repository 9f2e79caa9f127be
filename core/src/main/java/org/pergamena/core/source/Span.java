package org.pergamena.core.source;

/**
 * A stretch {@code [start, end)} of a source text, in UTF-16 code units.
 *
 * @throws IllegalArgumentException if it is empty, reversed or begins before 0
 */
public record Span(int start, int end) implements Comparable<Span> {
  public Span {
    if (start < 0 || end <= start) {
      throw new IllegalArgumentException("not a span: [" + start + ", " + end + ")");
    }
  }

  /** Length in code units. */
  public int length() {
    return end - start;
  }

  /** Whether the two share at least one code unit. */
  public boolean overlaps(Span other) {
    return start < other.end && other.start < end;
  }

  @Override
  public int compareTo(Span other) {
    return start != other.start
        ? Integer.compare(start, other.start)
        : Integer.compare(end, other.end);
  }
}
