package org.pergamena.core.time;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Optional;

/**
 * A time as a text tells it.
 *
 * @param start first code unit in the words read
 * @param end one past the last
 * @param words as they are written
 * @param when empty if the text does not allow it to be worked out
 * @param basis how it is known
 * @param from the words that it is counted from or has its year from; empty if it needs none
 * @param after how long after an event it was, null if it is not told so
 */
public record Told(
    int start, int end, String words, Optional<When> when, Basis basis, String from, After after) {
  /** How a time is known. */
  public enum Basis {
    /** The words say it. */
    STATED,
    /** The year is that of a time told before. */
    CARRIED,
    /** It is counted from a time told before. */
    COUNTED,
    /** It is counted from the day of which the source is. */
    SAID,
    /** It is counted from an event. */
    EVENT,
    /** What it is counted from, or its year, is not told. */
    OPEN
  }

  /**
   * How long after an event something was; before it if negative.
   *
   * @param event the noun that it is called by; empty for the event that the texts count from
   * @param first the beginning, in years
   * @param last the end, in years
   * @param unit that it is told in
   * @param month 1 to 12 if it is counted by a month, as the fifth August, else 0
   * @param season 0 spring to 3 winter if it is counted by a season, else -1
   */
  public record After(String event, double first, double last, Grain unit, int month, int season) {
    private static final double YEAR_DAYS = 365.25;

    /** Its middle, in years after the event. */
    public double middle() {
      return (first + last) / 2;
    }

    /** When it was if the event was at a time. */
    public When from(When event) {
      if (season >= 0 || month > 0) {
        LocalDate begin = event.from().toLocalDate();
        When one = turn(begin.getYear());
        if (one.to().toLocalDate().isBefore(begin.plusDays(1))) {
          one = turn(begin.getYear() + 1);
        }
        int count = (int) Math.round(first);
        When begins = turn(one.from().getYear() + count);
        return last - first > 1
            ? begins.until(turn(one.from().getYear() + (int) Math.round(last) - 1))
            : begins;
      }
      LocalDateTime start = event.from().plusHours(Math.round(first * YEAR_DAYS * 24));
      LocalDateTime end = event.from().plusHours(Math.round(last * YEAR_DAYS * 24));
      return new When(start, later(start, end), unit, true, When.Bound.AT);
    }

    private LocalDateTime later(LocalDateTime start, LocalDateTime end) {
      LocalDateTime least = start.plus(1, unit.unit());
      return end.isBefore(least) ? least : end;
    }

    private When turn(int year) {
      return season >= 0 ? When.season(year, season) : When.month(year, month);
    }
  }
}
