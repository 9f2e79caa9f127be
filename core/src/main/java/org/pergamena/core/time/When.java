package org.pergamena.core.time;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.Optional;

/**
 * A time as it is told: a stretch, as long as the grain that it is told in, or from one time to
 * another. It is written as ISO 8601-2 has it (the Extended Date/Time Format, level 1: {@code
 * 1953-02}, {@code 2019-21} for a spring, {@code 195X}, {@code 1953/1957}, {@code 1953~}, {@code
 * ../1955}).
 *
 * @param from the first moment
 * @param to the moment after the last
 * @param grain of its ends
 * @param about whether it is told as not exact
 * @param bound whether it is a time, or begins or ends with one
 */
public record When(LocalDateTime from, LocalDateTime to, Grain grain, boolean about, Bound bound) {
  /** The earliest and the latest year that is read as one. */
  public static final int FIRST_YEAR = -9999;

  /** The latest year that is read as one. */
  public static final int LAST_YEAR = 9999;

  /** What a told time is to what it tells. */
  public enum Bound {
    /** It happened then. */
    AT,
    /** It has been so since then. */
    SINCE,
    /** It was so until then. */
    UNTIL
  }

  /** A stretch of a grain. */
  static When of(LocalDateTime from, Grain grain) {
    LocalDateTime to = grain == Grain.SEASON ? from.plusMonths(3) : from.plus(1, grain.unit());
    return new When(from, to, grain, false, Bound.AT);
  }

  /** A year, by the calendar that runs on before year 1 (ISO 8601). */
  public static When year(int year) {
    return of(start(year, 1, 1), Grain.YEAR);
  }

  /** A decade by its first year, a century by its first year. */
  static When years(int first, Grain grain) {
    return of(start(first, 1, 1), grain);
  }

  /** A month. */
  public static When month(int year, int month) {
    return of(start(year, month, 1), Grain.MONTH);
  }

  /** A season: 0 spring, from March, to 3 winter, from December. */
  static When season(int year, int season) {
    return of(start(year, 3 * season + 3, 1), Grain.SEASON);
  }

  /** A day; empty if the month has none such. */
  public static Optional<When> day(int year, int month, int day) {
    try {
      return Optional.of(day(LocalDate.of(year, month, day)));
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }

  /** A day. */
  public static When day(LocalDate day) {
    return of(day.atStartOfDay(), Grain.DAY);
  }

  private static LocalDateTime start(int year, int month, int day) {
    return LocalDate.of(year, month, day).atStartOfDay();
  }

  /** From its beginning to the end of another. */
  When until(When end) {
    Grain coarser = grain.finer(end.grain) ? end.grain : grain;
    return new When(from, end.to, coarser, about || end.about, Bound.AT);
  }

  /** A time of its first day. */
  When at(LocalTime time, Grain fine) {
    return of(from.toLocalDate().atTime(time), fine);
  }

  /** The same, not told exactly. */
  When roughly() {
    return new When(from, to, grain, true, bound);
  }

  /** The same as a bound. */
  When as(Bound other) {
    return new When(from, to, grain, about, other);
  }

  /** The first, middle or last third of it. */
  When third(int part) {
    long seconds = Duration.between(from, to).toSeconds();
    LocalDateTime begin = from.plusSeconds(seconds * part / 3);
    return new When(begin, from.plusSeconds(seconds * (part + 1) / 3), grain, true, bound);
  }

  /**
   * So many units later, told in the coarser grain of both; empty if it is told too coarsely to
   * count from.
   */
  Optional<When> plus(int count, Grain unit) {
    if (unit.finer(grain) || spans()) {
      return Optional.empty();
    }
    LocalDateTime then = from.plus(count, unit.unit());
    When trimmed = within(then) ? trimmed(then, unit) : null;
    return Optional.ofNullable(trimmed).map(it -> about ? it.roughly() : it);
  }

  private static boolean within(LocalDateTime time) {
    return time.getYear() >= FIRST_YEAR && time.getYear() <= LAST_YEAR;
  }

  private static When trimmed(LocalDateTime time, Grain unit) {
    return switch (unit) {
      case YEAR -> year(time.getYear());
      case MONTH -> month(time.getYear(), time.getMonthValue());
      case HOUR, MINUTE -> of(time, unit);
      case WEEK -> of(time.toLocalDate().atStartOfDay(), Grain.WEEK);
      default -> day(time.toLocalDate());
    };
  }

  /** Whether it goes on from one time to another. */
  public boolean spans() {
    LocalDateTime one = grain == Grain.SEASON ? from.plusMonths(3) : from.plus(1, grain.unit());
    return to.isAfter(one);
  }

  /** Whether there is a moment that both have. */
  public boolean meets(When other) {
    return start().isBefore(other.end()) && other.start().isBefore(end());
  }

  /** The first moment that it may mean, {@link LocalDateTime#MIN} if it has no beginning. */
  private LocalDateTime start() {
    return bound == Bound.UNTIL ? LocalDateTime.MIN : slack(from, -1);
  }

  private LocalDateTime end() {
    return bound == Bound.SINCE ? LocalDateTime.MAX : slack(to, 1);
  }

  private LocalDateTime slack(LocalDateTime time, int sign) {
    return about ? time.plus(sign, grain.unit()) : time;
  }

  /** Its middle, in days since 1970. */
  public double middle() {
    return (days(from) + days(to)) / 2;
  }

  /** A moment in days since 1970. */
  public static double days(LocalDateTime time) {
    return time.toEpochSecond(ZoneOffset.UTC) / 86_400.0;
  }

  /** As ISO 8601-2 writes it. */
  public String iso() {
    String first = Edtf.written(from, grain);
    String written = first;
    if (spans()) {
      written = first + "/" + Edtf.written(last(), grain);
    }
    written = about && !spans() ? written + "~" : written;
    return switch (bound) {
      case AT -> written;
      case SINCE -> written + "/..";
      case UNTIL -> "../" + written;
    };
  }

  /** The beginning of its last year, month, day or whatever its grain is. */
  LocalDateTime last() {
    return grain == Grain.SEASON ? to.minusMonths(3) : to.minus(1, grain.unit());
  }
}
