package org.pergamena.core.map;

/**
 * What a topic was given by hand of its look; what was not given comes from the theme.
 *
 * @param ink of its label, or null
 * @param spot where it lies loose beside the tree, or null; only main branches can
 * @param arrangement of its branch
 */
public record Look(Ink ink, Spot spot, Arrangement arrangement) {
  /** Nothing given by hand. */
  public static final Look NONE = new Look(null, null, Arrangement.NONE);

  /** A place on the page: distances from the root's upper left corner, in scene pixels. */
  public record Spot(double x, double y) {
    private static final double FARTHEST = 20_000;

    public Spot {
      if (!(Math.abs(x) <= FARTHEST && Math.abs(y) <= FARTHEST)) {
        throw new MapRuleException("That place is too far from the map. Choose one nearer to it.");
      }
    }
  }

  /** A look of which only the ink is given; none if that is null. */
  public static Look inked(Ink ink) {
    return NONE.withInk(ink);
  }

  /** The same with another ink. */
  public Look withInk(Ink newInk) {
    return new Look(newInk, spot, arrangement);
  }

  /** The same lying loose elsewhere, or in the tree if that is null. */
  public Look at(Spot newSpot) {
    return new Look(ink, newSpot, arrangement);
  }

  /** The same with its branch laid out in another way. */
  public Look arranged(Arrangement newArrangement) {
    return new Look(ink, spot, newArrangement);
  }
}
