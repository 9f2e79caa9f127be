package org.pergamena.core.layout;

import java.util.List;
import org.pergamena.core.map.Outline;

/**
 * What is drawn around a label.
 *
 * @param x how far it reaches out beside the words
 * @param y how far above and below
 */
record Frame(Outline outline, double x, double y) {
  private static final double ROUND = 7;
  private static final double BRACE = 5;
  private static final double OVAL = 0.12;

  /** The frame of words of a width. */
  static Frame of(Outline outline, boolean ground, double width) {
    Outline kind = outline == null ? Outline.NONE : outline;
    return switch (kind) {
      case NONE -> ground ? new Frame(kind, 5, 2) : new Frame(kind, 0, 0);
      case UNDERLINE -> ground ? new Frame(kind, 5, 3) : new Frame(kind, 0, 2);
      case BOX, ROUNDED -> new Frame(kind, 8, 4);
      case BRACE -> new Frame(kind, 11, 3);
      case OVAL -> new Frame(kind, Math.max(14, width * OVAL), 9);
    };
  }

  /** The shape that is filled and, if it has an outline, drawn. */
  Path shape(Box box) {
    return switch (outline) {
      case OVAL -> oval(box);
      case BOX -> rounded(box, 0);
      case ROUNDED -> rounded(box, Math.min(ROUND, box.height() / 2));
      default -> rounded(box, 3);
    };
  }

  /** The line that is drawn, null without one. */
  Path line(Box box) {
    return switch (outline) {
      case NONE -> null;
      case UNDERLINE ->
          new Path.Pen().move(box.x(), box.bottom()).line(box.right(), box.bottom()).path();
      case BRACE -> braces(box);
      default -> shape(box);
    };
  }

  private static Path rounded(Box box, double round) {
    double left = box.x();
    double right = box.right();
    double top = box.y();
    double low = box.bottom();
    Path.Pen pen = new Path.Pen().move(left + round, top).line(right - round, top);
    pen.curve(right, top, right, top + round).line(right, low - round);
    pen.curve(right, low, right - round, low).line(left + round, low);
    pen.curve(left, low, left, low - round).line(left, top + round);
    return pen.curve(left, top, left + round, top).path();
  }

  /** Eight quadratic curves, which differ from an ellipse by less than a hundredth of its axes. */
  private static Path oval(Box box) {
    double rx = box.width() / 2;
    double ry = box.height() / 2;
    double step = Math.PI / 4;
    double out = 1 / Math.cos(step / 2);
    Path.Pen pen = new Path.Pen().move(box.right(), box.middleY());
    for (int i = 0; i < 8; i++) {
      double half = step * (i + 0.5);
      double end = step * (i + 1);
      pen.curve(
          box.middleX() + rx * out * Math.cos(half),
          box.middleY() + ry * out * Math.sin(half),
          box.middleX() + rx * Math.cos(end),
          box.middleY() + ry * Math.sin(end));
    }
    return pen.path();
  }

  private static Path braces(Box box) {
    Path.Pen pen = new Path.Pen();
    for (double side : List.of(-1.0, 1.0)) {
      double outer = side < 0 ? box.x() : box.right();
      double spine = outer - side * BRACE;
      double inner = spine - side * BRACE;
      double bend = Math.min(BRACE, box.height() / 4);
      pen.move(inner, box.y()).curve(spine, box.y(), spine, box.y() + bend);
      pen.line(spine, box.middleY() - bend).curve(spine, box.middleY(), outer, box.middleY());
      pen.curve(spine, box.middleY(), spine, box.middleY() + bend);
      pen.line(spine, box.bottom() - bend).curve(spine, box.bottom(), inner, box.bottom());
    }
    return pen.path();
  }
}
