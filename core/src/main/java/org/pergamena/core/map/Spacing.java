package org.pergamena.core.map;

/** How much room there is between topics. */
public enum Spacing {
  TIGHT(0.55),
  USUAL(1),
  WIDE(1.7);

  private final double factor;

  Spacing(double factor) {
    this.factor = factor;
  }

  /** How many times as much as usual. */
  public double factor() {
    return factor;
  }
}
