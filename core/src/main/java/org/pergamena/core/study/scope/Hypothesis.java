package org.pergamena.core.study.scope;

import java.util.List;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Stance;
import org.pergamena.core.source.Passage;

/**
 * A cross-link that is only supposed, with what the sources say for and against it.
 *
 * @param statement it in words
 * @param bearings passages, those that a person set first, then the strongest
 */
public record Hypothesis(CrossLink link, String statement, List<Bearing> bearings) {
  public Hypothesis {
    bearings = List.copyOf(bearings);
  }

  /**
   * A passage that bears on it.
   *
   * @param reason why it seems to dispute it; empty otherwise
   * @param byHand whether a person set it
   */
  public record Bearing(Passage passage, Stance stance, String reason, boolean byHand) {}
}
