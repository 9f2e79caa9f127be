package org.pergamena.core.time;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.time.RelativeTimes.Step;
import org.pergamena.core.time.Told.Basis;
import org.pergamena.core.time.When.Bound;

/**
 * Reads the times that a text tells, one sentence after the other: a day or month without a year
 * lies in the year told last, <em>two days later</em> counts from the time told last, and
 * <em>yesterday</em> from the day of which the text is. What is not to be worked out is left open.
 */
public final class TimeReader {
  private static final Map<String, Forms> KNOWN = new ConcurrentHashMap<>();
  private static final Pattern LETTERS = Pattern.compile("(?<!\\\\)\\p{L}{3,}");
  private static final int MOST_KNOWN = 50_000;
  private static final int BEFORE = 30;

  /** As many letters of a text may tell what day it is of. */
  private static final int HEAD = 400;

  /** A line with a date of no more letters than this may tell what day the rest is of. */
  private static final int LINE = 90;

  /** A word that makes a stretch of two times only if something before them says so. */
  private static final Pattern AND = Pattern.compile("(?iu)(?:and|und|et|y|e|en)(?:\\s.*)?");

  private static final Pattern BETWEEN =
      Pattern.compile(
          "(?iuU)\\b(?:between|zwischen|entre|tra|fra|tussen)\\s+(?:\\p{L}{1,4}\\s+)?$");

  private record Forms(
      AbsoluteTimes absolute,
      RelativeTimes relative,
      Pattern about,
      Pattern since,
      Pattern until,
      List<Pattern> parts,
      Pattern range,
      Pattern trigger,
      Map<String, Boolean> known) {
    static Forms of(String code) {
      TimeWords words = TimeWords.of(code);
      return new Forms(
          new AbsoluteTimes(Tongue.of(code)),
          new RelativeTimes(code),
          leading(words.any("about")),
          leading(words.any("since")),
          leading(words.any("until")),
          words.list("parts").stream().map(Forms::leading).toList(),
          TimeWords.pattern(
              "\\s*(?:[\u2013\u2014-]|(?:" + words.any("range") + ")\\s*\\p{L}{0,3})\\s*"),
          TimeWords.pattern(triggers(words, Tongue.of(code))),
          new ConcurrentHashMap<>());
    }

    /** Words without which nothing but digits tells a time. */
    private static String triggers(TimeWords words, Tongue tongue) {
      List<String> all = new ArrayList<>(List.of(words.month(), words.season()));
      all.addAll(words.list("units"));
      for (String key : List.of("noon", "midnight", "century.words", "century")) {
        Matcher letters = LETTERS.matcher(words.any(key));
        while (letters.find()) {
          all.add(letters.group());
        }
      }
      for (String key : List.of("phrases", "today.phrases")) {
        for (String each : words.list(key)) {
          List<String> own = new ArrayList<>();
          Matcher letters = LETTERS.matcher(each.substring(0, each.lastIndexOf('=')));
          while (letters.find()) {
            own.add(letters.group());
          }
          List<String> rare = own.stream().filter(word -> !tongue.stop(word)).toList();
          all.addAll(rare.isEmpty() ? own : rare);
        }
      }
      return String.join("|", all);
    }

    /** Whether a text has such a word. */
    boolean triggered(String text) {
      int start = -1;
      for (int i = 0; i <= text.length(); i++) {
        boolean letter = i < text.length() && Character.isLetter(text.charAt(i));
        if (letter && start < 0) {
          start = i;
        } else if (!letter && start >= 0) {
          if (i - start > 2 && triggers(text.substring(start, i))) {
            return true;
          }
          start = -1;
        }
      }
      return false;
    }

    private boolean triggers(String word) {
      Boolean is = known.get(word);
      if (is == null) {
        is = trigger.matcher(word).matches();
        if (known.size() < MOST_KNOWN) {
          known.put(word, is);
        }
      }
      return is;
    }

    private static Pattern leading(String alternatives) {
      return TimeWords.pattern(
          "(?<![\\p{L}\\d])(?:" + alternatives + ")[\\s-]*(?:\\p{L}{2,4}\\s+)?$");
    }
  }

  private record Found(int start, int end, Hit hit, Step step) {}

  private final Forms forms;
  private int read;
  private When last;
  private String lastWords = "";
  private When of;
  private String ofWords = "";

