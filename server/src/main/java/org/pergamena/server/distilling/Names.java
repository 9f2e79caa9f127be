package org.pergamena.server.distilling;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.distil.Naming;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.server.maps.Log;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Service;

/** What the topics of a map could be called by their passages. */
@Service
public class Names {
  private static final int OFFERED = 4;

  private final Maps maps;
  private final Sources sources;
  private final Log log;

  Names(Maps maps, Sources sources, Log log) {
    this.maps = maps;
    this.sources = sources;
    this.log = log;
  }

  /** Labels that a topic could have, the best first; its own is not among them. */
  List<String> offers(UUID map, UUID topic) {
    TopicMap topics = maps.get(map).map();
    return new Naming(sources.analysed(map)).offers(topics, topics.topic(topic), OFFERED);
  }

  /** Labels for a topic and those below it that a person did not name. */
  List<Naming.Offered> names(UUID map, UUID topic) {
    TopicMap topics = maps.get(map).map();
    return new Naming(sources.analysed(map)).names(topics, topics.topic(topic), kept(map, topics));
  }

  /**
   * The topics that an assistant may name, with the labels that their passages offer.
   *
   * @param about topics with what is below them, none for the whole map
   * @param levels how deep from each; 0 for all below
   */
  public Map<UUID, List<String>> nameable(UUID map, List<UUID> about, int levels) {
    TopicMap topics = maps.get(map).map();
    List<Topic> chosen = about.stream().filter(topics::has).map(topics::topic).toList();
    return new Naming(sources.analysed(map))
        .nameable(
            topics,
            chosen.isEmpty() ? List.of(topics.root()) : chosen,
            levels,
            kept(map, topics),
            OFFERED);
  }

  private Set<UUID> kept(UUID map, TopicMap topics) {
    Set<UUID> kept = new HashSet<>(log.byHand(map).labels());
    if (maps.titled(map)) {
      kept.add(topics.root().id());
    }
    return kept;
  }
}
