package org.pergamena.core.brief;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Short names by which an answer cites passages, as {@code p3f9a2c}: the beginning of a passage's
 * identity, longer where two begin alike. They are the same as long as the map has the passages.
 */
public final class PassageKeys {
  private static final int SHORTEST = 6;
  private static final int LONGEST = 32;

  private PassageKeys() {}

  /** The name of each passage of a map. */
  public static Map<UUID, String> of(List<UUID> passages) {
    Map<UUID, String> keys = new LinkedHashMap<>();
    int length = SHORTEST;
    List<UUID> left = passages.stream().distinct().toList();
    while (!left.isEmpty()) {
      Map<String, Integer> seen = new HashMap<>();
      int digits = length;
      left.forEach(id -> seen.merge(key(id, digits), 1, Integer::sum));
      left.stream()
          .filter(id -> seen.get(key(id, digits)) == 1 || digits == LONGEST)
          .forEach(id -> keys.put(id, key(id, digits)));
      left = left.stream().filter(id -> !keys.containsKey(id)).toList();
      length = Math.min(LONGEST, length + 2);
    }
    return keys;
  }

  private static String key(UUID id, int digits) {
    return "p" + id.toString().replace("-", "").substring(0, digits);
  }
}
