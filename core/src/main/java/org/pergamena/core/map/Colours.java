package org.pergamena.core.map;

import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** Gives main branches their colours: each the first that no other has. */
final class Colours {
  private Colours() {}

  /** Gives a main branch a colour unless it has one. */
  static void give(UUID main, Map<UUID, Integer> colours) {
    if (!colours.containsKey(main)) {
      Set<Integer> taken = new HashSet<>(colours.values());
      int free = 0;
      while (taken.contains(free)) {
        free++;
      }
      colours.put(main, free);
    }
  }
}
