package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.pergamena.core.map.Topic;

/**
 * Lays the open part of a map out: its regions each in their way, beside them what a person put
 * elsewhere, then the links across.
 */
public final class MapLayout {
  private static final double MARGIN = 24;

  private MapLayout() {}

  /** The scene of a sheet; the same sheet has the same scene. */
  public static Scene lay(Sheet sheet) {
    Regions regions = new Regions(sheet);
    Group whole = regions.whole();
    List<Placed> placed =
        whole.placed().stream().map(p -> p.at(p.x() + MARGIN, p.y() + MARGIN)).toList();
    List<Placed> all = Apart.laid(regions, placed, MARGIN);
    List<Placed> topics = inOrder(sheet, new Neighbours(sheet, all).found());
    Crossings.Drawn drawn = Crossings.drawn(sheet, topics);
    Box bent = drawn.bent();
    if (bent != null && (bent.x() < MARGIN || bent.y() < MARGIN)) {
      double dx = Math.max(0, MARGIN - bent.x());
      double dy = Math.max(0, MARGIN - bent.y());
      List<Placed> moved = topics.stream().map(t -> t.at(t.x() + dx, t.y() + dy)).toList();
      drawn = Crossings.drawn(sheet, moved);
    }
    return scene(sheet.backdrop(), drawn, MARGIN + whole.width(), MARGIN + whole.height());
  }

  private static Scene scene(
      Backdrop backdrop, Crossings.Drawn drawn, double farthest, double lowest) {
    double end = farthest;
    double low = lowest;
    for (Placed topic : drawn.topics()) {
      end = Math.max(end, topic.x() + topic.width());
      low = Math.max(low, topic.y() + topic.height());
    }
    if (drawn.bent() != null) {
      end = Math.max(end, drawn.bent().right());
      low = Math.max(low, drawn.bent().bottom());
    }
    return new Scene(
        Math.ceil(end + MARGIN),
        Math.ceil(low + MARGIN),
        backdrop,
        drawn.topics(),
        drawn.links(),
        DropZone.ALL);
  }

  /**
   * In the order of the map, then those that are shown again: an order that anybody can restore.
   */
  private static List<Placed> inOrder(Sheet sheet, List<Placed> placed) {
    Map<UUID, Placed> byId = new HashMap<>(2 * placed.size());
    placed.forEach(each -> byId.put(each.id(), each));
    List<Placed> ordered = new ArrayList<>();
    for (Topic topic : sheet.map().preorder()) {
      ordered.add(byId.get(topic.id()));
    }
    sheet.map().also().forEach(also -> ordered.add(byId.get(also.id())));
    ordered.removeIf(Objects::isNull);
    return ordered;
  }
}
