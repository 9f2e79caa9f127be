package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;

/** Breaks a label into lines that are no wider than they may be. */
final class LineBreaks {
  private LineBreaks() {}

  /** At least one line; a word that is too wide alone is cut where it must. */
  static List<String> of(String label, TextStyle style, double width, TextMeasurer measurer) {
    if (measurer.width(label, style) <= width) {
      return List.of(label);
    }
    List<String> lines = new ArrayList<>();
    String line = "";
    for (String word : label.trim().split("\\s+")) {
      String longer = line.isEmpty() ? word : line + " " + word;
      if (measurer.width(longer, style) <= width) {
        line = longer;
        continue;
      }
      if (!line.isEmpty()) {
        lines.add(line);
      }
      line = word;
      while (measurer.width(line, style) > width && line.codePointCount(0, line.length()) > 1) {
        int fits = fitting(line, style, width, measurer);
        lines.add(line.substring(0, fits));
        line = line.substring(fits);
      }
    }
    lines.add(line);
    return lines;
  }

  private static int fitting(String word, TextStyle style, double width, TextMeasurer measurer) {
    int fits = word.offsetByCodePoints(0, 1);
    for (int next = fits; next < word.length(); next = word.offsetByCodePoints(next, 1)) {
      if (measurer.width(word.substring(0, next), style) > width) {
        break;
      }
      fits = next;
    }
    return fits;
  }
}
