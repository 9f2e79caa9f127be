package org.pergamena.core.layout;

import java.util.List;
import java.util.stream.Stream;

/**
 * A part of a topic over which a dragged topic means to go to a place. A layout has the same zones
 * for all its topics; of those that a point is near, the nearest counts.
 *
 * @param flow of the topics that it is for: for what comes under them where their children stand,
 *     for what comes beside them where they stand themselves among the children of their parent
 * @param box in shares of the topic's own box: 0, 0, 1, 1 is all of it
 * @param edge the edge of the topic at which it is shown where the dragged one would go
 */
public record DropZone(Flow flow, Where where, Box box, Edge edge) {
  /** From here outward a topic is dropped under another, as a share of its width or height. */
  private static final double OUTWARD = 0.6;

  private static final double INWARD = 1 - OUTWARD;

  /** The zones of all topics. */
  static final List<DropZone> ALL =
      Stream.of(
              beside(Flow.RIGHT, 0, OUTWARD, Edge.RIGHT),
              beside(Flow.LEFT, INWARD, 0, Edge.LEFT),
              beside(Flow.LIST, 0, OUTWARD, Edge.RIGHT),
              inRow(Flow.DOWN, 0.7, Edge.BOTTOM),
              inRow(Flow.UP, -0.4, Edge.TOP))
          .flatMap(List::stream)
          .toList();

  /** The outer part of a topic and its middle mean under it, the rest before and after it. */
  private static List<DropZone> beside(Flow flow, double inner, double outer, Edge out) {
    return List.of(
        new DropZone(flow, Where.UNDER, new Box(outer, -0.2, INWARD, 1.4), out),
        new DropZone(flow, Where.UNDER, new Box(inner, 0.3, OUTWARD, 0.4), out),
        new DropZone(flow, Where.BEFORE, new Box(inner, -0.4, OUTWARD, 0.7), Edge.TOP),
        new DropZone(flow, Where.AFTER, new Box(inner, 0.7, OUTWARD, 0.7), Edge.BOTTOM));
  }

  private static List<DropZone> inRow(Flow flow, double outer, Edge out) {
    return List.of(
        new DropZone(flow, Where.UNDER, new Box(0, outer, 1, 0.7), out),
        new DropZone(flow, Where.UNDER, new Box(0.3, 0, 0.4, 1), out),
        new DropZone(flow, Where.BEFORE, new Box(-0.2, 0, 0.5, 1), Edge.LEFT),
        new DropZone(flow, Where.AFTER, new Box(0.7, 0, 0.5, 1), Edge.RIGHT));
  }

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
