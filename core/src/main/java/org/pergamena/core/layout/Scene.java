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
   * @param items what is always drawn of it
   * @param chosen what is drawn besides while one of its ends is chosen
   * @param tie whether it is drawn as a pair of reference marks, as a line would cover words
   */
  public record Across(
      UUID id, UUID from, UUID to, List<Item> items, List<Item> chosen, boolean tie) {}
}
