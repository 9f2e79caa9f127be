package org.pergamena.formats.pdf;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** The title of a document that does not say it: what is set largest on its first page. */
final class PageTitle {
  /** How much larger than the running text a title is at least. */
  private static final double LARGER = 1.15;

  private static final double ALIKE = 0.05;
  private static final double MOST_LEADING = 2.2;
  private static final int MOST_LINES = 5;
  private static final int LONGEST = 200;
  private static final Pattern LETTERS = Pattern.compile("\\p{L}{3}");

  /** The heading of a section, or the mark of an archive in the margin. */
  private static final Pattern OTHER =
      Pattern.compile("(?:\\d{1,3}(?:\\.\\d{1,3}){0,5}|[IVX]{1,5})[.)]? \\p{L}.*|arXiv:.*");

  private PageTitle() {}

  /**
   * The title.
   *
   * @param lines in reading order, running heads included
   * @param bodySize of the type of the running text, in points
   */
  static Optional<String> of(List<Line> lines, float bodySize) {
    List<Line> first =
        lines.stream()
            .filter(line -> line.page() == lines.get(0).page())
            .filter(line -> LETTERS.matcher(line.text()).find())
            .filter(line -> !OTHER.matcher(line.text().strip()).matches())
            .toList();
    double largest = first.stream().mapToDouble(Line::size).max().orElse(0);
    if (largest < bodySize * LARGER) {
      return Optional.empty();
    }
    StringBuilder title = new StringBuilder();
    Line last = null;
    int count = 0;
    for (Line line : first) {
      boolean large = line.size() >= largest * (1 - ALIKE);
      boolean near = last == null || Math.abs(line.y() - last.y()) < MOST_LEADING * largest;
      if (large && near && count < MOST_LINES) {
        title.append(count++ == 0 ? "" : " ").append(line.text().strip());
        last = line;
      } else if (last != null) {
        break;
      }
    }
    String words = title.toString().replaceAll("\\s+", " ");
    return words.length() <= LONGEST ? Optional.of(words) : Optional.empty();
  }
}
