package org.pergamena.core.map;

/**
 * How a cross-link holds between its two ends.
 *
 * @param supposed whether it is a supposition, not yet asserted
 */
public record Manner(Direction direction, boolean supposed) {
  /** An assertion that leads from one end to the other. */
  public static final Manner USUAL = new Manner(Direction.ONE, false);

  /** Which of the two ends a link points at. */
  public enum Direction {
    NONE("\u2014"),
    /** From the first to the second. */
    ONE("\u2192"),
    BOTH("\u2194");

    private final String arrow;

    Direction(String arrow) {
      this.arrow = arrow;
    }

    /** The one that is written so; from the first to the second if none is. */
    public static Direction written(String arrow) {
      for (Direction direction : values()) {
        if (direction.arrow.equals(arrow)) {
          return direction;
        }
      }
      return ONE;
    }

    /** As it is written between the first end and the second. */
    public String arrow() {
      return arrow;
    }
  }
}
