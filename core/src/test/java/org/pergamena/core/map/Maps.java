package org.pergamena.core.map;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.Span;

/** Small maps for tests, their topics named by single words. */
public final class Maps {
  private Maps() {}

  /** The identity that a name stands for. */
  public static UUID id(String name) {
    return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
  }

  /** A topic labelled as it is named. */
  public static Topic topic(String name) {
    return Topic.labelled(id(name), name);
  }

  /** A map of a root alone. */
  public static TopicMap root(String name) {
    return TopicMap.rootedAt(topic(name));
  }

  /** The map with another topic at the end of a parent's children. */
  public static TopicMap with(TopicMap map, String parent, String name) {
    return map.apply(new TreeChange.AddBranch(id(parent), Place.LAST, Branch.of(topic(name))))
        .map();
  }

  /** root(wall(age, squeeze), creeks(fish)). */
  public static TopicMap marsh() {
    TopicMap map = root("root");
    map = with(map, "root", "wall");
    map = with(map, "root", "creeks");
    map = with(map, "wall", "age");
    map = with(map, "wall", "squeeze");
    return with(map, "creeks", "fish");
  }

  /** Evidence that some words of a source are. */
  public static Evidence evidence(String name, Source source, String words) {
    int start = source.text().text().indexOf(words);
    return new Evidence(
        id(name),
        Passage.of(source, new Span(start, start + words.length())),
        Stance.SUPPORTS,
        Origin.DISTILLED,
        0.5);
  }

  /** The map with evidence and extent for a topic. */
  public static TopicMap filled(
      TopicMap map, String topic, List<Evidence> evidence, List<Extent> extent) {
    return map.apply(new ContentChange.Refill(id(topic), "", evidence, extent)).map();
  }
}
