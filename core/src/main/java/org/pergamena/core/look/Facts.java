package org.pergamena.core.look;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.UUID;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/** What rules go by, each found out once and only if one asks. */
final class Facts {
  private final TopicMap map;
  private final Map<UUID, Support> supports;
  private final List<UUID> sources;
  private final Map<UUID, OptionalInt> years = new HashMap<>();
  private Map<UUID, Integer> relations;

  Facts(TopicMap map, Map<UUID, Support> supports, List<UUID> sources) {
    this.map = map;
    this.supports = supports;
    this.sources = sources;
  }

  Map<UUID, Support> supports() {
    return supports;
  }

  List<UUID> sources() {
    return sources;
  }

  OptionalInt year(Topic topic) {
    return years.computeIfAbsent(topic.id(), id -> Years.of(topic));
  }

  /** How many cross-links each topic has that has some. */
  Map<UUID, Integer> relations() {
    if (relations == null) {
      relations = new HashMap<>();
      for (CrossLink link : map.links()) {
        relations.merge(link.from(), 1, Integer::sum);
        relations.merge(link.to(), 1, Integer::sum);
      }
    }
    return relations;
  }
}
