package org.pergamena.server.desk;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * Remembers the states of desks that pages have, for as long as there is room, so that they are
 * sent only what has changed since. Where a state is forgotten, or was sent by another server, the
 * page gets the whole.
 */
@Component
class DeskMemory {
  private static final int MOST_TOPICS = 120_000;

  /** Several pages of one person, each a little behind. */
  private static final int MOST_STATES = 8;

  private record Key(UUID person, UUID map) {}

  /** The latest states of a desk, the oldest first. */
  private record States(List<DeskState> desks) {
    int topics() {
      return desks.stream().mapToInt(desk -> 20 + desk.topics().size()).sum();
    }

    States with(DeskState desk) {
      Stream<DeskState> kept = desks.stream().skip(Math.max(0, desks.size() - MOST_STATES + 1));
      return new States(Stream.concat(kept, Stream.of(desk)).toList());
    }
  }

  private final AtomicLong last = new AtomicLong();
  private final Cache<Key, States> desks =
      Caffeine.newBuilder()
          .maximumWeight(MOST_TOPICS)
          .weigher((Key key, States states) -> states.topics())
          .expireAfterAccess(Duration.ofHours(2))
          .build();

  /** A stamp larger than all before it. */
  long stamp() {
    long now = System.currentTimeMillis() * 1000;
    return last.updateAndGet(before -> Math.max(before + 1, now));
  }

  void keep(UUID person, DeskState desk) {
    desks
        .asMap()
        .merge(
            new Key(person, desk.id()),
            new States(List.of(desk)),
            (before, now) -> before.with(desk));
  }

  Optional<DeskState> find(UUID person, UUID map, Long stamp) {
    States states = stamp == null ? null : desks.getIfPresent(new Key(person, map));
    return states == null
        ? Optional.empty()
        : states.desks().stream().filter(desk -> desk.facts().stamp() == stamp).findAny();
  }
}
