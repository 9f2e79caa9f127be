package org.pergamena.core.map;

import java.time.Instant;
import java.util.UUID;

/**
 * A remark of a person on a topic, a cross-link or a passage. It stays while its subject is gone,
 * and is there again with it.
 *
 * @param subject identity of the topic, cross-link or passage
 */
public record Comment(
    UUID id, UUID subject, UUID author, Instant at, String text, boolean resolved) {
  /** The longest remark, in code units. */
  public static final int LONGEST = 5_000;

  /** The most remarks on one map. */
  public static final int MOST = 5_000;

  public Comment {
    if (text.isBlank() || text.length() > LONGEST) {
      throw new MapRuleException(
          "A remark has 1 to " + LONGEST + " characters. Shorten it or fill it in.");
    }
  }

  /** The same with other words. */
  public Comment withText(String newText) {
    return new Comment(id, subject, author, at, newText, resolved);
  }

  /** The same on something else. */
  Comment on(UUID newSubject) {
    return new Comment(id, newSubject, author, at, text, resolved);
  }

  /** The same, resolved or open again. */
  public Comment settled(boolean newResolved) {
    return new Comment(id, subject, author, at, text, newResolved);
  }
}
