package org.pergamena.server.desk;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;

/**
 * Remembers the states of desks that pages have, for as long as there is room, so that they are
 * sent only what has changed since. Where a state is forgotten, or was sent by another server, the
 * page gets the whole.
 */
@Component
class DeskMemory {
  private static final int MOST_TOPICS = 120_000;

  private record Key(UUID person, UUID map, long stamp) {}

  private final AtomicLong last = new AtomicLong();
  private final Cache<Key, Desk> desks =
      Caffeine.newBuilder()
          .maximumWeight(MOST_TOPICS)
          .weigher((Key key, Desk desk) -> 20 + desk.topics().size())
          .expireAfterAccess(Duration.ofHours(2))
          .build();

  /** A stamp larger than all before it. */
  long stamp() {
    long now = System.currentTimeMillis() * 1000;
    return last.updateAndGet(before -> Math.max(before + 1, now));
  }

  void keep(UUID person, Desk desk) {
    desks.put(new Key(person, desk.id(), desk.facts().stamp()), desk);
  }

  Optional<Desk> find(UUID person, UUID map, Long stamp) {
    return stamp == null
        ? Optional.empty()
        : Optional.ofNullable(desks.getIfPresent(new Key(person, map, stamp)));
  }
}
