package org.pergamena.core.map;

import java.util.UUID;
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
}
