package org.pergamena.core.map;

/** How strong lines are drawn. */
public enum Strength {
  FINE(0.6),
  USUAL(1),
  STRONG(1.8),
  HEAVY(3);

  private final double factor;

  Strength(double factor) {
    this.factor = factor;
  }

  /** In times of the usual. */
  public double factor() {
    return factor;
  }
}
