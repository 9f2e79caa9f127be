package org.pergamena.server.study;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.study.TopicsAt;

/** The sources of a map and its topics, as passages are told by them. */
final class Studied {
  private final Map<UUID, Source> texts;
  private final TopicsAt topics;

  Studied(List<Source> sources, TopicMap map) {
    this.texts = sources.stream().collect(Collectors.toMap(Source::id, Function.identity()));
    this.topics = new TopicsAt(map);
  }

  /** Whether the source of a passage is still there. */
  boolean has(Passage passage) {
    return texts.containsKey(passage.source());
  }

  /** A passage with its place and topics. */
  StudiedPassage view(Passage passage) {
    return new StudiedPassage(
        passage.source(),
        passage.start(),
        passage.end(),
        passage.exact(),
        place(passage),
        topics.of(passage));
  }

  /** Those of some passages whose sources are still there. */
  List<StudiedPassage> views(List<Passage> passages) {
    return passages.stream().filter(this::has).map(this::view).toList();
  }

  /** What the source of a passage is called. */
  String name(Passage passage) {
    return texts.get(passage.source()).name();
  }

  /** Where a passage stands, as it is cited. */
  String place(Passage passage) {
    return texts.get(passage.source()).place(passage);
  }

  /** Sources and places of those of some passages whose sources are still there, each once. */
  String cited(List<Passage> passages) {
    return passages.stream()
        .filter(this::has)
        .map(this::cited)
        .distinct()
        .collect(Collectors.joining("; "));
  }

  private String cited(Passage passage) {
    String place = place(passage);
    return place.isEmpty() ? name(passage) : name(passage) + ", " + place;
  }
}
