package org.pergamena.core.source;

import java.util.List;

/**
 * Where the lines of a source text stand on its pages.
 *
 * @param lines in the order of the text; empty if the source has no pages to look at
 */
public record PageLayout(List<LineBox> lines) {
  /** That of a source without pages. */
  public static final PageLayout NONE = new PageLayout(List.of());

  public PageLayout {
    lines = List.copyOf(lines);
  }

  /** The rectangles that a span of the text covers, one a line. */
  public List<PageBox> boxes(Span span) {
    return lines.stream()
        .filter(line -> line.start() < span.end() && span.start() < line.end())
        .map(line -> line.part(span))
        .toList();
  }
}
