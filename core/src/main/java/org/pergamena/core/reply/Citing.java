package org.pergamena.core.reply;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.brief.PassageKeys;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.reply.Compared.Difference;

/** What the keys and labels in a reply stand for. */
final class Citing {
  private Citing() {}

  /** The passage of a map that each key stands for, also in its longer and shorter forms. */
  static Map<String, UUID> keys(TopicMap map) {
    List<UUID> all =
        map.preorder().stream().flatMap(t -> t.evidence().stream()).map(Evidence::id).toList();
    Map<String, UUID> keys = new LinkedHashMap<>();
    PassageKeys.of(all)
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
