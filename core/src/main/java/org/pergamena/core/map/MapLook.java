package org.pergamena.core.map;

/**
 * How a map as a whole is shown.
 *
 * @param arrangement has a layout
 * @param numbered whether topics have their numbers beside them
 * @param tinted whether a cross-link has the colour of the branch that it comes from
 */
public record MapLook(
    Arrangement arrangement, MapTheme theme, boolean numbered, Crossing crossing, boolean tinted) {
  /** The look of a map that nobody has given another. */
  public static final MapLook USUAL =
      new MapLook(Arrangement.of(LayoutKind.BRACES), MapTheme.VELLUM, true, Crossing.LINES, false);

  public MapLook {
    if (arrangement.layout() == null) {
      throw new MapRuleException("A map has a layout. Choose one.");
    }
  }

  /** The same laid out in another way. */
  public MapLook with(Arrangement newArrangement) {
    return new MapLook(newArrangement, theme, numbered, crossing, tinted);
  }

  /** The same in another theme. */
  public MapLook with(MapTheme newTheme) {
    return new MapLook(arrangement, newTheme, numbered, crossing, tinted);
  }

  /** The same with cross-links drawn in another way. */
  public MapLook with(Crossing newCrossing) {
    return new MapLook(arrangement, theme, numbered, newCrossing, tinted);
  }

  /** How cross-links are drawn. */
  public enum Crossing {
    /** As lines where these cover no words, else as ties. */
    LINES,
    /** As pairs of reference marks. */
    TIES,
    /** Those of the chosen topic alone. */
    CHOSEN
  }
}
