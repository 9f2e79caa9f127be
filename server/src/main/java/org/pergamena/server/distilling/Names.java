package org.pergamena.server.distilling;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.brief.Brief;
import org.pergamena.core.brief.WrittenBrief;
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

  /** Writes a brief that asks an assistant for names, but not for those that a person gave. */
  public WrittenBrief brief(UUID map, Brief brief) {
    TopicMap topics = maps.get(map).map();
    List<Topic> chosen = brief.topics().stream().filter(topics::has).map(topics::topic).toList();
    List<Topic> about = chosen.isEmpty() ? List.of(topics.root()) : chosen;
    Naming naming = new Naming(sources.analysed(map));
    return WrittenBrief.ofNames(
        brief,
        topics,
        sources.texts(map),
        naming.nameable(topics, about, brief.limits().levels(), kept(map, topics)),
        topic -> naming.offers(topics, topic, OFFERED));
  }

  private Set<UUID> kept(UUID map, TopicMap topics) {
    Set<UUID> kept = new HashSet<>(log.byHand(map).labels());
    if (maps.titled(map)) {
      kept.add(topics.root().id());
    }
    return kept;
  }
}
