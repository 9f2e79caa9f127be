package org.pergamena.core.time;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.language.Tongue;

/** Finds the words of a language that tell a time by itself: dates, years, decades, clock times. */
final class AbsoluteTimes {
  private static final String LEFT = "(?<![\\p{L}\\d])(?<!\\d[.,:/-])";
  private static final String RIGHT = "(?![\\p{L}\\d])(?![.,:/-]\\d)";
  private static final int EARLIEST = 1000;
  private static final int LATEST = 2100;
  private static final int SURELY_YEAR = 1500;
  private static final int SHORT = 4;
  private static final int NEAR = 30;
  private static final String NUMBERS = "ivx";
  private static final Pattern UNIT = Pattern.compile("[kcm]?m|[km]?g|t|ha|l|sheep");
  private static final Pattern PAGED =
      TimeWords.pattern("(?:\\b(?:pages?|pp?\\.|nos?\\.|seiten?|s\\.))\\s*$");

  /** As before {@code of 1953} in the flood of 1953. */
  private static final Pattern THE_ONE = TimeWords.pattern("\\bthe\\s+\\p{L}+(?<!s)\\s+$");

  private final Tongue tongue;
  private final TimeWords words;
  private final boolean capitals;
  private final List<Finder> finders = new ArrayList<>();
  private final List<String> ordinals;
  private final Pattern strong;
  private final Pattern full;

  /**
   * Finds times of one form.
   *
   * @param digits whether it has a digit
   */
  private record Finder(
      Pattern pattern, BiFunction<Matcher, String, Optional<Hit>> reader, boolean digits) {}

  AbsoluteTimes(Tongue tongue) {
    this.tongue = tongue;
    this.words = TimeWords.of(tongue.code());
    this.capitals = words.has("capital");
    this.ordinals = ordinals();
    this.full = TimeWords.pattern(fullMonths());
    this.strong = TimeWords.pattern(words.any("strong.year"));
    String month = "(" + words.month() + ")(\\.?)";
    String day = "(\\d{1,2})(?:" + words.any("ordinal") + ")?";
    String range = "(?:\\s?[\u2013\u2014-]\\s?|\\s+(?:" + words.any("range") + ")\\s+)";
    String days = day + "(?:" + range + day + ")?";
    String of = "(?:(?:" + words.any("of") + ")\\s+)?";
    String year = "(\\d{4})";
    iso();
    find(
        LEFT + days + "\\s+" + of + month + "(?:,?\\s+" + of + year + ")?" + RIGHT,
        (m, text) -> date(m, text, 3, 1, 2, 5));
    if (words.has("month.first")) {
      find(
          LEFT + month + "\\s+" + days + "(?:,?\\s+(?:in\\s+)?" + year + ")?" + RIGHT,
          (m, text) -> date(m, text, 1, 3, 4, 5));
    }
    find(LEFT + month + ",?\\s+" + of + year + RIGHT, (m, text) -> date(m, text, 1, 0, 0, 3));
    find(
        LEFT + "(" + words.season() + "),?\\s+" + of + year + "(?:/\\d{2,4})?" + RIGHT,
        (m, text) ->
            Optional.of(
                Hit.season(
                    m.start(), m.end(), Integer.valueOf(m.group(2)), words.seasonOf(m.group(1)))));
    years();
    find(
        LEFT + "(?:" + words.any("lead.month") + ")\\s+(" + fullMonths() + ")" + RIGHT,
        (m, text) -> month(m, text));
    clocks();
  }

  private void find(String regex, BiFunction<Matcher, String, Optional<Hit>> reader) {
    finders.add(new Finder(TimeWords.pattern(regex), reader, regex.contains("\\d{")));
  }

  private String fullMonths() {
    List<String> full = new ArrayList<>();
    for (String each : words.list("months")) {
      full.add(each.split("\\|")[0]);
    }
    return full.isEmpty() ? words.month() : String.join("|", full);
  }