  /** A reader of one text. */
  public TimeReader(Tongue tongue) {
    this.forms = KNOWN.computeIfAbsent(tongue.code(), Forms::of);
  }

  /** A reader of a text that is of a year, as far as it does not say otherwise. */
  public static TimeReader in(Tongue tongue, int year) {
    TimeReader reader = new TimeReader(tongue);
    reader.last = When.year(year);
    return reader;
  }

  /** The time that some words tell by themselves, or ISO 8601-2; empty if they do not. */
  public static Optional<When> typed(String words, Tongue tongue) {
    Optional<When> written = Edtf.read(words);
    if (written.isPresent()) {
      return written;
    }
    String plain = words.strip();
    if (plain.matches("\\d{3,4}")) {
      return Optional.of(When.year(Integer.parseInt(plain)));
    }
    // years alone are years only after words that lead to them
    return Stream.of(
            told(plain, tongue),
            told("from " + plain, tongue).filter(When::spans),
            told("in " + plain, tongue))
        .flatMap(Function.identity())
        .findFirst();
  }

  private static Stream<When> told(String words, Tongue tongue) {
    return new TimeReader(tongue)
        .read(words).stream()
            .filter(told -> told.basis() == Basis.STATED)
            .flatMap(told -> told.when().stream());
  }

  /** Takes the words of a heading: what follows may be of the day that it tells. */
  public void heading(String words) {
    read(words);
  }

  /** The times that the next words tell, in order. */
  public List<Told> read(String words) {
    boolean head = read < HEAD || words.length() <= LINE;
    read += words.length();
    boolean triggered = forms.triggered(words);
    if (!triggered && words.chars().noneMatch(Character::isDigit)) {
      return List.of();
    }
    List<Hit> hits = joined(words, forms.absolute().in(words));
    List<Found> found = new ArrayList<>();
    hits.forEach(hit -> found.add(new Found(hit.start(), hit.end(), hit, null)));
    for (Step step : triggered ? forms.relative().in(words) : List.<Step>of()) {
      if (hits.stream().noneMatch(h -> h.start() < step.end() && step.start() < h.end())) {
        found.add(new Found(step.start(), step.end(), null, step));
      }
    }
    found.sort(Comparator.comparingInt(Found::start));
    List<Told> told = new ArrayList<>();
    for (Found each : clocked(found)) {
      Told one = each.step() == null ? stated(words, each) : counted(words, each);
      told.add(one);
      remember(one, head);
    }
    return told;
  }

  private void remember(Told told, boolean head) {
    if (told.when().isEmpty()) {
      return;
    }
    last = told.when().get();
    lastWords = told.words();
    if (head && told.basis() == Basis.STATED && last.grain() == Grain.DAY && !last.spans()) {
      of = last;
      ofWords = told.words();
    }
  }

  /** Two times with a word between that makes a stretch of them are one. */
  private List<Hit> joined(String words, List<Hit> hits) {
    List<Hit> joined = new ArrayList<>();
    for (Hit hit : hits) {
      Hit before = joined.isEmpty() ? null : joined.get(joined.size() - 1);
      Optional<Hit> both = before == null ? Optional.empty() : both(words, before, hit);
      if (both.isPresent()) {
        joined.set(joined.size() - 1, both.get());
      } else {
        joined.add(hit);
      }
    }
    return joined;
  }

  private Optional<Hit> both(String words, Hit first, Hit second) {
    String between = words.substring(first.end(), second.start());
    if (!forms.range().matcher(between).matches() || first.clock() != null) {
      return Optional.empty();
    }
    boolean and = between.strip().length() > 2 && AND.matcher(between.strip()).matches();
    if (and && !BETWEEN.matcher(words.substring(0, first.start())).find()) {
      return Optional.empty();
    }
    Optional<When> end = second.told();
    Optional<When> begin =
        first.yearless() && second.year() != null ? first.in(second.year()) : first.told();
    return begin.isPresent() && end.isPresent() && end.get().to().isAfter(begin.get().from())
        ? Optional.of(Hit.whole(first.start(), second.end(), begin.get().until(end.get())))
        : Optional.empty();
  }

