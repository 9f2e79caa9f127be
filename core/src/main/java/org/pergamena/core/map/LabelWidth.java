package org.pergamena.core.map;

/** How wide labels grow before they go on in another line. */
public enum LabelWidth {
  NARROW(0.6),
  USUAL(1),
  WIDE(1.6);

  private final double factor;

  LabelWidth(double factor) {
    this.factor = factor;
  }

  /** How many times as wide as usual. */
  public double factor() {
    return factor;
  }
}
