package org.pergamena.core.distil.time;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/**
 * Reads the dates in a text, one sentence after the other: a day or month without a year lies in
 * the year that was told last, and <em>two days later</em> counts from the date told last.
 */
final class Dates {
  private static final Pattern ISO = Pattern.compile("(\\d{4})-(\\d{2})(?:-(\\d{2}))?");
  private static final Pattern NUMERIC = Pattern.compile("(\\d{1,2})[./](\\d{1,2})[./](\\d{4})");
  private static final Pattern DIGITS = Pattern.compile("(\\d{1,4})(?:st|nd|rd|th|s|er)?");
  private static final Pattern CENTURY = Pattern.compile("(\\d{1,2})(?:st|nd|rd|th) century");
  private static final Pattern LATER =
      Pattern.compile(
          "\\b(an?|one|two|three|four|five|six|seven|eight|nine|ten|\\d{1,3})"
              + " (day|week|month|year)s? (later|after(?:wards)?|earlier|before)\\b");
  private static final Pattern NEXT =
      Pattern.compile("\\bthe (?:next|following) (day|morning|week|month|year)\\b");
  private static final List<String> NUMBERS =
      List.of("", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten");
  private static final double MONTH_DAYS = 30.44;
  private static final double YEAR_DAYS = 365.25;
  private static final int FIRST_YEAR = 1000;
  private static final int LAST_YEAR = 2100;

  private final Tongue tongue;
  private final Map<String, Integer> months = new HashMap<>();
  private Integer year;
  private double last = Double.NaN;

  Dates(Tongue tongue) {
    this.tongue = tongue;
    for (Month month : Month.values()) {
      for (TextStyle style : List.of(TextStyle.FULL, TextStyle.FULL_STANDALONE)) {
        String name = month.getDisplayName(style, tongue.locale());
        months.put(name.toLowerCase(Locale.ROOT), month.getValue());
      }
    }
  }

  /** When what the next sentence tells took place, in days since 1970; empty if it does not say. */
  OptionalDouble next(Sentence sentence, String words) {
    OptionalDouble time = named(sentence.tokens());
    if (time.isEmpty()) {
      time = written(words.toLowerCase(Locale.ROOT));
    }
    time.ifPresent(t -> last = t);
    return time;
  }

  /** A month by its name, with day and year beside it, or a year by itself. */
  private OptionalDouble named(List<Token> tokens) {
    for (int i = 0; i < tokens.size(); i++) {
      Integer month = months.get(tokens.get(i).surface().toLowerCase(Locale.ROOT));
      if (month != null && (Character.isUpperCase(tokens.get(i).surface().charAt(0)) || i > 0)) {
        int day = Math.max(number(tokens, i - 1), number(tokens, i - 2));
        int nearYear = 0;
        for (int j = i + 1; j <= i + 3 && j < tokens.size(); j++) {
          int number = number(tokens, j);
          nearYear = number >= FIRST_YEAR && nearYear == 0 ? number : nearYear;
          day = j == i + 1 && number > 0 && number <= 31 && day <= 0 ? number : day;
        }
        boolean sure = day > 0 && day <= 31 || nearYear > 0 || led(tokens, i);
        if (sure) {
          year = nearYear > 0 ? (Integer) nearYear : year;
          return day(year == null ? LAST_YEAR : year, month, day > 0 && day <= 31 ? day : 1);
        }
      }
      if (bareYear(tokens, i)) {
        year = number(tokens, i);
        return day(year, 7, 1);
      }
    }
    return OptionalDouble.empty();
  }

  private boolean led(List<Token> tokens, int i) {
    return i > 0 && tongue.dates(tokens.get(i - 1).surface());
  }

  private boolean bareYear(List<Token> tokens, int i) {
    int number = number(tokens, i);
    if (number < FIRST_YEAR || number > LAST_YEAR) {
      return false;
    }
    Token after = i + 1 < tokens.size() ? tokens.get(i + 1) : null;
    if (after != null && (tongue.measures(after.surface()) || after.surface().equals("%"))) {
      return false;
    }
    boolean ends = after == null || !after.content();
    return led(tokens, i) && (ends || tokens.get(i).surface().endsWith("s") || number > 1500)
        || ends && i > 0 && !tokens.get(i - 1).word();
  }

  /** A number of digits, also a decade as in 1950s; -1 for other words. */
  private static int number(List<Token> tokens, int i) {
    if (i < 0 || i >= tokens.size()) {
      return -1;
    }
    Matcher digits = DIGITS.matcher(tokens.get(i).surface());
    return digits.matches() ? Integer.parseInt(digits.group(1)) : -1;
  }

  private OptionalDouble written(String words) {
    Matcher iso = ISO.matcher(words);
    if (iso.find()) {
      year = Integer.valueOf(iso.group(1));
      int day = iso.group(3) == null ? 1 : Integer.parseInt(iso.group(3));
      return day(year, Integer.parseInt(iso.group(2)), day);
    }
    Matcher numeric = NUMERIC.matcher(words);
    if (numeric.find()) {
      year = Integer.valueOf(numeric.group(3));
      return day(year, Integer.parseInt(numeric.group(2)), Integer.parseInt(numeric.group(1)));
    }
    Matcher century = CENTURY.matcher(words);
    if (century.find()) {
      return day(100 * Integer.parseInt(century.group(1)) - 50, 1, 1);
    }
    return relative(words);
  }

  private OptionalDouble relative(String words) {
    if (Double.isNaN(last)) {
      return OptionalDouble.empty();
    }
    Matcher later = LATER.matcher(words);
    if (later.find()) {
      boolean back = later.group(3).equals("earlier") || later.group(3).equals("before");
      double days = count(later.group(1)) * days(later.group(2));
      return OptionalDouble.of(last + (back ? -days : days));
    }
    Matcher next = NEXT.matcher(words);
    return next.find() ? OptionalDouble.of(last + days(next.group(1))) : OptionalDouble.empty();
  }

  private static int count(String word) {
    int known = NUMBERS.indexOf(word);
    return known > 0 ? known : word.startsWith("a") ? 1 : Integer.parseInt(word);
  }

  private static double days(String unit) {
    return switch (unit) {
      case "week" -> 7;
      case "month" -> MONTH_DAYS;
      case "year" -> YEAR_DAYS;
      default -> 1;
    };
  }

  private static OptionalDouble day(int year, int month, int day) {
    try {
      return OptionalDouble.of(LocalDate.of(year, month, day).toEpochDay());
    } catch (DateTimeException e) {
      return OptionalDouble.empty();
    }
  }
}
