package org.pergamena.core.study.recall;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * What is asked today: what is about to be forgotten first, then what was never asked.
 *
 * @param answered how many answers were given today
 * @param due topics whose time has come, the least known first
 * @param fresh topics that were never asked, in the map's order
 * @param next what is asked next, null if that is enough for today
 */
public record Today(int answered, List<UUID> due, List<UUID> fresh, UUID next) {
  public Today {
    due = List.copyOf(due);
    fresh = List.copyOf(fresh);
  }

  /**
   * What is asked on a day.
   *
   * @param topics about which something can be asked
   * @param most how many a day
   * @param more whether to go on beyond that
   * @param zone where the day begins
   */
  public static Today of(
      List<UUID> topics,
      Map<UUID, Memory> memories,
      int most,
      boolean more,
      Instant now,
      ZoneId zone) {
    LocalDate day = now.atZone(zone).toLocalDate();
    int answered =
        (int)
            memories.values().stream()
                .filter(memory -> memory.answered().atZone(zone).toLocalDate().equals(day))
                .count();
    List<UUID> due =
        topics.stream()
            .filter(memories::containsKey)
            .filter(id -> !memories.get(id).due().isAfter(now))
            .sorted(Comparator.comparingDouble(id -> memories.get(id).known(now)))
            .toList();
    List<UUID> fresh = topics.stream().filter(id -> !memories.containsKey(id)).toList();
    boolean enough = answered >= most && !more;
    UUID next =
        enough ? null : Stream.concat(due.stream(), fresh.stream()).findFirst().orElse(null);
    return new Today(answered, due, fresh, next);
  }
}
