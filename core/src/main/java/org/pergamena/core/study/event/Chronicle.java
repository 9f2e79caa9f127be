package org.pergamena.core.study.event;

import java.util.List;
import java.util.Optional;
import org.pergamena.core.time.When;

/**
 * What happened when.
 *
 * @param events in order; those whose time is not known are not among them
 * @param open events whose time the text does not allow to be worked out
 * @param lost what a person did to statements whose words are in no source any more
 * @param counted the event that times are counted from, null if none are
 */
public record Chronicle(
    List<Happening> events, List<Happening> open, List<EventMark> lost, Counted counted) {
  public Chronicle {
    events = List.copyOf(events);
    open = List.copyOf(open);
    lost = List.copyOf(lost);
  }

  /**
   * An event that times are counted from.
   *
   * @param event the noun that it is called by
   * @param times how many times are counted from it
   * @param when it was, if that is known
   * @param given whether a person said so
   */
  public record Counted(String event, int times, Optional<When> when, boolean given) {}
}