  /** A time of day is put to the one day that the same sentence tells. */
  private static List<Found> clocked(List<Found> found) {
    List<Found> clocks =
        found.stream().filter(f -> f.hit() != null && f.hit().clock() != null).toList();
    if (clocks.size() != 1 || found.size() != 2) {
      return found;
    }
    Hit clock = clocks.get(0).hit();
    Found other = found.get(0).hit() == clock ? found.get(1) : found.get(0);
    if (other.hit() == null
        || other.hit().whole() != null && other.hit().whole().grain() != Grain.DAY
        || other.hit().whole() == null && other.hit().day() == 0
        || other.hit().lastDay() > 0) {
      return found;
    }
    Hit day = other.hit();
    Hit timed =
        new Hit(
            day.start(),
            day.end(),
            day.year(),
            day.month(),
            day.day(),
            0,
            -1,
            day.whole(),
            clock.clock());
    return List.of(
        new Found(
            Math.min(day.start(), clock.start()), Math.max(day.end(), clock.end()), timed, null));
  }

  private Told stated(String words, Found found) {
    Hit hit = found.hit();
    Optional<When> when = hit.told();
    Basis basis = Basis.STATED;
    String from = "";
    if (when.isEmpty() && hit.clock() != null && hit.month() == 0) {
      boolean day =
          last != null
              && !last.grain().equals(Grain.WEEK)
              && !Grain.DAY.finer(last.grain())
              && !last.spans();
      basis = day ? Basis.COUNTED : Basis.OPEN;
      when = day ? Optional.of(last) : when;
      from = day ? lastWords : "";
    } else if (when.isEmpty()) {
      Integer year = carried(hit);
      basis = year == null ? Basis.OPEN : Basis.CARRIED;
      when = year == null ? when : hit.in(year);
      from = year == null ? "" : last == null ? ofWords : lastWords;
    }
    if (hit.clock() != null) {
      when = when.map(day -> day.at(hit.clock(), Grain.MINUTE));
    }
    return led(words, found, when, basis, from);
  }

  /** The year of a month or day without one: that of the time told last, or the next in winter. */
  private Integer carried(Hit hit) {
    When base = last == null ? of : last;
    if (base == null || base.grain() == Grain.DECADE || base.grain() == Grain.CENTURY) {
      return null;
    }
    int year = base.from().getYear();
    boolean over =
        !Grain.MONTH.finer(base.grain()) && base.from().getMonthValue() - hit.month() > 6;
    return hit.month() > 0 && over ? (Integer) (year + 1) : (Integer) year;
  }

  /** With what the words before it say of it: about, since, early in. */
  private Told led(String words, Found found, Optional<When> when, Basis basis, String from) {
    int start = found.start();
    Optional<When> its = when;
    for (int part = 0; part < forms.parts().size(); part++) {
      Matcher m = forms.parts().get(part).matcher(before(words, start));
      int third = part;
      boolean wide = its.map(it -> !it.grain().finer(Grain.MONTH) && !it.spans()).orElse(false);
      if (wide && m.find()) {
        its = its.map(it -> it.third(third));
        start -= before(words, start).length() - m.start();
        break;
      }
    }
    Matcher about = forms.about().matcher(before(words, start));
    if (about.find()) {
      start -= before(words, start).length() - about.start();
      its = its.map(When::roughly);
    }
    its = its.map(it -> it.as(bound(before(words, found.start()), it)));
    return new Told(
        start, found.end(), words.substring(start, found.end()), its, basis, from, null);
  }

  private Bound bound(String before, When when) {
    if (when.spans()) {
      return Bound.AT;
    } else if (forms.since().matcher(before).find()) {
      return Bound.SINCE;
    }
    return forms.until().matcher(before).find() ? Bound.UNTIL : Bound.AT;
  }

  private static String before(String words, int start) {
    return words.substring(Math.max(0, start - BEFORE), start);
  }

  private Told counted(String words, Found found) {
    Step step = found.step();
    String own = words.substring(found.start(), found.end());
    if (step.after() != null) {
      return new Told(
          found.start(), found.end(), own, Optional.empty(), Basis.EVENT, "", step.after());
    }
    When base = step.said() ? of : last;
    Optional<When> when = base == null ? Optional.empty() : base.plus(step.count(), step.unit());
    Basis basis = when.isEmpty() ? Basis.OPEN : step.said() ? Basis.SAID : Basis.COUNTED;
    String from = when.isEmpty() ? "" : step.said() ? ofWords : lastWords;
    return new Told(found.start(), found.end(), own, when, basis, from, null);
  }
}
