package org.pergamena.core.brief;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/**
 * Short names by which an answer cites passages, as {@code p3f9a2c}, and tells topics apart, as
 * {@code t3f9a2c}: the beginning of an identity, longer where two begin alike. They are the same as
 * long as the map has the same passages and topics.
 */
public final class ShortKeys {
  private static final int SHORTEST = 6;
  private static final int LONGEST = 32;

  private ShortKeys() {}

  /** The name of each passage of a map. */
  public static Map<UUID, String> passages(List<UUID> passages) {
    return of('p', passages);
  }

  /** The name of each topic of a map. */
  public static Map<UUID, String> topics(TopicMap map) {
    return of('t', map.preorder().stream().map(Topic::id).toList());
  }

  private static Map<UUID, String> of(char kind, List<UUID> identities) {
    Map<UUID, String> keys = new LinkedHashMap<>();
    int length = SHORTEST;
    List<UUID> left = identities.stream().distinct().toList();
    while (!left.isEmpty()) {
      Map<String, Integer> seen = new HashMap<>();
      int digits = length;
      left.forEach(id -> seen.merge(key(kind, id, digits), 1, Integer::sum));
      left.stream()
          .filter(id -> seen.get(key(kind, id, digits)) == 1 || digits == LONGEST)
          .forEach(id -> keys.put(id, key(kind, id, digits)));
      left = left.stream().filter(id -> !keys.containsKey(id)).toList();
      length = Math.min(LONGEST, length + 2);
    }
    return keys;
  }

  private static String key(char kind, UUID id, int digits) {
    return kind + id.toString().replace("-", "").substring(0, digits);
  }
}
