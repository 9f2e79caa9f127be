package org.pergamena.core.time;

import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Times as ISO 8601-2:2019 (the Extended Date/Time Format, level 1) writes them. */
public final class Edtf {
  private static final int SEASONS = 21;
  private static final Pattern ONE =
      Pattern.compile(
          "(-?\\d{4})(?:-(\\d{2})(?:-(\\d{2})(?:T(\\d{2}):(\\d{2}))?)?)?|(\\d{3})X|(\\d{2})XX");

  private Edtf() {}

  static String written(LocalDateTime from, Grain grain) {
    int year = from.getYear();
    String name = (year < 0 ? "-" : "") + String.format(Locale.ROOT, "%04d", Math.abs(year));
    String month = name + String.format(Locale.ROOT, "-%02d", from.getMonthValue());
    String day = month + String.format(Locale.ROOT, "-%02d", from.getDayOfMonth());
    return switch (grain) {
      case CENTURY -> name.substring(0, name.length() - 2) + "XX";
      case DECADE -> name.substring(0, name.length() - 1) + "X";
      case YEAR -> name;
      case SEASON -> name + "-" + (SEASONS + (from.getMonthValue() - 3) / 3);
      case MONTH -> month;
      case WEEK -> day + "~";
      case DAY -> day;
      case HOUR, MINUTE ->
          day + String.format(Locale.ROOT, "T%02d:%02d", from.getHour(), from.getMinute());
    };
  }

  /** Reads a time; empty if it is not written so. */
  public static Optional<When> read(String text) {
    String words = text.strip();
    int slash = words.indexOf('/');
    if (slash < 0) {
      return one(words);
    }
    String first = words.substring(0, slash);
    String last = words.substring(slash + 1);
    if (last.equals("..")) {
      return one(first).map(when -> when.as(When.Bound.SINCE));
    } else if (first.equals("..")) {
      return one(last).map(when -> when.as(When.Bound.UNTIL));
    }
    return one(first)
        .flatMap(
            begin -> one(last).filter(end -> end.to().isAfter(begin.from())).map(begin::until));
  }

  private static Optional<When> one(String words) {
    boolean about = words.endsWith("~");
    Matcher parts = ONE.matcher(about ? words.substring(0, words.length() - 1) : words);
    if (!parts.matches()) {
      return Optional.empty();
    }
    Optional<When> when = parts.group(1) == null ? Optional.of(years(parts)) : exact(parts);
    return when.map(it -> about ? it.roughly() : it);
  }

  private static When years(Matcher parts) {
    return parts.group(6) != null
        ? When.years(10 * Integer.parseInt(parts.group(6)), Grain.DECADE)
        : When.years(100 * Integer.parseInt(parts.group(7)), Grain.CENTURY);
  }

  private static Optional<When> exact(Matcher parts) {
    int year = Integer.parseInt(parts.group(1));
    if (parts.group(2) == null) {
      return Optional.of(When.year(year));
    }
    int month = Integer.parseInt(parts.group(2));
    if (month >= SEASONS && month < SEASONS + 4 && parts.group(3) == null) {
      return Optional.of(When.season(year, month - SEASONS));
    } else if (month < 1 || month > 12) {
      return Optional.empty();
    } else if (parts.group(3) == null) {
      return Optional.of(When.month(year, month));
    }
    Optional<When> day = When.day(year, month, Integer.parseInt(parts.group(3)));
    if (parts.group(4) == null || day.isEmpty()) {
      return day;
    }
    int hour = Integer.parseInt(parts.group(4));
    int minute = Integer.parseInt(parts.group(5));
    return hour < 24 && minute < 60
        ? Optional.of(day.get().at(LocalTime.of(hour, minute), Grain.MINUTE))
        : Optional.empty();
  }
}
