package org.pergamena.core.reference;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * When a work is from: a year, a month or a day.
 *
 * @param month 1 to 12, or 0
 * @param day 1 to 31, or 0
 */
public record When(int year, int month, int day) {
  private static final Pattern ISO =
      Pattern.compile("(-?\\d{1,4})(?:[-/.](\\d{1,2})(?:[-/.](\\d{1,2}))?)?(?:T.*)?");
  private static final Pattern DAY_FIRST =
      Pattern.compile(
          "(?:(\\d{1,2})[.\\s]\\s*(?:de\\s+)?)?(\\p{L}{3,})\\.?,?\\s+(?:de\\s+)?(\\d{4})");
  private static final Pattern MONTH_FIRST =
      Pattern.compile("(\\p{L}{3,})\\.?\\s+(\\d{1,2}),?\\s+(\\d{4})");
  private static final Map<String, Integer> MONTHS = months();

  private static Map<String, Integer> months() {
    List<String> languages =
        List.of(
            "jan feb mar apr may jun jul aug sep oct nov dec",
            "jän febr mär apr mai juni juli aug sept okt nov dez",
            "janv fév mars avr mai juin juil aoû sept oct nov déc",
            "ene feb mar abr may jun jul ago sep oct nov dic",
            "gen feb mar apr mag giu lug ago set ott nov dic",
            "jan fev mar abr mai jun jul ago set out nov dez",
            "jan feb maa apr mei jun jul aug sep okt nov dec");
    Map<String, Integer> months = new TreeMap<>();
    for (String language : languages) {
      String[] words = language.split(" ");
      for (int i = 0; i < words.length; i++) {
        months.putIfAbsent(words[i].substring(0, 3), i + 1);
      }
    }
    months.put("juin", 6);
    months.put("juil", 7);
    months.put("jui", 7);
    return months;
  }

  /**
   * Reads {@code 2031}, {@code 2031-05}, {@code 2031-05-04}, {@code 4 May 2031} or {@code May 4,
   * 2031}, months in seven languages; empty for what is no such date.
   */
  public static Optional<When> of(String words) {
    String line = words.strip();
    Matcher iso = ISO.matcher(line);
    if (iso.matches()) {
      return of(Integer.parseInt(iso.group(1)), number(iso.group(2)), number(iso.group(3)));
    }
    Matcher dayFirst = DAY_FIRST.matcher(line);
    if (dayFirst.matches()) {
      int month = month(dayFirst.group(2));
      return month == 0
          ? Optional.empty()
          : of(Integer.parseInt(dayFirst.group(3)), month, number(dayFirst.group(1)));
    }
    Matcher monthFirst = MONTH_FIRST.matcher(line);
    if (monthFirst.matches()) {
      int month = month(monthFirst.group(1));
      return month == 0
          ? Optional.empty()
          : of(Integer.parseInt(monthFirst.group(3)), month, number(monthFirst.group(2)));
    }
    return Optional.empty();
  }

  private static int number(String digits) {
    return digits == null ? 0 : Integer.parseInt(digits);
  }

  private static int month(String word) {
    String lower = word.toLowerCase(Locale.ROOT);
    return lower.startsWith("juin")
        ? 6
        : MONTHS.getOrDefault(lower.substring(0, Math.min(3, lower.length())), 0);
  }

  private static Optional<When> of(int year, int month, int day) {
    if (month < 0 || month > 12 || month == 0 && day > 0) {
      return Optional.empty();
    }
    boolean there = day == 0 || day <= YearMonth.of(year, month).lengthOfMonth();
    return there ? Optional.of(new When(year, month, day)) : Optional.empty();
  }

  /** A day. */
  public static When of(LocalDate day) {
    return new When(day.getYear(), day.getMonthValue(), day.getDayOfMonth());
  }

  /** As ISO 8601 writes it: {@code 2031-05-04}, or only its year or month. */
  public String iso() {
    String line = String.format(Locale.ROOT, "%04d", year);
    line += month == 0 ? "" : String.format(Locale.ROOT, "-%02d", month);
    return line + (day == 0 ? "" : String.format(Locale.ROOT, "-%02d", day));
  }
}
