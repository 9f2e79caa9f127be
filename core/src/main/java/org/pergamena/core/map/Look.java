package org.pergamena.core.map;

/**
 * What a topic was given by hand of its look; what was not given comes from the theme.
 *
 * @param style of the topic itself
 * @param below of the topic and all below it
 * @param spot where it lies loose beside the tree, or null; only main branches can
 * @param off how far from its parent's upper left corner its own is, or null where it is laid out
 * @param width at which its label is broken, in scene pixels, or null
 * @param arrangement of its branch
 */
public record Look(
    Style style, Style below, Spot spot, Spot off, Integer width, Arrangement arrangement) {
  /** Nothing given by hand. */
  public static final Look NONE =
      new Look(Style.NONE, Style.NONE, null, null, null, Arrangement.NONE);

  /** The least width that a label can be given, in scene pixels. */
  public static final int NARROWEST = 60;

  /** The greatest width that a label can be given, in scene pixels. */
  public static final int WIDEST = 1_200;

  public Look {
    if (width != null && (width < NARROWEST || width > WIDEST)) {
      throw new MapRuleException(
          "A label is " + NARROWEST + " to " + WIDEST + " wide. Choose a width between.");
    }
  }

  /** A place on the page: distances in scene pixels. */
  public record Spot(double x, double y) {
    private static final double FARTHEST = 20_000;

    public Spot {
      if (!(Math.abs(x) <= FARTHEST && Math.abs(y) <= FARTHEST)) {
        throw new MapRuleException("That place is too far from the map. Choose one nearer to it.");
      }
    }
  }

  /** The same in another style. */
  public Look styled(Style newStyle) {
    return new Look(newStyle, below, spot, off, width, arrangement);
  }

  /** The same with another style of all below it too. */
  public Look below(Style newBelow) {
    return new Look(style, newBelow, spot, off, width, arrangement);
  }

  /** The same lying loose elsewhere, or in the tree if that is null. */
  public Look at(Spot newSpot) {
    return new Look(style, below, newSpot, off, width, arrangement);
  }

  /** The same standing off its parent otherwise, or where it is laid out if that is null. */
  public Look off(Spot newOff) {
    return new Look(style, below, spot, newOff, width, arrangement);
  }

  /** The same with its label broken at another width, or at the usual if that is null. */
  public Look wide(Integer newWidth) {
    return new Look(style, below, spot, off, newWidth, arrangement);
  }

  /** The same with its branch laid out in another way. */
  public Look arranged(Arrangement newArrangement) {
    return new Look(style, below, spot, off, width, newArrangement);
  }
}
