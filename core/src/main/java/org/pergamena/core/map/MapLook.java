package org.pergamena.core.map;

/** How a map as a whole is shown. */
public record MapLook(LayoutKind layout) {
  /** The look of a map that nobody has given another. */
  public static final MapLook USUAL = new MapLook(LayoutKind.BRACES);
}
