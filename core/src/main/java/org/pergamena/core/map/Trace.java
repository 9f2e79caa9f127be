package org.pergamena.core.map;

import java.time.LocalDate;

/**
 * That a topic came with the reply of a text assistant, so that what was generated can be told from
 * what was read.
 *
 * @param assistant what it is called, may be empty
 * @param brief what was asked, in a line, may be empty
 * @param on the day on which the reply came
 */
public record Trace(String assistant, String brief, LocalDate on) {
  /** The longest name and the longest line, in code units. */
  public static final int LONGEST = 300;

  public Trace {
    if (assistant.length() > LONGEST || brief.length() > LONGEST) {
      throw new MapRuleException(
          "An assistant's name and what it was asked have at most "
              + LONGEST
              + " characters each. Shorten them.");
    }
  }

  /** As it is said where the topic is shown. */
  public String words() {
    String by = assistant.isBlank() ? "a text assistant" : assistant.strip();
    String asked = brief.isBlank() ? "" : ", asked: " + brief.strip();
    return "From a reply of " + by + ", " + on + asked;
  }
}
