package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.pair.Entry;
import org.pergamena.core.reply.Reply.Point;

/** The points of a reply as something that can be compared. */
final class Entries {
  private Entries() {}

  /**
   * The points of a reply.
   *
   * @param keys what each key that it cites stands for; other keys stand for themselves
   */
  static List<Entry> of(Reply reply, Map<String, UUID> keys) {
    List<Entry> entries = new ArrayList<>();
    List<Integer> open = new ArrayList<>();
    for (Point point : reply.points()) {
      while (open.size() >= point.level()) {
        open.remove(open.size() - 1);
      }
      int parent = open.isEmpty() ? -1 : open.get(open.size() - 1);
      Set<String> cites = new HashSet<>();
      point
          .cites()
          .forEach(key -> cites.add(keys.containsKey(key) ? keys.get(key).toString() : key));
      open.add(entries.size());
      entries.add(new Entry(parent, null, point.label(), point.definition(), cites));
    }
    return entries;
  }
}
