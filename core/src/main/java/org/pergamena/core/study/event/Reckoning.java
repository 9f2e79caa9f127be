package org.pergamena.core.study.event;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pergamena.core.study.event.Chronicle.Counted;
import org.pergamena.core.time.Told;
import org.pergamena.core.time.Told.After;
import org.pergamena.core.time.Told.Basis;
import org.pergamena.core.time.When;

/**
 * The event that times are counted from: the noun that most of them name, if it is named often. It
 * has the time that a person gave it; else none, as a text that counts from an event seldom dates
 * it.
 */
final class Reckoning {
  private static final int FEWEST = 2;

  private final String event;
  private final int times;
  private final When when;

  Reckoning(List<Account> accounts, Map<String, When> given) {
    Map<String, Integer> named = new HashMap<>();
    int unnamed = 0;
    for (Account account : accounts) {
      After after = account.told().after();
      if (after != null && !after.event().isEmpty()) {
        named.merge(after.event(), 1, Integer::sum);
      }
      unnamed += after != null && after.event().isEmpty() ? 1 : 0;
    }
    String most =
        named.entrySet().stream()
            .max(
                Map.Entry.<String, Integer>comparingByValue()
                    .thenComparing(Map.Entry.comparingByKey()))
            .filter(e -> e.getValue() >= FEWEST)
            .map(Map.Entry::getKey)
            .orElse("");
    event = most;
    times = most.isEmpty() ? 0 : named.get(most) + unnamed;
    when = given.get(most);
  }

  /** How a time is told if it counts from this event, its noun filled in; null if it does not. */
  After of(Told told) {
    After after = told.after();
    boolean ours =
        after != null
            && !event.isEmpty()
            && (after.event().isEmpty() || after.event().equals(event));
    return ours ? after : null;
  }

  /** When something was that is told from this event. */
  Optional<When> when(Told told) {
    After after = of(told);
    return after == null || when == null ? told.when() : Optional.of(after.from(when));
  }

  /** Whether a time counts from some event and it is not known from which. */
  boolean vague(Told told) {
    return told.basis() == Basis.EVENT && told.after().event().isEmpty() && event.isEmpty();
  }

  /** The event; null if none is counted from. */
  Counted counted() {
    return event.isEmpty()
        ? null
        : new Counted(event, times, Optional.ofNullable(when), when != null);
  }
}
