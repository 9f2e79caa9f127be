package org.pergamena.core.map;

/**
 * How a map as a whole is shown.
 *
 * @param numbered whether topics have their numbers beside them
 * @param tinted whether a cross-link has the colour of the branch that it comes from
 */
public record MapLook(LayoutKind layout, boolean numbered, Crossing crossing, boolean tinted) {
  /** The look of a map that nobody has given another. */
  public static final MapLook USUAL = new MapLook(LayoutKind.BRACES, true, Crossing.LINES, false);

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
