package org.pergamena.core.map;

/**
 * How far a cross-link's line is bent by hand: from the middle between its two topics to where it
 * passes, in scene pixels.
 */
public record Bend(double x, double y) {
  private static final double FARTHEST = 20_000;

  public Bend {
    if (!(Math.abs(x) <= FARTHEST && Math.abs(y) <= FARTHEST)) {
      throw new MapRuleException("The line cannot be bent as far as that. Bend it less.");
    }
  }
}