  private void iso() {
    find(
        LEFT + "(\\d{4}-\\d{2}-\\d{2})(?:[T ](\\d{2}:\\d{2}))?(?::\\d{2})?" + RIGHT,
        (m, text) ->
            Edtf.read(m.group(1) + (m.group(2) == null ? "" : "T" + m.group(2)))
                .map(when -> Hit.whole(m.start(), m.end(), when)));
    find(
        LEFT + "(\\d{4}-\\d{2})" + RIGHT,
        (m, text) ->
            Edtf.read(m.group(1))
                .filter(when -> when.grain() == Grain.MONTH)
                .map(when -> Hit.whole(m.start(), m.end(), when)));
    find(
        LEFT + "(\\d{1,2})([./-])(\\d{1,2})\\2(\\d{4})" + RIGHT,
        (m, text) -> {
          int first = Integer.parseInt(m.group(1));
          int second = Integer.parseInt(m.group(3));
          boolean swapped = second > 12 && tongue.code().equals(Tongue.ENGLISH);
          int year = Integer.parseInt(m.group(4));
          return When.day(year, swapped ? first : second, swapped ? second : first)
              .map(when -> Hit.whole(m.start(), m.end(), when));
        });
  }

  private void years() {
    find(
        LEFT + "(\\d{1,4})\\s?(?:" + words.any("bc") + ")(?!\\p{L})",
        (m, text) -> year(1 - Integer.parseInt(m.group(1)), m));
    find(
        LEFT
            + "(?:(?:"
            + words.any("ad")
            + ")\\s?(\\d{1,4})|(\\d{1,4})\\s?(?:"
            + words.any("ad")
            + "))(?!\\p{L})",
        (m, text) -> year(Integer.parseInt(m.group(1) == null ? m.group(2) : m.group(1)), m));
    find(
        LEFT + "(?:" + words.any("decade") + ")" + RIGHT,
        (m, text) -> {
          String digits = first(m);
          int begin = Integer.parseInt(digits) * (digits.length() == 3 ? 10 : 1);
          return begin % 10 == 0 && begin >= EARLIEST && begin <= LATEST
              ? Optional.of(Hit.whole(m.start(), m.end(), When.years(begin, Grain.DECADE)))
              : Optional.empty();
        });
    Pattern century = TimeWords.pattern(LEFT + "(?:" + words.any("century") + ")" + RIGHT);
    finders.add(new Finder(century, (m, text) -> century(number(first(m)), m), false));
    find(
        LEFT + "(?:" + words.any("century.words") + ")" + RIGHT,
        (m, text) -> century(ordinals.indexOf(m.group(1).toLowerCase(Locale.ROOT)) + 1, m));
    find(
        LEFT + "(\\d{4})\\s?[\u2013\u2014-]\\s?(\\d{4}|\\d{2})" + RIGHT,
        (m, text) -> paged(text, m.start()) ? Optional.empty() : yearRange(m, text));
    find(
        LEFT
            + "(?:"
            + words.any("range.lead")
            + ")\\s+(\\d{4})\\s+(?:"
            + words.any("range")
            + ")\\s+(\\d{4})"
            + RIGHT,
        this::yearRange);
    find(
        LEFT + "(?:" + words.any("about") + ")\\s+(\\d{4})(?=[,;)])",
        (m, text) -> likely(m.group(1)).map(it -> Hit.whole(m.start(1), m.end(1), it)));
    find(
        LEFT
            + "("
            + words.any("lead.year")
            + "|\\(|,)\\s*(?:the\\s+(?:year|years)\\s+)?(\\d{4})"
            + RIGHT,
        this::leadYear);
  }

  private static boolean paged(String text, int at) {
    return PAGED.matcher(text.substring(Math.max(0, at - 8), at)).find();
  }

  private static Optional<When> likely(String digits) {
    int year = Integer.parseInt(digits);
    return year < EARLIEST || year > LATEST ? Optional.empty() : Optional.of(When.year(year));
  }

