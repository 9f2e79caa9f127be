package org.pergamena.core.map;

import java.util.List;
import java.util.UUID;

/**
 * A topic with all below it, taken out of a map or ready to be put in.
 *
 * @param topics the branch's own root first, every parent before its children
 */
public record Branch(List<Topic> topics) {
  public Branch {
    topics = List.copyOf(topics);
    if (topics.isEmpty()) {
      throw new IllegalArgumentException("a branch has at least one topic");
    }
  }

  /** The branch of one topic. */
  public static Branch of(Topic topic) {
    return new Branch(List.of(topic));
  }

  /** The identity of the branch's own root. */
  public UUID id() {
    return topics.get(0).id();
  }
}
