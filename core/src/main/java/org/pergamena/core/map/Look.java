package org.pergamena.core.map;

/**
 * What a topic was given by hand of its look; what was not given comes from the theme.
 *
 * @param ink of its label, or null
 */
public record Look(Ink ink) {
  /** Nothing given by hand. */
  public static final Look NONE = new Look(null);
}
