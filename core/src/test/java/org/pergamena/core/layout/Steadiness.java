package org.pergamena.core.layout;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;

/**
 * How far topics move by an edit that does not concern them, while the page keeps the edited one
 * where it is: mean distance in scene pixels for each kind of edit.
 *
 * @param moving share of those topics that move at all, 0 to 1
 */
record Steadiness(double add, double rename, double remove, double moving) {
  private static final int EDITS = 30;

  String row(LayoutKind kind) {
    return "| %s | %.0f px | %.0f px | %.0f px | %.0f%% |"
        .formatted(kind, add, rename, remove, 100 * moving);
  }

  static Steadiness of(TopicMap map) {
    Random random = new Random(7);
    double[] sums = new double[3];
    double[] moved = new double[2];
    List<Topic> all = map.preorder();
    for (int i = 0; i < EDITS; i++) {
      Topic topic = all.get(1 + random.nextInt(all.size() - 1));
      Topic added = Topic.labelled(new UUID(2, i), "Silt");
      sums[0] +=
          moved(
              map,
              new TreeChange.AddBranch(topic.id(), Place.LAST, Branch.of(added)),
              topic.id(),
              moved);
      sums[1] +=
          moved(
              map,
              new ContentChange.Relabel(topic.id(), topic.label() + " again"),
              topic.id(),
              moved);
      sums[2] += moved(map, new TreeChange.RemoveBranch(topic.id()), topic.parent(), moved);
    }
    return new Steadiness(sums[0] / EDITS, sums[1] / EDITS, sums[2] / EDITS, moved[0] / moved[1]);
  }

  /** The mean way of all topics that are there before and after, the anchor standing still. */
  private static double moved(TopicMap map, Change change, UUID anchor, double[] moved) {
    Map<UUID, Box> before = boxes(map);
    Map<UUID, Box> after = boxes(map.apply(change).map());
    double dx = after.get(anchor).x() - before.get(anchor).x();
    double dy = after.get(anchor).y() - before.get(anchor).y();
    double sum = 0;
    int count = 0;
    for (Map.Entry<UUID, Box> one : before.entrySet()) {
      Box now = after.get(one.getKey());
      if (now != null && !one.getKey().equals(anchor)) {
        Box then = one.getValue();
        double way = Math.hypot(now.x() - dx - then.x(), now.y() - dy - then.y());
        sum += way;
        count++;
        moved[0] += way > 0.5 ? 1 : 0;
        moved[1]++;
      }
    }
    return sum / count;
  }

  private static Map<UUID, Box> boxes(TopicMap map) {
    Sheet sheet =
        new Sheet(
            map,
            null,
            Set.of(),
            topic -> TopicLook.bare("1.1", List.of(0, 1), ""),
            new Typesetter(Papers.PALETTE, Papers.MEASURER));
    Map<UUID, Box> boxes = new HashMap<>();
    MapLayout.lay(sheet).topics().forEach(topic -> boxes.put(topic.id(), topic.box()));
    return boxes;
  }
}
