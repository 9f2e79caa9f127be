package org.pergamena.core.time;

import java.time.LocalTime;
import java.util.Optional;

/**
 * Words that tell a time, as far as they tell it.
 *
 * @param start first code unit in the words read
 * @param end one past the last
 * @param year null if it is not said
 * @param month 0 if it is not said
 * @param day 0 if it is not said
 * @param lastDay of a stretch of days in one month, 0 for none
 * @param season 0 spring to 3 winter, -1 for none
 * @param whole what they tell, if year, month and so on do not hold it; else null
 * @param clock the time of day, null if it is not said
 */
record Hit(
    int start,
    int end,
    Integer year,
    int month,
    int day,
    int lastDay,
    int season,
    When whole,
    LocalTime clock) {

  static Hit whole(int start, int end, When whole) {
    return new Hit(start, end, null, 0, 0, 0, -1, whole, null);
  }

  static Hit day(int start, int end, Integer year, int month, int day, int lastDay) {
    return new Hit(start, end, year, month, day, lastDay, -1, null, null);
  }

  static Hit season(int start, int end, Integer year, int season) {
    return new Hit(start, end, year, 0, 0, 0, season, null, null);
  }

  static Hit clock(int start, int end, LocalTime clock) {
    return new Hit(start, end, null, 0, 0, 0, -1, null, clock);
  }

  /** Words that look like a day and are none. */
  static Hit none(int start, int end) {
    return day(start, end, null, 0, 0, 0);
  }

  /** Whether it tells nothing. */
  boolean nothing() {
    return month == 0 && season < 0 && whole == null && clock == null;
  }

  /** Whether it needs a year from elsewhere. */
  boolean yearless() {
    return whole == null && clock == null && year == null;
  }

  boolean overlaps(Hit other) {
    return start < other.end && other.start < end;
  }

  /** What it tells in a year; empty if there is no such day. */
  Optional<When> in(int its) {
    if (season >= 0) {
      return Optional.of(When.season(its, season));
    } else if (day == 0) {
      return Optional.of(When.month(its, month));
    }
    Optional<When> first = When.day(its, month, day);
    return lastDay > day
        ? first.flatMap(begin -> When.day(its, month, lastDay).map(begin::until))
        : first;
  }

  /** What it tells by itself; empty if it is not enough. */
  Optional<When> told() {
    if (whole != null) {
      return Optional.of(whole);
    }
    return year == null ? Optional.empty() : in(year);
  }
}
