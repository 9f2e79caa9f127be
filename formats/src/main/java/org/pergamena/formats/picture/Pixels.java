package org.pergamena.formats.picture;

import org.pergamena.core.layout.Scene;

/**
 * How a picture of pixels is made.
 *
 * @param scale pixels for each scene pixel; 0 where the width is given
 * @param width in pixels; 0 where the scale is given
 * @param clear whether its ground is clear, in formats that have that
 */
public record Pixels(double scale, int width, boolean clear) {
  /** The largest scale. */
  public static final double MOST_SCALE = 8;

  private static final double LEAST_SCALE = 0.05;

  /** So many pixels for each of the scene. */
  public static Pixels scaled(double scale) {
    return new Pixels(scale, 0, false);
  }

  /**
   * The scale for a scene.
   *
   * @throws IllegalArgumentException with a sentence for the person if it is out of bounds
   */
  double of(Scene scene) {
    double wanted = width > 0 ? width / scene.width() : scale;
    if (!(wanted >= LEAST_SCALE && wanted <= MOST_SCALE)) {
      throw new IllegalArgumentException(
          width > 0
              ? "A width of %,d pixels is %s for this map. Choose between %,d and %,d."
                  .formatted(
                      width,
                      wanted > MOST_SCALE ? "too large" : "too small",
                      (long) Math.ceil(scene.width() * LEAST_SCALE),
                      (long) Math.floor(scene.width() * MOST_SCALE))
              : "The scale must be between %s and 8, not %s.".formatted(LEAST_SCALE, scale));
    }
    return wanted;
  }
}
