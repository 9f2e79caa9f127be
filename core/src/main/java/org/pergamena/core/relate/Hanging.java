package org.pergamena.core.relate;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;

/**
 * Makes a tree of topics that hang side by side out of the relations between them: each comes under
 * the one with the most relations of those that lead to it, with the words of that relation on its
 * line; what remains stays across the tree.
 */
public final class Hanging {
  private final TopicMap map;
  private final Map<UUID, List<CrossLink>> leading = new LinkedHashMap<>();
  private final Map<UUID, Integer> relations = new HashMap<>();
  private final Map<UUID, CrossLink> chosen = new HashMap<>();
  private final Map<UUID, Integer> depth = new HashMap<>();

  private Hanging(TopicMap map) {
    this.map = map;
  }

  /**
   * Hangs topics that stand right under one, and have nothing below them, under each other.
   *
   * @return nothing together if they are not related
   */
  public static Change byRelations(TopicMap map, UUID under) {
    Hanging hanging = new Hanging(map);
    List<UUID> loose =
        map.children(map.topic(under)).stream()
            .filter(topic -> topic.children().isEmpty() && !topic.aside())
            .map(Topic::id)
            .toList();
    return hanging.hung(loose);
  }

  private Change hung(List<UUID> loose) {
    Set<UUID> all = new HashSet<>(loose);
    for (CrossLink link : map.links()) {
      if (all.contains(link.from()) && all.contains(link.to())) {
        relations.merge(link.from(), 1, Integer::sum);
        relations.merge(link.to(), 1, Integer::sum);
        if (link.manner().direction() == Manner.Direction.ONE) {
          leading.computeIfAbsent(link.from(), id -> new ArrayList<>()).add(link);
        }
      }
    }
    Set<UUID> led = new HashSet<>();
    leading.values().forEach(links -> links.forEach(link -> led.add(link.to())));
    List<UUID> byWeight = new ArrayList<>(loose);
    byWeight.sort(Comparator.comparing((UUID id) -> -relations.getOrDefault(id, 0)));
    // those that nothing leads to are on top, then the weightiest of each circle
    byWeight.stream().filter(id -> !led.contains(id)).forEach(id -> depth.put(id, 0));
    spread(byWeight.stream().filter(depth::containsKey).toList());
    for (UUID id : byWeight) {
      if (depth.putIfAbsent(id, 0) == null) {
        spread(List.of(id));
      }
    }
    return changes(loose);
  }

  /** Goes along the relations from topics on top, level by level, from the weightiest first. */
  private void spread(List<UUID> tops) {
    Deque<UUID> open = new ArrayDeque<>(tops);
    while (!open.isEmpty()) {
      UUID at = open.remove();
      List<UUID> next = new ArrayList<>();
      for (CrossLink link : leading.getOrDefault(at, List.of())) {
        boolean room = depth.get(at) < TopicMap.DEEPEST_LEVEL / 2;
        if (room && depth.putIfAbsent(link.to(), depth.get(at) + 1) == null) {
          chosen.put(link.to(), link);
          next.add(link.to());
        }
      }
      next.sort(Comparator.comparing((UUID id) -> -relations.getOrDefault(id, 0)));
      open.addAll(next);
    }
  }

  private Change changes(List<UUID> loose) {
    List<UUID> order = new ArrayList<>(loose);
    order.sort(Comparator.comparing((UUID id) -> depth.get(id)));
    List<Change> changes = new ArrayList<>();
    for (UUID id : order) {
      CrossLink link = chosen.get(id);
      if (link != null) {
        changes.add(new TreeChange.Move(id, link.from(), Place.LAST));
        if (!link.manner().supposed() && link.note().isBlank()) {
          changes.add(new LinkChange.Disconnect(link.id()));
          changes.add(new ContentChange.Lead(id, link.phrase()));
        }
      }
    }
    return new Together(changes);
  }
}
