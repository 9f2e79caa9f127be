package org.pergamena.core.layout;

import java.util.List;
import java.util.UUID;

/** One thing that is drawn, with its paint: who draws it needs to know nothing else. */
public sealed interface Item {
  /** The same standing elsewhere. */
  Item moved(double dx, double dy);

  /**
   * What a text is for; it is painted as its item says whatever it is, but that a phrase has the
   * colour of the page around it, as it may stand over others.
   */
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
      implements Item {
    @Override
    public Item moved(double dx, double dy) {
      return new Words(role, text, x + dx, y + dy, style, fill);
    }
  }

  /** A small filled rectangle: a stroke of the tally. */
  record Bar(Box box, String fill) implements Item {
    @Override
    public Item moved(double dx, double dy) {
      return new Bar(box.moved(dx, dy), fill);
    }
  }

  /** A filled shape. */
  record Area(Path path, String fill) implements Item {
    @Override
    public Item moved(double dx, double dy) {
      return new Area(path.moved(dx, dy), fill);
    }
  }

  /** A topic's picture: its own identity among those of its topic, and what it shows. */
  record Image(Box box, UUID id, String image, String alt) implements Item {
    @Override
    public Item moved(double dx, double dy) {
      return new Image(box.moved(dx, dy), id, image, alt);
    }
  }

  /**
   * A stroked line.
   *
   * @param width in scene pixels
   * @param dash lengths of strokes and gaps, empty for a line without gaps
   */
  record Line(Path path, String stroke, double width, List<Double> dash) implements Item {
    @Override
    public Item moved(double dx, double dy) {
      return new Line(path.moved(dx, dy), stroke, width, dash);
    }
  }
}
