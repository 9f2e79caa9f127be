package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/**
 * A drawn map: what stands where, with the topic that it belongs to.
 *
 * @param width of all that is drawn, margins included
 * @param height of all that is drawn, margins included
 * @param backdrop behind all
 * @param topics every parent before its children
 * @param zones where a dragged topic would go, the same for each topic
 */
public record Scene(
    double width,
    double height,
    Backdrop backdrop,
    List<Placed> topics,
    List<Across> links,
    List<DropZone> zones) {

  private static final double MARGIN = 24;
  private static final int DARK = 3 * 128;

  /** The colour behind all. */
  public String ground() {
    return backdrop.ground();
  }

  /** Words across all, behind what is drawn; null without any. */
  public Item.Words watermark() {
    return backdrop.watermark() == null ? null : backdrop.watermark().in(width, height);
  }

  /** Whether its ground is dark, so that what is drawn would be lost on another. */
  public boolean dark() {
    int colour = Integer.decode(ground());
    return (colour >> 16) + (colour >> 8 & 0xff) + (colour & 0xff) < DARK;
  }

  /** What is drawn of some topics alone, and of the links between them. */
  public Scene only(Set<UUID> kept) {
    List<Placed> placed = topics.stream().filter(topic -> kept.contains(topic.id())).toList();
    if (placed.isEmpty()) {
      return new Scene(0, 0, backdrop, List.of(), List.of(), List.of());
    }
    Box all = null;
    for (Placed topic : placed) {
      Box reach = topic.reach().moved(topic.x(), topic.y());
      all = all == null ? reach : all.with(reach);
    }
    double dx = MARGIN - all.x();
    double dy = MARGIN - all.y();
    List<Across> between = new ArrayList<>();
    for (Across link : links) {
      if (kept.contains(link.from()) && kept.contains(link.to())) {
        between.add(link.moved(dx, dy));
      }
    }
    return new Scene(
        all.width() + 2 * MARGIN,
        all.height() + 2 * MARGIN,
        backdrop,
        placed.stream().map(topic -> topic.at(topic.x() + dx, topic.y() + dy)).toList(),
        between,
        List.of());
  }

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
      boolean atTo) {
    private Across moved(double dx, double dy) {
      List<Item> all = items.stream().map(item -> item.moved(dx, dy)).toList();
      return new Across(id, from, to, all, tie, said, ink, dash, atFrom, atTo);
    }
  }
}
