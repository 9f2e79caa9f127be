package org.pergamena.core.map;

/**
 * Which part of a circle a radial layout takes.
 *
 * @param from where its first branch begins, in degrees clockwise from the top, 0 to 359
 * @param spread how far it opens, in degrees, 30 to 360
 */
public record Fan(int from, int spread) {
  /** The whole circle, from the top on. */
  public static final Fan WHOLE = new Fan(0, 360);

  private static final int LEAST = 30;
  private static final int CIRCLE = 360;

  public Fan {
    if (from < 0 || from >= CIRCLE || spread < LEAST || spread > CIRCLE) {
      throw new MapRuleException(
          "A circle begins at 0 to 359 degrees and opens by 30 to 360. Choose others.");
    }
  }
}
