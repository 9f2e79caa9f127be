package org.pergamena.core.layout;

/**
 * A part of a topic over which a dragged topic means to go to a place. A layout has the same zones
 * for all its topics; of those that a point is near, the nearest counts.
 *
 * @param leftward whether it is for topics whose children stand left of them, or for the others
 * @param box in shares of the topic's own box: 0, 0, 1, 1 is all of it
 * @param edge the edge of the topic at which it is shown where the dragged one would go
 */
public record DropZone(boolean leftward, Where where, Box box, Edge edge) {
  /** The place that is meant: beside the topic, or as the last of its children. */
  public enum Where {
    BEFORE,
    AFTER,
    UNDER
  }

  /** An edge of a topic's box. */
  public enum Edge {
    LEFT,
    TOP,
    RIGHT,
    BOTTOM
  }
}
