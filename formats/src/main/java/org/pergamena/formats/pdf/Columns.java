package org.pergamena.formats.pdf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Puts the pieces of one page in the order in which they are read: where two columns stand side by
 * side, the left one before the right, between what goes across both. On other pages pieces on one
 * baseline are one line, and the order of the file holds.
 */
final class Columns {
  private static final int LEAST_LINES = 5;
  private static final double MOST_ACROSS = 0.35;

  private Columns() {}

  static List<Line> inOrder(List<Line> page) {
    float gutter = gutter(page);
    return gutter < 0 ? joined(page) : byColumn(page, gutter);
  }

  /** Where the gap between two columns is, or -1 if there is but one. */
  private static float gutter(List<Line> page) {
    if (page.size() < 2 * LEAST_LINES) {
      return -1;
    }
    float left = (float) page.stream().mapToDouble(Line::x).min().orElse(0);
    float right = (float) page.stream().mapToDouble(l -> l.place().right()).max().orElse(0);
    float best = -1;
    int fewest = Integer.MAX_VALUE;
    for (int step = 35; step <= 65; step++) {
      float at = left + (right - left) * step / 100;
      int across = (int) page.stream().filter(line -> crosses(line, at)).count();
      int before = (int) page.stream().filter(line -> line.place().right() <= at).count();
      int after = (int) page.stream().filter(line -> line.x() >= at).count();
      boolean columns =
          before >= LEAST_LINES && after >= LEAST_LINES && across <= MOST_ACROSS * page.size();
      if (columns && across < fewest && full(page, at, left, right)) {
        fewest = across;
        best = at;
      }
    }
    return best;
  }

  /**
   * Whether most lines on either side fill their column, as running text does and tables do not.
   */
  private static boolean full(List<Line> page, float at, float left, float right) {
    return share(page.stream().filter(l -> l.place().right() <= at).toList(), at - left) > 0.6
        && share(page.stream().filter(l -> l.x() >= at).toList(), right - at) > 0.6;
  }

  private static double share(List<Line> side, float width) {
    return side.stream()
        .mapToDouble(line -> Math.min(1, (line.place().right() - line.x()) / width))
        .average()
        .orElse(0);
  }

  private static boolean crosses(Line line, float at) {
    return line.x() < at && line.place().right() > at;
  }

  private static List<Line> byColumn(List<Line> page, float gutter) {
    List<Line> ordered = new ArrayList<>();
    List<Line> left = new ArrayList<>();
    List<Line> right = new ArrayList<>();
    List<Line> sorted = page.stream().sorted(Comparator.comparing(Line::y)).toList();
    for (Line line : joinedIf(sorted, gutter)) {
      if (crosses(line, gutter)) {
        ordered.addAll(left);
        ordered.addAll(right);
        left.clear();
        right.clear();
        ordered.add(line);
      } else {
        (line.x() < gutter ? left : right).add(line);
      }
    }
    ordered.addAll(left);
    ordered.addAll(right);
    return ordered;
  }

  /** Joins pieces on one baseline within the same column. */
  private static List<Line> joinedIf(List<Line> sorted, float gutter) {
    List<Line> joined = new ArrayList<>();
    for (Line line : sorted) {
      Line last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
      boolean sameColumn = last != null && (last.x() < gutter) == (line.x() < gutter);
      if (sameColumn && follows(last, line)) {
        joined.set(joined.size() - 1, last.with(line));
      } else {
        joined.add(line);
      }
    }
    return joined;
  }

  private static List<Line> joined(List<Line> page) {
    List<Line> joined = new ArrayList<>();
    for (Line line : page) {
      Line last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
      if (last != null && follows(last, line)) {
        joined.set(joined.size() - 1, last.with(line));
      } else {
        joined.add(line);
      }
    }
    return joined;
  }

  private static boolean follows(Line last, Line line) {
    return Math.abs(last.y() - line.y()) < 0.4f * Math.max(last.size(), line.size())
        && line.x() >= last.place().right() - 1;
  }
}
