package org.pergamena.core.map;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** Gives main branches their colours: each the first that no other has. */
final class Colours {
  private Colours() {}

  /** Gives the main branches that have none a colour; what is no main branch loses its own. */
  static Map<UUID, Integer> given(Collection<UUID> mains, Map<UUID, Integer> before) {
    Map<UUID, Integer> colours = new HashMap<>(before);
    colours.keySet().retainAll(new HashSet<>(mains));
    Set<Integer> taken = new HashSet<>(colours.values());
    int free = 0;
    for (UUID main : mains) {
      if (!colours.containsKey(main)) {
        free = firstFree(taken, free);
        taken.add(free);
        colours.put(main, free);
      }
    }
    return colours;
  }

  /** Gives one more main branch a colour unless it has one. */
  static void give(UUID main, Map<UUID, Integer> colours) {
    if (!colours.containsKey(main)) {
      colours.put(main, firstFree(new HashSet<>(colours.values()), 0));
    }
  }

  private static int firstFree(Set<Integer> taken, int from) {
    int free = from;
    while (taken.contains(free)) {
      free++;
    }
    return free;
  }
}