  private List<String> ordinals() {
    String all = words.any("century.words");
    int open = all.indexOf('(');
    int close = all.indexOf(')');
    return words.has("century.words")
        ? List.of(all.substring(open + 1, close).split("\\|"))
        : List.of();
  }

  private void clocks() {
    for (String clock : words.list("clock")) {
      Pattern pattern = TimeWords.pattern(LEFT + "(?:" + clock + ")");
      finders.add(new Finder(pattern, (m, text) -> clock(m), true));
    }
    named("noon", LocalTime.NOON);
    named("midnight", LocalTime.MIDNIGHT);
  }

  private void named(String key, LocalTime time) {
    find(
        LEFT + "(?:" + words.any(key) + ")" + RIGHT,
        (m, text) -> Optional.of(Hit.clock(m.start(), m.end(), time)));
  }

  private static Optional<Hit> clock(Matcher m) {
    int hour = Integer.parseInt(m.group(1));
    String minutes = m.group(2);
    if (m.groupCount() > 2 && m.group(3) != null) {
      boolean after = m.group(3).toLowerCase(Locale.ROOT).startsWith("p");
      if (hour < 1 || hour > 12) {
        return Optional.empty();
      }
      hour = hour % 12 + (after ? 12 : 0);
    }
    int minute = minutes == null ? 0 : Integer.parseInt(minutes);
    return hour < 24 && minute < 60
        ? Optional.of(Hit.clock(m.start(), m.end(), LocalTime.of(hour, minute)))
        : Optional.empty();
  }

  private static String first(Matcher m) {
    for (int i = 1; i <= m.groupCount(); i++) {
      if (m.group(i) != null) {
        return m.group(i);
      }
    }
    return "0";
  }

  private static int number(String digits) {
    if (Character.isDigit(digits.charAt(0))) {
      return Integer.parseInt(digits);
    }
    int sum = 0;
    int[] worth = {1, 5, 10};
    String low = digits.toLowerCase(Locale.ROOT);
    for (int i = 0; i < low.length(); i++) {
      int own = worth[NUMBERS.indexOf(low.charAt(i))];
      boolean before = i + 1 < low.length() && worth[NUMBERS.indexOf(low.charAt(i + 1))] > own;
      sum += before ? -own : own;
    }
    return sum;
  }

  private static Optional<Hit> century(int number, Matcher m) {
    return number < 1 || number > 21
        ? Optional.empty()
        : Optional.of(Hit.whole(m.start(), m.end(), When.years(100 * (number - 1), Grain.CENTURY)));
  }

  private static Optional<Hit> year(int year, Matcher m) {
    return Optional.of(Hit.whole(m.start(), m.end(), When.year(year)));
  }

  private Optional<Hit> date(Matcher m, String text, int month, int day, int last, int year) {
    int its = words.month(m.group(month));
    int first = day == 0 ? 0 : Integer.parseInt(m.group(day));
    int end = last == 0 || m.group(last) == null ? 0 : Integer.parseInt(m.group(last));
    String y = m.group(year);
    boolean dotted = !m.group(month + 1).isEmpty();
    boolean shortened = m.group(month).length() <= SHORT && !isFull(m.group(month));
    boolean sure = y != null || dotted || !shortened || capitals;
    if (!sure
        || !capital(m.group(month), text)
        || first > 31
        || end > 31
        || day > 0 && first == 0) {
      return Optional.empty();
    }
    Hit hit = Hit.day(m.start(), m.end(), y == null ? null : Integer.valueOf(y), its, first, end);
    return Optional.of(
        hit.yearless() || hit.told().isPresent() ? hit : Hit.none(m.start(), m.end()));
  }

  private boolean isFull(String month) {
    return full.matcher(month).matches();
  }

  private Optional<Hit> month(Matcher m, String text) {
    return capital(m.group(1), text)
        ? Optional.of(Hit.day(m.start(1), m.end(1), null, words.month(m.group(1)), 0, 0))
        : Optional.empty();
  }

