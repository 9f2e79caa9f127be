package org.pergamena.core.map;

import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.pergamena.core.source.Passage;

/**
 * A passage linked to a topic.
 *
 * @param strength how close the passage is to the topic, 0 to 1; 1 for what a person linked
 */
public record Evidence(UUID id, Passage passage, Stance stance, Origin origin, double strength) {
  public Evidence {
    if (!(strength >= 0 && strength <= 1)) {
      throw new IllegalArgumentException("strength must be between 0 and 1: " + strength);
    }
  }

  /** The same with its passage elsewhere. */
  public Evidence at(Passage newPassage) {
    return new Evidence(id, newPassage, stance, origin, strength);
  }

  /** The same with another stance. */
  public Evidence withStance(Stance newStance) {
    return new Evidence(id, passage, newStance, origin, strength);
  }

  /** The same under another identity. */
  public Evidence identified(UUID newId) {
    return new Evidence(newId, passage, stance, origin, strength);
  }

  /** The same resting on a copy of its source, under an identity of its own. */
  Evidence copied(UnaryOperator<UUID> sources, Supplier<UUID> identities) {
    return at(passage.in(sources.apply(passage.source()))).identified(identities.get());
  }
}
