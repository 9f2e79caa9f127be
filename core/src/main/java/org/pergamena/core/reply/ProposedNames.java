package org.pergamena.core.reply;

import java.util.List;
import java.util.UUID;

/**
 * The names that a reply proposes for topics of a map, in the map's order.
 *
 * @param names those that are others than the topics have
 * @param same how many topics keep their names by it
 * @param unanswered topics that it was asked for and says nothing of
 * @param unknown what it names and is not on the map, as it stands there
 */
public record ProposedNames(
    List<Proposed> names, int same, List<UUID> unanswered, List<String> unknown) {
  /** What is wrong with a name. */
  public enum Fault {
    NONE,
    /** It is too long for a name. */
    LONG,
    /** It is a sentence, or has marks that no name has. */
    FORM,
    /** It has words that no source has. */
    UNSAID,
    /** Another topic is called so, or a topic beside or above it almost so. */
    ALIKE
  }

  /**
   * A name for a topic.
   *
   * @param about the words that no source has, or the label that it is like; else empty
   */
  public record Proposed(UUID topic, String label, Fault fault, String about) {}
}
