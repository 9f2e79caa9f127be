package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.layout.Placed.Near;
import org.pergamena.core.map.Topic;

/** Finds what the arrow keys lead to, for layouts whose levels stand in columns. */
final class Neighbours {
  /** A column: the topics of a level on one side. */
  private record Column(int level, boolean leftward) {}

  private Neighbours() {}

  static List<Placed> found(Sheet sheet, List<Placed> placed) {
    Map<Column, List<Placed>> columns = new HashMap<>();
    Map<UUID, Placed> byId = new HashMap<>(2 * placed.size());
    for (Placed topic : placed) {
      byId.put(topic.id(), topic);
      Column column = new Column(topic.level(), topic.leftward());
      columns.computeIfAbsent(column, key -> new ArrayList<>()).add(topic);
    }
    Map<UUID, UUID> above = new HashMap<>(2 * placed.size());
    Map<UUID, UUID> below = new HashMap<>(2 * placed.size());
    for (List<Placed> column : columns.values()) {
      for (int i = 1; i < column.size(); i++) {
        above.put(column.get(i).id(), column.get(i - 1).id());
        below.put(column.get(i - 1).id(), column.get(i).id());
      }
    }
    List<Placed> found = new ArrayList<>();
    for (Placed topic : placed) {
      if (topic.again() != null) {
        UUID parent = sheet.map().also(topic.id()).parent();
        UUID left = topic.leftward() ? null : parent;
        UUID right = topic.leftward() ? parent : null;
        found.add(topic.with(new Near(left, right, above.get(topic.id()), below.get(topic.id()))));
        continue;
      }
      Topic self = sheet.map().topic(topic.id());
      UUID outwardRight = first(sheet, self, byId, false);
      UUID outwardLeft = first(sheet, self, byId, true);
      UUID left = topic.level() == 0 || topic.leftward() ? outwardLeft : self.parent();
      UUID right = topic.level() == 0 || !topic.leftward() ? outwardRight : self.parent();
      found.add(topic.with(new Near(left, right, above.get(topic.id()), below.get(topic.id()))));
    }
    return found;
  }

  private static UUID first(Sheet sheet, Topic topic, Map<UUID, Placed> byId, boolean leftward) {
    for (Topic child : sheet.children(topic)) {
      if (byId.get(child.id()).leftward() == leftward) {
        return child.id();
      }
    }
    return null;
  }
}
