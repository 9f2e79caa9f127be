package org.pergamena.core.study.compare;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.pair.Entry;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Span;
import org.pergamena.core.study.Naming;

/**
 * One of two that are compared.
 *
 * @param name what it is called
 * @param topics in the map's order, without what is set aside
 * @param passages of each topic
 * @param texts what belongs to it of the sources
 */
public record Side(
    String name, List<Entry> topics, Map<UUID, List<Passage>> passages, List<Analysed> texts) {
  public Side {
    topics = List.copyOf(topics);
    passages = Map.copyOf(passages);
    texts = List.copyOf(texts);
  }

  /** What stands under a topic, and the sentences that it rests on. */
  public static Side branch(TopicMap map, UUID id, List<Analysed> texts) {
    Topic first = map.topic(id);
    List<Topic> branch = map.preorder(first);
    List<Analysed> own = new ArrayList<>();
    for (Analysed text : texts) {
      List<Span> spans = new ArrayList<>();
      branch.forEach(topic -> spans.addAll(topic.spans(text.source().id())));
      if (!spans.isEmpty()) {
        own.add(text.only(spans));
      }
    }
    return of(first.label(), branch.subList(1, branch.size()), own);
  }

  /** Whole sources, and the topics of a map that rest on them. */
  public static Side sources(String name, TopicMap map, List<Analysed> texts) {
    List<Topic> topics =
        map.preorder().stream()
            .filter(topic -> topic.parent() != null)
            .filter(topic -> texts.stream().anyMatch(t -> topic.restsOn(t.source().id())))
            .toList();
    return of(name, topics, texts);
  }

  /** A whole map with all its sources. */
  public static Side map(TopicMap map, List<Analysed> texts) {
    List<Topic> topics = map.preorder();
    return of(map.root().label(), topics.subList(1, topics.size()), texts);
  }

  private static Side of(String name, List<Topic> topics, List<Analysed> texts) {
    Set<UUID> sources = texts.stream().map(text -> text.source().id()).collect(Collectors.toSet());
    List<Entry> entries = new ArrayList<>();
    Map<UUID, Integer> places = new HashMap<>();
    Map<UUID, List<Passage>> passages = new HashMap<>();
    for (Topic topic : topics) {
      if (!topic.aside()) {
        List<Passage> own =
            topic.evidence().stream()
                .map(Evidence::passage)
                .filter(passage -> sources.contains(passage.source()))
                .toList();
        Set<String> cites = new HashSet<>();
        own.forEach(passage -> cites.add(Naming.key(passage.exact())));
        places.put(topic.id(), entries.size());
        passages.put(topic.id(), own);
        entries.add(Entry.of(topic, places.getOrDefault(topic.parent(), -1), cites));
      }
    }
    return new Side(name, entries, passages, texts);
  }
}
