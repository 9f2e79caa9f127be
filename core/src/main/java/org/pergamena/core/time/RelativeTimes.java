package org.pergamena.core.time;

import java.time.Period;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.time.Told.After;

/** Finds the words of a language that count a time from another. */
final class RelativeTimes {
  private static final String LEFT = "(?<![\\p{L}\\d])";
  private static final String RIGHT = "(?![\\p{L}\\d])";
  private static final List<Grain> UNITS =
      List.of(Grain.MINUTE, Grain.HOUR, Grain.DAY, Grain.WEEK, Grain.MONTH, Grain.YEAR);

  /** How many years each of the units is. */
  private static final double[] YEARS = {
    1 / 525_960.0, 1 / 8766.0, 1 / 365.25, 7 / 365.25, 1 / 12.0, 1
  };

  private static final int MOST = 2000;

  /**
   * So many units from another time.
   *
   * @param said whether it is counted from the day of which the source is
   * @param after how long after an event; then the rest says nothing
   */
  record Step(int start, int end, int count, Grain unit, boolean said, After after) {}

  private record Phrase(Pattern pattern, int count, Grain unit, boolean said) {}

  private final List<Phrase> phrases = new ArrayList<>();
  private final List<Pattern> numbers;
  private final List<Pattern> units;
  private final List<Pattern> ordinals;
  private final List<Pattern> seasons;
  private final Pattern later;
  private final Pattern earlier;
  private final Pattern ago;
  private final Pattern afterEvent;
  private final Pattern beforeEvent;
  private final Pattern nth;
  private final Pattern year;
  private final Pattern firstFew;
  private final TimeWords words;

  RelativeTimes(String code) {
    words = TimeWords.of(code);
    numbers = words.patterns("numbers");
    units = words.patterns("units");
    ordinals = words.patterns("ordinals");
    seasons = words.patterns("seasons");
    phrases(false, "phrases");
    phrases(true, "today.phrases");
    String number = "(" + joined("numbers") + "|\\d{1,4})";
    String unit = "(" + joined("units") + ")";
    later = step(number + "\\s+" + unit + "\\s+(?:" + words.any("later") + ")" + RIGHT);
    earlier = step(number + "\\s+" + unit + "\\s+(?:" + words.any("earlier") + ")" + RIGHT);
    ago = step(words.any("ago").replace("NUMBER", number).replace("UNIT", unit) + RIGHT);
    String event = "(?:" + words.any("event.article") + ")\\s+(\\p{L}{3,})" + RIGHT;
    String after = "(?:" + words.any("after.event") + ")\\s+" + event;
    afterEvent = step(number + "\\s+" + unit + "\\s+" + after);
    beforeEvent =
        step(
            "(the|"
                + joined("numbers")
                + "|\\d{1,4})\\s+"
                + unit
                + "\\s+(?:"
                + words.any("before.event")
                + ")\\s+"
                + event);
    String ordinal = "(" + joined("ordinals") + ")";
    String nths = unit + "|(" + joined("seasons") + "|" + words.month() + ")s?";
    nth =
        step(
            "(?:in|by|of|since|during|until)\\s+the\\s+"
                + ordinal
                + "(?:\\s+(?:and|or|to)\\s+"
                + ordinal
                + ")?\\s+(?:"
                + nths
                + ")"
                + RIGHT
                + "(?:\\s+"
                + after
                + ")?");
    year = step("year\\s+" + number + "\\s+" + after);
    firstFew =
        step(
            "the\\s+first\\s+("
                + joined("numbers")
                + "|\\w+teen|\\d{1,3})\\s+"
                + unit
                + "\\s+"
                + after);
  }

  private String joined(String key) {
    return words.has(key) ? String.join("|", words.list(key)) : TimeWords.NEVER;
  }

  private static Pattern step(String regex) {
    return TimeWords.pattern(LEFT + "(?:" + regex + ")");
  }

  private void phrases(boolean said, String key) {
    for (String each : words.list(key)) {
      int equals = each.lastIndexOf('=');
      Period period = Period.parse(each.substring(equals + 1));
      Grain unit = each.endsWith("Y") ? Grain.YEAR : each.endsWith("M") ? Grain.MONTH : Grain.DAY;
      int count = period.getYears() + period.getMonths() + period.getDays();
      boolean week = unit == Grain.DAY && Math.abs(count) == 7;
      phrases.add(
          new Phrase(
              step("(?:" + each.substring(0, equals) + ")" + RIGHT),
              week ? count / 7 : count,
              week ? Grain.WEEK : unit,
              said));
    }
  }

