package org.pergamena.core.time;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Times in words, as they stand on the screen. */
public final class TimeWriter {
  private static final List<String> SEASONS = List.of("spring", "summer", "autumn", "winter");
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM ", Locale.UK);
  private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("MMMM ", Locale.UK);
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern(", HH:mm", Locale.UK);

  private static final Map<Integer, String> ENDINGS = Map.of(1, "st", 2, "nd", 3, "rd");

  private TimeWriter() {}

  /** A time in words: {@code 12 March 1953}, {@code about 1890}, {@code since 1987}. */
  public static String words(When when) {
    String first = one(when.from(), when.grain());
    String last = when.spans() ? one(when.last(), when.grain()) : first;
    String words = last.equals(first) ? first : first + " to " + last;
    String about = when.about() && !when.spans() ? "about " : "";
    return switch (when.bound()) {
      case AT -> about + words;
      case SINCE -> "since " + about + words;
      case UNTIL -> "until " + about + words;
    };
  }

  private static String one(LocalDateTime time, Grain grain) {
    String year =
        time.getYear() > 0 ? String.valueOf(time.getYear()) : (1 - time.getYear()) + " BC";
    return switch (grain) {
      case CENTURY -> century(time.getYear());
      case DECADE -> year + "s";
      case YEAR -> year;
      case SEASON -> season(time, year);
      case MONTH -> MONTH.format(time) + year;
      case WEEK -> "the week of " + DAY.format(time) + year;
      case DAY -> DAY.format(time) + year;
      case HOUR, MINUTE -> DAY.format(time) + year + CLOCK.format(time);
    };
  }

  private static String season(LocalDateTime time, String year) {
    String name = SEASONS.get((time.getMonthValue() - 3) / 3);
    return name.equals("winter")
        ? name + " " + year + "/" + String.format(Locale.ROOT, "%02d", (time.getYear() + 1) % 100)
        : name + " " + year;
  }

  private static String century(int firstYear) {
    int number = firstYear / 100 + 1;
    boolean teens = number > 10 && number < 14;
    String suffix = teens ? "th" : ENDINGS.getOrDefault(number % 10, "th");
    return number + suffix + " century";
  }
}
