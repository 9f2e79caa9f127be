package org.pergamena.core.pair;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/**
 * A topic of a map or a line of an outline, as something that can be compared.
 *
 * @param parent its place in the same list, or -1
 * @param topic of a map, or null
 * @param cites what stands for the passages that it rests on
 */
public record Entry(int parent, UUID topic, String label, String definition, Set<String> cites) {
  /** The topics of some branches, those that the branches begin with among them. */
  public static List<Entry> of(TopicMap map, Collection<UUID> anchors) {
    Set<UUID> scope = new LinkedHashSet<>();
    anchors.forEach(id -> map.preorder(map.topic(id)).forEach(topic -> scope.add(topic.id())));
    List<Entry> entries = new ArrayList<>();
    Map<UUID, Integer> places = new HashMap<>();
    for (Topic topic : map.preorder()) {
      if (scope.contains(topic.id())) {
        places.put(topic.id(), entries.size());
        Set<String> cites = new HashSet<>();
        topic.evidence().stream().map(Evidence::id).forEach(id -> cites.add(id.toString()));
        entries.add(of(topic, places.getOrDefault(topic.parent(), -1), cites));
      }
    }
    return entries;
  }

  /** A topic, by its place in a list and what it rests on. */
  public static Entry of(Topic topic, int parent, Set<String> cites) {
    String definition = topic.content().gloss().definition();
    return new Entry(parent, topic.id(), topic.label(), definition, cites);
  }
}