  /** What a text tells, in no order; none overlaps another. */
  List<Step> in(String text) {
    List<Step> steps = new ArrayList<>();
    events(text, steps);
    counted(later.matcher(text), 1, false, steps);
    counted(earlier.matcher(text), -1, false, steps);
    counted(ago.matcher(text), -1, true, steps);
    for (Phrase phrase : phrases) {
      Matcher m = phrase.pattern().matcher(text);
      while (m.find()) {
        add(
            steps,
            new Step(m.start(), m.end(), phrase.count(), phrase.unit(), phrase.said(), null));
      }
    }
    return steps;
  }

  private static void add(List<Step> steps, Step step) {
    if (steps.stream().noneMatch(o -> o.start() < step.end() && step.start() < o.end())) {
      steps.add(step);
    }
  }

  private void counted(Matcher m, int sign, boolean said, List<Step> steps) {
    while (m.find()) {
      int count = number(m.group(1));
      if (count > 0 && count <= MOST) {
        add(steps, new Step(m.start(), m.end(), sign * count, unit(m.group(2)), said, null));
      }
    }
  }

  private Grain unit(String word) {
    return UNITS.get(TimeWords.index(units, word));
  }

  private int number(String word) {
    if (Character.isDigit(word.charAt(0))) {
      return Integer.parseInt(word);
    }
    int known = 1 + TimeWords.index(numbers, word);
    return known > 0 ? known : word.equalsIgnoreCase("eighteen") ? 18 : 0;
  }

  private void events(String text, List<Step> steps) {
    Matcher m = firstFew.matcher(text);
    while (m.find()) {
      Grain unit = unit(m.group(2));
      add(steps, after(m, 0, number(m.group(1)) * years(unit), unit, m.group(3)));
    }
    m = year.matcher(text);
    while (m.find()) {
      int number = number(m.group(1));
      add(steps, after(m, number - 1, number, Grain.YEAR, m.group(2)));
    }
    m = nth.matcher(text);
    while (m.find()) {
      int first = 1 + TimeWords.index(ordinals, m.group(1));
      int last = m.group(2) == null ? first : 1 + TimeWords.index(ordinals, m.group(2));
      if (m.group(3) != null) {
        Grain unit = unit(m.group(3));
        add(
            steps,
            after(
                m,
                (first - 1) * years(unit),
                Math.max(first, last) * years(unit),
                unit,
                m.group(5)));
      } else {
        add(steps, turn(m, first - 1, Math.max(first, last)));
      }
    }
    m = afterEvent.matcher(text);
    while (m.find()) {
      int count = number(m.group(1));
      Grain unit = unit(m.group(2));
      add(steps, after(m, count * years(unit), (count + 1) * years(unit), unit, m.group(3)));
    }
    m = beforeEvent.matcher(text);
    while (m.find()) {
      int count = m.group(1).equalsIgnoreCase("the") ? 1 : number(m.group(1));
      Grain unit = unit(m.group(2));
      add(steps, after(m, -count * years(unit), (1 - count) * years(unit), unit, m.group(3)));
    }
  }

  /** Counted by a season or month, of which each year has one: the third winter. */
  private Step turn(Matcher m, int first, int last) {
    String noun = m.group(5) == null ? "" : m.group(5).toLowerCase(Locale.ROOT);
    int season = TimeWords.index(seasons, m.group(4));
    int month = season >= 0 ? 0 : words.month(m.group(4));
    Grain unit = season >= 0 ? Grain.SEASON : Grain.MONTH;
    return new Step(
        m.start(1), m.end(), 0, unit, false, new After(noun, first, last, unit, month, season));
  }

  private static double years(Grain unit) {
    return YEARS[UNITS.indexOf(unit)];
  }

  private static Step after(Matcher m, double first, double last, Grain unit, String event) {
    String noun = event == null ? "" : event.toLowerCase(Locale.ROOT);
    return new Step(m.start(1), m.end(), 0, unit, false, new After(noun, first, last, unit, 0, -1));
  }
}
