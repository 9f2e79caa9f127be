package org.pergamena.core.study.event;

import java.util.List;
import org.pergamena.core.source.Passage;
import org.pergamena.core.time.Told;
import org.pergamena.core.time.When;

/**
 * An event: statements of the same at the same time.
 *
 * @param key of its first statement
 * @param when null if it is not known
 * @param shown the time in words, as it is told or was given
 * @param after where it lies on a line that counts from an event, in years; NaN if it does not
 * @param accounts the statements, the most exact first; none if a person added it
 * @param differs keys of events that tell the same at another time, with the reason
 * @param byHand whether a person gave its time, called it otherwise, joined or added it
 * @param off whether a person took it off the line
 */
public record Happening(
    String key,
    String label,
    When when,
    String shown,
    double after,
    List<Said> accounts,
    List<Differs> differs,
    boolean byHand,
    boolean off) {
  public Happening {
    accounts = List.copyOf(accounts);
    differs = List.copyOf(differs);
  }

  /**
   * A statement.
   *
   * @param words the part of the passage that tells this
   */
  public record Said(String key, Passage passage, String words, Told told) {}

  /**
   * Another event of the same at another time.
   *
   * @param reason a sentence
   */
  public record Differs(String key, String reason) {}
}
