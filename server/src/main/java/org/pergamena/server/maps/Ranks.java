package org.pergamena.server.maps;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * Numbers that keep siblings in order, with room between them, so that one that comes or moves
 * changes no other's number.
 */
final class Ranks {
  /** Room between neighbours when there is all the room one could wish. */
  static final long GAP = 1 << 20;

  private Ranks() {}

  /**
   * New ranks for those of an order that were placed, or for all of it where room has run out.
   *
   * @param order the siblings
   * @param known the ranks that those have which were not placed, growing along the order
   */
  static Map<UUID, Long> of(List<UUID> order, Set<UUID> placed, Map<UUID, Long> known) {
    Map<UUID, Long> given = new HashMap<>();
    int at = 0;
    Long low = null;
    while (at < order.size()) {
      if (!placed.contains(order.get(at))) {
        low = known.get(order.get(at++));
        continue;
      }
      int end = at;
      while (end < order.size() && placed.contains(order.get(end))) {
        end++;
      }
      int count = end - at;
      Long high = end < order.size() ? known.get(order.get(end)) : null;
      long from = low != null ? low : high != null ? high - (count + 1) * GAP : 0;
      long step = high != null ? (high - from) / (count + 1) : GAP;
      if (step < 1) {
        return renumbered(order);
      }
      for (int i = 1; at < end; at++, i++) {
        given.put(order.get(at), from + i * step);
      }
      low = given.get(order.get(end - 1));
    }
    return given;
  }

  private static Map<UUID, Long> renumbered(List<UUID> order) {
    Map<UUID, Long> ranks = new HashMap<>();
    order.forEach(id -> ranks.put(id, (ranks.size() + 1) * GAP));
    return ranks;
  }
}
