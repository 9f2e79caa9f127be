package org.pergamena.core.map;

/** How large a label is beside what its level has. */
public enum TextSize {
  SMALLER(0.8),
  SMALL(0.9),
  USUAL(1),
  LARGE(1.25),
  LARGER(1.6),
  LARGEST(2.2);

  private final double factor;

  TextSize(double factor) {
    this.factor = factor;
  }

  /** In times of the usual. */
  public double factor() {
    return factor;
  }
}
