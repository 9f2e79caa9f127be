package org.pergamena.core.map;

import java.util.UUID;

/**
 * A picture that a topic carries.
 *
 * @param id its own among those of its topic
 * @param image what it shows, by the name under which the image is kept; never empty
 * @param alt what it shows, in words, for those who cannot see it; may be empty
 * @param width in scene pixels
 * @param ratio height for each unit of width
 */
public record Picture(UUID id, String image, String alt, Where where, double width, double ratio) {
  /** The most pictures on one topic. */
  public static final int MOST = 4;

  /** The narrowest, in scene pixels. */
  public static final double NARROWEST = 16;

  /** The widest, and the highest, in scene pixels. */
  public static final double WIDEST = 640;

  private static final int LONGEST_ALT = 1_000;

  /** On which side of the label it stands. */
  public enum Where {
    BEFORE,
    AFTER,
    ABOVE,
    BELOW
  }

  public Picture {
    if (alt.length() > LONGEST_ALT) {
      throw new MapRuleException(
          "What a picture shows is told in at most "
              + LONGEST_ALT
              + " characters. Put the rest into the note.");
    }
    if (!(ratio >= 0.02 && ratio <= 50)) {
      throw new MapRuleException(
          "This picture is too narrow to be shown: one side is over 50 times the other. Cut it.");
    }
    if (!(width >= 1 && width <= WIDEST && width * ratio <= WIDEST)) {
      throw new MapRuleException(
          "A picture is at most " + (int) WIDEST + " wide and high on the map. Make it smaller.");
    }
  }

  /** In scene pixels. */
  public double height() {
    return width * ratio;
  }
}