  /** Whether a month has the capital that its language wants, if the text has capitals at all. */
  private boolean capital(String month, String text) {
    return !capitals
        || Character.isUpperCase(month.charAt(0))
        || text.chars().noneMatch(Character::isUpperCase);
  }

  private Optional<Hit> yearRange(Matcher m, String text) {
    int from = Integer.parseInt(m.group(1));
    String last = m.group(2);
    int to =
        last.length() == 2 ? from - from % 100 + Integer.parseInt(last) : Integer.parseInt(last);
    boolean likely = from >= EARLIEST && to <= LATEST && to > from;
    return likely && !counts(text, m.end(), true)
        ? Optional.of(Hit.whole(m.start(1), m.end(), When.year(from).until(When.year(to))))
        : Optional.empty();
  }

  /** A year after a word before years, in brackets or after a comma at the end of what is said. */
  private Optional<Hit> leadYear(Matcher m, String text) {
    Optional<When> year = likely(m.group(2));
    if (year.isEmpty()) {
      return year.map(it -> null);
    }
    String lead = m.group(1);
    boolean bracket = lead.equals("(");
    boolean comma = lead.equals(",");
    if (bracket || comma) {
      char next = m.end() < text.length() ? text.charAt(m.end()) : '.';
      boolean closed = bracket ? next == ')' : ".;,".indexOf(next) >= 0;
      if (!closed || named(text, m.start())) {
        return Optional.empty();
      }
    } else {
      boolean sure = year.get().from().getYear() > SURELY_YEAR;
      boolean strong = strong(lead, text, m.start());
      if (counts(text, m.end(), !strong || !sure)) {
        return Optional.empty();
      }
    }
    return year.map(it -> Hit.whole(m.start(2), m.end(2), it));
  }

  /** Whether a number after a word is a year unless what follows is counted. */
  private boolean strong(String lead, String text, int at) {
    return strong.matcher(lead).matches()
        || lead.equalsIgnoreCase("of")
            && THE_ONE.matcher(text.substring(Math.max(0, at - NEAR), at)).find();
  }

  /** Whether a name stands before a bracket or comma, as in a reference to a work. */
  private static boolean named(String text, int at) {
    String before = text.substring(0, at).stripTrailing();
    int from = Math.max(before.lastIndexOf(' '), before.lastIndexOf('(')) + 1;
    return from < before.length() && Character.isUpperCase(before.charAt(from))
        || before.endsWith(".");
  }

  /** Whether what follows a number is counted or measured by it. */
  private boolean counts(String text, int end, boolean strict) {
    int from = end;
    while (from < text.length() && text.charAt(from) == ' ') {
      from++;
    }
    if (from == text.length()) {
      return false;
    } else if ("%\u20ac$\u00a3\u00b0".indexOf(text.charAt(from)) >= 0) {
      return true;
    } else if (!Character.isLetter(text.charAt(from)) || from == end) {
      return false;
    }
    int to = from;
    while (to < text.length() && Character.isLetter(text.charAt(to))) {
      to++;
    }
    String next = text.substring(from, to);
    boolean several = Character.isLowerCase(next.charAt(0)) && next.endsWith("s");
    return tongue.measures(next)
        || UNIT.matcher(next).matches()
        || (strict || several) && !tongue.stop(next);
  }

  /** What a text tells of times, in order, without overlaps. */
  List<Hit> in(String text) {
    List<Hit> hits = new ArrayList<>();
    boolean digits = text.chars().anyMatch(Character::isDigit);
    for (Finder finder : finders) {
      if (finder.digits() && !digits) {
        continue;
      }
      Matcher m = finder.pattern().matcher(text);
      while (m.find()) {
        Optional<Hit> hit = finder.reader().apply(m, text);
        hit.filter(it -> hits.stream().noneMatch(it::overlaps)).ifPresent(hits::add);
      }
    }
    hits.removeIf(Hit::nothing);
    hits.sort(Comparator.comparingInt(Hit::start));
    return hits;
  }
}
