package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;

/** A stroked line: straight pieces and quadratic curves. */
public record Path(List<Step> steps) {
  public Path {
    steps = List.copyOf(steps);
  }

  /** What a step does from where the one before ended. */
  public enum Kind {
    MOVE,
    LINE,
    CURVE
  }

  /**
   * One step, in scene pixels.
   *
   * @param cx the control point of a curve; the end itself for the others
   * @param x where the step ends
   */
  public record Step(Kind kind, double cx, double cy, double x, double y) {
    Step moved(double dx, double dy) {
      return new Step(kind, cx + dx, cy + dy, x + dx, y + dy);
    }
  }

  static final class Pen {
    private final List<Step> steps = new ArrayList<>();

    Pen move(double x, double y) {
      steps.add(new Step(Kind.MOVE, x, y, x, y));
      return this;
    }

    Pen line(double x, double y) {
      steps.add(new Step(Kind.LINE, x, y, x, y));
      return this;
    }

    Pen curve(double cx, double cy, double x, double y) {
      steps.add(new Step(Kind.CURVE, cx, cy, x, y));
      return this;
    }

    Path path() {
      return new Path(steps);
    }
  }

  /** The path at another size, its origin the same. */
  public Path scaled(double factor) {
    return new Path(
        steps.stream()
            .map(
                s ->
                    new Step(
                        s.kind(), s.cx() * factor, s.cy() * factor, s.x() * factor, s.y() * factor))
            .toList());
  }

  Path moved(double dx, double dy) {
    return new Path(steps.stream().map(step -> step.moved(dx, dy)).toList());
  }

  /** Around its points and those that draw its curves. */
  Box box() {
    double left = Double.MAX_VALUE;
    double top = Double.MAX_VALUE;
    double right = -Double.MAX_VALUE;
    double bottom = -Double.MAX_VALUE;
    for (Step step : steps) {
      left = Math.min(left, Math.min(step.x(), step.cx()));
      top = Math.min(top, Math.min(step.y(), step.cy()));
      right = Math.max(right, Math.max(step.x(), step.cx()));
      bottom = Math.max(bottom, Math.max(step.y(), step.cy()));
    }
    return new Box(left, top, right - left, bottom - top);
  }

  /**
   * The path as SVG path data (W3C SVG 1.1, chapter 8), to a tenth of a pixel. All of it is
   * relative, so that a move before it draws the path from there.
   */
  public String svg() {
    StringBuilder data = new StringBuilder();
    long x = 0;
    long y = 0;
    for (Step step : steps) {
      long endX = tenths(step.x());
      long endY = tenths(step.y());
      switch (step.kind()) {
        case MOVE -> data.append('m');
        case LINE -> data.append('l');
        case CURVE -> {
          data.append('q');
          append(data, tenths(step.cx()) - x, tenths(step.cy()) - y);
          data.append(' ');
        }
        default -> throw new IllegalStateException("unknown step " + step.kind());
      }
      append(data, endX - x, endY - y);
      x = endX;
      y = endY;
    }
    return data.toString();
  }

  private static long tenths(double pixels) {
    return Math.round(pixels * 10);
  }

  private static void append(StringBuilder data, long x, long y) {
    append(data, x);
    append(data.append(' '), y);
  }

  private static void append(StringBuilder data, long tenths) {
    data.append(tenths < 0 ? "-" : "").append(Math.abs(tenths) / 10);
    if (tenths % 10 != 0) {
      data.append('.').append(Math.abs(tenths) % 10);
    }
  }
}
