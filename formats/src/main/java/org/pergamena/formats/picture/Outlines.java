package org.pergamena.formats.picture;

import java.awt.geom.PathIterator;
import org.pergamena.core.layout.Item;
import org.pergamena.formats.fonts.Lines;

/** Letters as the lines around them. */
final class Outlines {
  private Outlines() {}

  /** The path of a line of text, as SVG 1.1 writes it. */
  static String of(Item.Words words) {
    PathIterator path =
        Lines.outline(words.text(), words.style(), words.x(), words.y()).getPathIterator(null);
    StringBuilder line = new StringBuilder();
    double[] at = new double[6];
    for (; !path.isDone(); path.next()) {
      switch (path.currentSegment(at)) {
        case PathIterator.SEG_MOVETO -> step(line, 'M', at, 2);
        case PathIterator.SEG_LINETO -> step(line, 'L', at, 2);
        case PathIterator.SEG_QUADTO -> step(line, 'Q', at, 4);
        case PathIterator.SEG_CUBICTO -> step(line, 'C', at, 6);
        default -> line.append('Z');
      }
    }
    return line.toString();
  }

  /** By whole numbers, as large maps have millions of steps. */
  private static void hundredths(StringBuilder line, long hundredths) {
    long whole = Math.abs(hundredths);
    line.append(hundredths < 0 ? "-" : "").append(whole / 100);
    if (whole % 100 != 0) {
      line.append('.').append(whole / 10 % 10);
      if (whole % 10 != 0) {
        line.append(whole % 10);
      }
    }
  }

  private static void step(StringBuilder line, char kind, double[] at, int numbers) {
    line.append(kind);
    for (int i = 0; i < numbers; i++) {
      line.append(i == 0 ? "" : " ");
      hundredths(line, Math.round(at[i] * 100));
    }
  }
}
