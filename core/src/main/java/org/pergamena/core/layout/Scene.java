package org.pergamena.core.layout;

import java.util.List;
import java.util.UUID;

/**
 * A drawn map: what stands where, with the topic that it belongs to.
 *
 * @param width of all that is drawn, margins included
 * @param height of all that is drawn, margins included
 * @param topics every parent before its children
 * @param zones where a dragged topic would go, the same for each topic
 */
public record Scene(
    double width, double height, List<Placed> topics, List<Across> links, List<DropZone> zones) {

  /**
   * A cross-link as it is drawn, where it stands on the page.
   *
   * @param items its line where one is free; marks belong to the topics at which they stand
   * @param tie whether it is a pair of reference marks, as a line would cover words
   * @param said the words that its line has while one of its ends is chosen
   * @param ink of that line
   * @param dash lengths of strokes and gaps of that line
   * @param atFrom whether that line points at its first end; {@code atTo} likewise
   */
  public record Across(
      UUID id,
      UUID from,
      UUID to,
      List<Item> items,
      boolean tie,
      String said,
      String ink,
      List<Double> dash,
      boolean atFrom,
      boolean atTo) {}
}
