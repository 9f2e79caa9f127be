package org.pergamena.core.layout;

/** A rectangle, its left upper corner and its size in scene pixels. */
public record Box(double x, double y, double width, double height) {
  /** Whether two boxes share some area. */
  public boolean overlaps(Box other) {
    return x < other.x + other.width
        && other.x < x + width
        && y < other.y + other.height
        && other.y < y + height;
  }

  /** The right edge. */
  public double right() {
    return x + width;
  }

  /** The lower edge. */
  public double bottom() {
    return y + height;
  }

  /** Halfway between its left and its right edge. */
  public double middleX() {
    return x + width / 2;
  }

  /** Halfway between its upper and its lower edge. */
  public double middleY() {
    return y + height / 2;
  }

  /** The smallest box around this and another. */
  Box with(Box other) {
    double left = Math.min(x, other.x);
    double top = Math.min(y, other.y);
    double newWidth = Math.max(right(), other.right()) - left;
    return new Box(left, top, newWidth, Math.max(bottom(), other.bottom()) - top);
  }

  Box moved(double dx, double dy) {
    return new Box(x + dx, y + dy, width, height);
  }
}
