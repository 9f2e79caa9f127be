package org.pergamena.core.layout;

import java.util.List;
import org.pergamena.core.map.LineForm;

/**
 * The lines from a topic to its children, whichever way these stand. Distances are outward from the
 * edge at which the lines begin, and across, as coordinates of the page.
 */
final class Connectors {
  static final double TOGGLE = 24;
  static final double BRACE = 14;

  private static final double STUB = 9;
  private static final double TOUCH = 3;
  private static final double HEAD = 6;
  private static final double WIDE = 0.62;

  private final Flow flow;
  private final double edge;
  private final boolean arrows;

  /**
   * Lines that begin at an edge.
   *
   * @param edge the height or the distance from the left that the topic's outer edge has
   * @param arrows whether they end in heads
   */
  Connectors(Flow flow, double edge, boolean arrows) {
    this.flow = flow;
    this.edge = edge;
    this.arrows = arrows;
  }

  /** Draws a head whose tip is at a place, along a direction of any length. */
  static void head(Path.Pen pen, double x, double y, double dx, double dy) {
    double length = Math.max(1e-6, Math.hypot(dx, dy));
    double backX = x - HEAD * dx / length;
    double backY = y - HEAD * dy / length;
    double wideX = HEAD * WIDE * dy / length;
    double wideY = HEAD * WIDE * dx / length;
    pen.move(backX - wideX, backY + wideY).line(x, y).line(backX + wideX, backY - wideY);
  }

  private double x(double out, double across) {
    return switch (flow) {
      case RIGHT, LIST -> edge + out;
      case LEFT -> edge - out;
      case DOWN, UP -> across;
    };
  }

  private double y(double out, double across) {
    return switch (flow) {
      case RIGHT, LEFT, LIST -> across;
      case DOWN -> edge + out;
      case UP -> edge - out;
    };
  }

  /**
   * The lines.
   *
   * @param stem where they begin
   * @param axis across, of the topic
   * @param spine where they part
   * @param end where the children begin
   * @param ends across, of the children, in order
   */
  Path lines(LineForm form, double stem, double axis, double spine, double end, List<Double> ends) {
    Path.Pen pen = new Path.Pen();
    switch (form) {
      case BRACE -> brace(pen, stem, axis, spine, ends);
      case ELBOW -> elbow(pen, stem, axis, spine, end - TOUCH, ends);
      case CURVE -> curves(pen, stem, axis, end - TOUCH, ends);
      case STRAIGHT -> straight(pen, stem, axis, end - TOUCH, ends);
      default -> throw new IllegalStateException("unknown lines " + form);
    }
    if (arrows) {
      heads(pen, form == LineForm.STRAIGHT, stem, axis, end - 1, ends);
    }
    return pen.path();
  }

  private void heads(
      Path.Pen pen, boolean straight, double stem, double axis, double tip, List<Double> ends) {
    for (double across : ends) {
      double from = straight ? axis : across;
      double dx = x(tip, across) - x(stem, from);
      double dy = y(tip, across) - y(stem, from);
      head(pen, x(tip, across), y(tip, across), dx, dy);
    }
  }

  private Path.Pen move(Path.Pen pen, double out, double across) {
    return pen.move(x(out, across), y(out, across));
  }

  private Path.Pen line(Path.Pen pen, double out, double across) {
    return pen.line(x(out, across), y(out, across));
  }

  private Path.Pen curve(Path.Pen pen, double cOut, double cAcross, double out, double across) {
    return pen.curve(x(cOut, cAcross), y(cOut, cAcross), x(out, across), y(out, across));
  }

  /** A stem to the cusp, and the brace from the first child to the last. */
  private void brace(Path.Pen pen, double stem, double axis, double spine, List<Double> ends) {
    double first = ends.get(0);
    double last = ends.get(ends.size() - 1);
    double half = BRACE / 2;
    move(pen, stem, axis);
    if (last - first < 1) {
      line(pen, spine + half, first);
      return;
    }
    line(pen, spine - half, axis);
    arm(pen, axis, spine, first);
    move(pen, spine - half, axis);
    arm(pen, axis, spine, last);
  }

  private void arm(Path.Pen pen, double axis, double spine, double end) {
    double half = BRACE / 2;
    double way = end - axis;
    double bend = Math.copySign(Math.min(half, Math.abs(way) / 2), way);
    curve(pen, spine, axis, spine, axis + bend);
    line(pen, spine, end - bend);
    curve(pen, spine, end, spine + half, end);
  }

  private void elbow(
      Path.Pen pen, double stem, double axis, double spine, double end, List<Double> ends) {
    line(move(pen, stem, axis), spine, axis);
    double first = Math.min(axis, ends.get(0));
    double last = Math.max(axis, ends.get(ends.size() - 1));
    if (last - first > 1) {
      line(move(pen, spine, first), spine, last);
    }
    ends.forEach(across -> line(move(pen, spine, across), end, across));
  }

  private void curves(Path.Pen pen, double stem, double axis, double end, List<Double> ends) {
    double half = (stem + end) / 2;
    for (double across : ends) {
      move(pen, stem, axis);
      curve(pen, (stem + half) / 2, axis, half, (axis + across) / 2);
      curve(pen, (half + end) / 2, across, end, across);
    }
  }

  private void straight(Path.Pen pen, double stem, double axis, double end, List<Double> ends) {
    ends.forEach(across -> line(move(pen, stem, axis), end, across));
  }

  /** Where a topic is closed: around where its lines part. */
  Box toggle(double axis, double spine) {
    return new Box(x(spine, axis) - TOGGLE / 2, y(spine, axis) - TOGGLE / 2, TOGGLE, TOGGLE);
  }

  /** The short brace after a closed topic. */
  Path stub(double axis) {
    Path.Pen pen = new Path.Pen();
    for (double end : new double[] {axis - STUB, axis + STUB}) {
      move(pen, TOUCH, axis);
      arm(pen, axis, TOUCH + BRACE / 2, end);
    }
    return pen.path();
  }

  /** Where a closed topic is opened. */
  Box closedToggle(double axis) {
    return toggle(axis, TOGGLE / 2);
  }
}
