package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.pergamena.core.brief.ShortKeys;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.reply.Compared.Difference;

/** What the keys and labels in a reply stand for. */
final class Citing {
  /** How near a passage is that an assistant named; nobody has checked it. */
  private static final double NAMED = 0.5;

  private Citing() {}

  /** The passage of a map that each key stands for, also in its longer and shorter forms. */
  static Map<String, UUID> keys(TopicMap map) {
    List<UUID> all =
        map.preorder().stream().flatMap(t -> t.evidence().stream()).map(Evidence::id).toList();
    Map<String, UUID> keys = new LinkedHashMap<>();
    ShortKeys.passages(all)
        .forEach(
            (id, key) -> {
              String whole = "p" + id.toString().replace("-", "");
              for (int i = key.length(); i <= whole.length(); i++) {
                keys.put(whole.substring(0, i), id);
              }
            });
    return keys;
  }

  /** All passages that are linked to topics. */
  static Map<UUID, Evidence> evidence(TopicMap map) {
    Map<UUID, Evidence> all = new HashMap<>();
    map.preorder().forEach(topic -> topic.evidence().forEach(each -> all.put(each.id(), each)));
    return all;
  }

  /**
   * The passages that some keys stand for, each once, to be linked to a topic.
   *
   * @param passages of a map by their keys, as {@link #passages} gives them
   */
  static List<Evidence> linked(
      Collection<String> cites, Map<String, Evidence> passages, Supplier<UUID> identities) {
    List<Evidence> linked = new ArrayList<>();
    for (String key : cites) {
      Evidence named = passages.get(key);
      if (named != null && linked.stream().noneMatch(e -> e.passage().samePlace(named.passage()))) {
        linked.add(
            new Evidence(
                identities.get(), named.passage(), Stance.SUPPORTS, Origin.MATCHED, NAMED));
      }
    }
    return linked;
  }

  /** The passages of a map by their keys. */
  static Map<String, Evidence> passages(TopicMap map) {
    Map<UUID, Evidence> evidence = evidence(map);
    Map<String, Evidence> passages = new HashMap<>();
    keys(map).forEach((key, id) -> passages.put(key, evidence.get(id)));
    return passages;
  }

  /** A label as relations name it. */
  static String key(String label) {
    return label.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
  }

  /** The topics that relations can name: those of the map, and points that are such. */
  static Map<String, UUID> labels(Reply reply, List<Difference> found, TopicMap map) {
    Map<String, UUID> ends = new HashMap<>();
    map.preorder().forEach(topic -> ends.putIfAbsent(key(topic.label()), topic.id()));
    for (Difference each : found) {
      if (each.topic() != null && each.point() >= 0) {
        ends.putIfAbsent(key(reply.points().get(each.point()).label()), each.topic());
      }
    }
    return ends;
  }
}
