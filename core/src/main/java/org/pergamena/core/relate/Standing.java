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
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/**
 * How topics stand among each other by their relations: cross-links, and lines of the tree but for
 * those to the root, which holds everything.
 *
 * @param relations number of relations of each topic, in the map's order, the root aside
 * @param key those with more relations than the average of those that have any, the most first
 * @param ends those with just one
 * @param central the one from which the others are nearest, or null if nothing is related
 */
public record Standing(
    Map<UUID, Integer> relations, List<UUID> key, List<UUID> ends, UUID central) {
  /** The central topic is looked for among as many of those with the most relations. */
  private static final int CANDIDATES = 100;

  /** The standing of a map's topics. */
  public static Standing of(TopicMap map) {
    Map<UUID, List<UUID>> beside = beside(map);
    Map<UUID, Integer> relations = new LinkedHashMap<>();
    List<UUID> related = new ArrayList<>();
    for (Topic topic : map.preorder()) {
      if (topic.parent() != null) {
        int count = beside.getOrDefault(topic.id(), List.of()).size();
        relations.put(topic.id(), count);
        if (count > 0) {
          related.add(topic.id());
        }
      }
    }
    double average = average(relations);
    List<UUID> key = new ArrayList<>(related);
    key.removeIf(id -> relations.get(id) <= average);
    key.sort(Comparator.comparing((UUID id) -> -relations.get(id)));
    List<UUID> ends = related.stream().filter(id -> relations.get(id) == 1).toList();
    return new Standing(relations, key, ends, central(related, relations, beside));
  }

  /** Number of relations on average of the topics that have any. */
  public double average() {
    return average(relations);
  }

  private static double average(Map<UUID, Integer> relations) {
    return relations.values().stream()
        .mapToInt(Integer::intValue)
        .filter(count -> count > 0)
        .average()
        .orElse(0);
  }

  /** The topics that each is related to, once for every relation. */
  private static Map<UUID, List<UUID>> beside(TopicMap map) {
    Map<UUID, List<UUID>> beside = new HashMap<>();
    UUID root = map.root().id();
    for (Topic topic : map.preorder()) {
      if (topic.parent() != null && !topic.parent().equals(root)) {
        join(beside, topic.id(), topic.parent());
      }
    }
    for (CrossLink link : map.links()) {
      join(beside, link.from(), link.to());
    }
    return beside;
  }

  private static void join(Map<UUID, List<UUID>> beside, UUID one, UUID other) {
    beside.computeIfAbsent(one, id -> new ArrayList<>()).add(other);
    beside.computeIfAbsent(other, id -> new ArrayList<>()).add(one);
  }

  /**
   * The topic with the highest harmonic centrality: the sum of the inverse distances of all others
   * (M. Marchiori, V. Latora, Harmony in the small-world, Physica A 285, 2000).
   */
  private static UUID central(
      List<UUID> related, Map<UUID, Integer> relations, Map<UUID, List<UUID>> beside) {
    List<UUID> candidates = new ArrayList<>(related);
    candidates.sort(Comparator.comparing((UUID id) -> -relations.get(id)));
    UUID best = null;
    double most = 0;
    for (UUID id : candidates.subList(0, Math.min(CANDIDATES, candidates.size()))) {
      double near = nearness(id, beside);
      if (near > most + 1e-9) {
        most = near;
        best = id;
      }
    }
    return best;
  }

  private static double nearness(UUID from, Map<UUID, List<UUID>> beside) {
    Map<UUID, Integer> distance = new HashMap<>(Map.of(from, 0));
    Deque<UUID> open = new ArrayDeque<>(List.of(from));
    double sum = 0;
    while (!open.isEmpty()) {
      UUID at = open.remove();
      int steps = distance.get(at);
      sum += steps == 0 ? 0 : 1.0 / steps;
      for (UUID next : beside.getOrDefault(at, List.of())) {
        if (distance.putIfAbsent(next, steps + 1) == null) {
          open.add(next);
        }
      }
    }
    return sum;
  }

  /** Those of a kind, as they are chosen together. */
  public Set<UUID> those(Kind kind) {
    return switch (kind) {
      case KEY -> new HashSet<>(key);
      case END -> new HashSet<>(ends);
      case CENTRAL -> central == null ? Set.of() : Set.of(central);
      case NONE -> {
        Set<UUID> alone = new HashSet<>(relations.keySet());
        alone.removeIf(id -> relations.get(id) > 0);
        yield alone;
      }
    };
  }

  /** How a topic may stand among the others. */
  public enum Kind {
    KEY,
    END,
    CENTRAL,
    NONE
  }
}
