package org.pergamena.core.study;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Span;

/** Under which topics of a map passages stand. */
public final class TopicsAt {
  private static final int MOST = 3;

  private final TopicMap map;
  private final Map<UUID, List<Topic>> topics = new HashMap<>();

  /**
   * The topics of a map by their sources.
   *
   * @param map null for none
   */
  public TopicsAt(TopicMap map) {
    this.map = map;
    for (Topic topic : map == null ? List.<Topic>of() : map.preorder()) {
      Set<UUID> sources = new HashSet<>();
      topic.extent().forEach(extent -> sources.add(extent.source()));
      topic.evidence().forEach(evidence -> sources.add(evidence.passage().source()));
      sources.forEach(s -> topics.computeIfAbsent(s, k -> new ArrayList<>()).add(topic));
    }
  }

  /** Up to three topics under which a passage stands, the nearest to a leaf first. */
  public List<UUID> of(Passage passage) {
    if (!passage.anchored()) {
      return List.of();
    }
    Span span = passage.span();
    return topics.getOrDefault(passage.source(), List.of()).stream()
        .filter(topic -> topic.spans(passage.source()).stream().anyMatch(span::overlaps))
        .sorted(Comparator.comparingInt((Topic topic) -> -map.level(topic)))
        .map(Topic::id)
        .limit(MOST)
        .toList();
  }
}
