package org.pergamena.core.layout;

import java.util.List;

/** One thing that is drawn, with its paint: who draws it needs to know nothing else. */
public sealed interface Item {
  /** What a text is for; it is painted as its item says whatever it is. */
  enum Role {
    LABEL,
    NUMBER,
    COUNT,
    WARNING,
    PHRASE,
    LEAD,
    TAG,
    TEXT,
    TIE
  }

  /**
   * One line of text.
   *
   * @param x its left end
   * @param y its baseline
   */
  record Words(Role role, String text, double x, double y, TextStyle style, String fill)
      implements Item {}

  /** A small filled rectangle: a stroke of the tally. */
  record Bar(Box box, String fill) implements Item {}

  /**
   * A stroked line.
   *
   * @param width in scene pixels
   * @param dash lengths of strokes and gaps, empty for a line without gaps
   */
  record Line(Path path, String stroke, double width, List<Double> dash) implements Item {}
}
