package org.pergamena.core.map;

import java.util.HashSet;
import java.util.Set;
import java.util.UUID;

/**
 * What a change touched.
 *
 * @param topics those that carry something else now, came, or are gone
 * @param placed those that came or stand elsewhere
 * @param links cross-links that came, changed or are gone
 * @param also where topics are shown again, or are not any more
 * @param comments remarks that came, changed or are gone
 * @param look whether the map as a whole is shown in another way
 */
public record Touched(
    Set<UUID> topics,
    Set<UUID> placed,
    Set<UUID> links,
    Set<UUID> also,
    Set<UUID> comments,
    boolean look) {
  public Touched {
    topics = Set.copyOf(topics);
    placed = Set.copyOf(placed);
    links = Set.copyOf(links);
    also = Set.copyOf(also);
    comments = Set.copyOf(comments);
  }

  /** All that it is about. */
  public Set<UUID> subjects() {
    Set<UUID> all = new HashSet<>(topics);
    all.addAll(placed);
    all.addAll(links);
    all.addAll(also);
    all.addAll(comments);
    return all;
  }
}
