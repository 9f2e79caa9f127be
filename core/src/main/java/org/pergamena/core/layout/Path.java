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

  Path moved(double dx, double dy) {
    return new Path(steps.stream().map(step -> step.moved(dx, dy)).toList());
  }

  /** The path as SVG path data (W3C SVG 1.1, chapter 8), to a tenth of a pixel. */
  public String svg() {
    StringBuilder data = new StringBuilder();
    for (Step step : steps) {
      switch (step.kind()) {
        case MOVE -> point(data.append('M'), step.x(), step.y());
        case LINE -> point(data.append('L'), step.x(), step.y());
        case CURVE -> {
          point(data.append('Q'), step.cx(), step.cy());
          point(data.append(' '), step.x(), step.y());
        }
        default -> throw new IllegalStateException("unknown step " + step.kind());
      }
    }
    return data.toString();
  }

  private static void point(StringBuilder data, double x, double y) {
    tenths(data, x);
    tenths(data.append(' '), y);
  }

  private static void tenths(StringBuilder data, double value) {
    long tenths = Math.round(value * 10);
    data.append(tenths < 0 ? "-" : "").append(Math.abs(tenths) / 10);
    data.append('.').append(Math.abs(tenths) % 10);
  }
}
