package org.pergamena.formats.pdf;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** Tells running heads, running feet and page numbers from the text. */
final class RunningHeads {
  private static final int EDGE_LINES = 2;
  private static final int LEAST_PAGES = 3;
  private static final double MARGIN = 0.12;

  private RunningHeads() {}

  /** The lines without those that stand on the edge of many pages alike. */
  static List<Line> removed(List<Line> lines) {
    Set<Line> edges = edges(lines);
    Map<String, Set<Integer>> pages = new HashMap<>();
    for (Line line : edges) {
      pages.computeIfAbsent(line.pattern(), pattern -> new HashSet<>()).add(line.page());
    }
    return lines.stream()
        .filter(
            line ->
                !edges.contains(line)
                    || !(pages.get(line.pattern()).size() >= LEAST_PAGES || isNumber(line)))
        .toList();
  }

  /** What stands alone on the page's edge and is nothing but its number. */
  static boolean isNumber(Line line) {
    return outer(line)
        && line.text()
            .matches("(?i)(page |p\\. ?)?[\\divxlc]+( (of|/) \\d+)?|[-\u2013] ?\\d+ ?[-\u2013]");
  }

  private static boolean outer(Line line) {
    return line.y() < line.place().pageHeight() * MARGIN
        || line.y() > line.place().pageHeight() * (1 - MARGIN);
  }

  private static Set<Line> edges(List<Line> lines) {
    Map<Integer, List<Line>> byPage = new TreeMap<>();
    lines.forEach(line -> byPage.computeIfAbsent(line.page(), p -> new ArrayList<>()).add(line));
    Set<Line> edges = new HashSet<>();
    for (List<Line> page : byPage.values()) {
      List<Line> sorted = page.stream().sorted((a, b) -> Float.compare(a.y(), b.y())).toList();
      edges.addAll(sorted.subList(0, Math.min(EDGE_LINES, sorted.size())));
      edges.addAll(sorted.subList(Math.max(0, sorted.size() - EDGE_LINES), sorted.size()));
      edges.removeIf(line -> !outer(line));
    }
    return edges;
  }
}
