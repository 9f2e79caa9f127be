package org.pergamena.formats.pdf;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The title of a document that does not say it: what is set largest on its first page, else what
 * that begins with in capitals.
 */
final class PageTitle {
  /** How much larger than the running text a title is at least. */
  private static final double LARGER = 1.15;

  private static final double ALIKE = 0.05;
  private static final double MOST_LEADING = 2.2;
  private static final int MOST_LINES = 5;
  private static final int LONGEST = 200;
  private static final double CLOSE_LEADING = 1.6;
  private static final int LEAST_CAPITAL_WORDS = 3;

  /** Of so many letters one may be small. */
  private static final int CAPITALS = 12;

  private static final String FOOTNOTES = "\u2217*\u2020\u2021\u00a7\u00b6 ";
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
    String title =
        largest < bodySize * LARGER
            ? capitals(first)
            : joined(
                first.stream()
                    .dropWhile(line -> line.size() < largest * (1 - ALIKE))
                    .takeWhile(line -> line.size() >= largest * (1 - ALIKE))
                    .toList(),
                MOST_LEADING);
    return title.isEmpty() || title.length() > LONGEST ? Optional.empty() : Optional.of(title);
  }

  /** The lines in capitals that a page begins with; empty unless they are several words. */
  private static String capitals(List<Line> first) {
    String title =
        joined(first.stream().takeWhile(line -> inCapitals(line.text())).toList(), CLOSE_LEADING);
    return title.split(" ").length < LEAST_CAPITAL_WORDS ? "" : title;
  }

  private static boolean inCapitals(String words) {
    long letters = words.codePoints().filter(Character::isLetter).count();
    long small = words.codePoints().filter(Character::isLowerCase).count();
    return small * CAPITALS <= letters;
  }

  /** The first of some lines as far as each stands near the one before. */
  private static String joined(List<Line> lines, double leading) {
    StringBuilder title = new StringBuilder();
    Line last = null;
    for (Line line : lines.subList(0, Math.min(MOST_LINES, lines.size()))) {
      if (last != null && Math.abs(line.y() - last.y()) >= leading * line.size()) {
        break;
      }
      title.append(last == null ? "" : " ").append(line.text().strip());
      last = line;
    }
    int end = title.length();
    while (end > 0 && FOOTNOTES.indexOf(title.charAt(end - 1)) >= 0) {
      end--;
    }
    return title.substring(0, end).replaceAll("\\s+", " ");
  }
}
