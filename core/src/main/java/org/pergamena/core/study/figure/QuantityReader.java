package org.pergamena.core.study.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.time.Told;

/**
 * Reads the quantities in a sentence: numbers in digits and, in English, in words; parts as <em>a
 * fifth</em>; with their units, what they count and what they are for each of.
 */
public final class QuantityReader {
  private static final Set<String> ABOUT =
      Set.of(
          "about",
          "around",
          "some",
          "nearly",
          "almost",
          "roughly",
          "approximately",
          "circa",
          "over",
          "under",
          "etwa",
          "rund",
          "knapp",
          "environ",
          "unos",
          "unas",
          "ongeveer",
          "cerca");
  private static final Set<String> EACH = Set.of("a", "an", "per", "each", "every", "pro", "par");
  private static final Set<String> NUMBERED =
      Set.of(
          "page",
          "pages",
          "chapter",
          "section",
          "figure",
          "table",
          "number",
          "no",
          "line",
          "part",
          "question",
          "item",
          "slide",
          "version",
          "step",
          "p",
          "pp");
  private static final Set<String> NOUNS = Set.of("NOUN", "PROPN", "X");
  private static final Map<String, Double> TIMES =
      Map.ofEntries(
          Map.entry("hundred", 100.0),
          Map.entry("thousand", 1e3),
          Map.entry("million", 1e6),
          Map.entry("millions", 1e6),
          Map.entry("billion", 1e9),
          Map.entry("tausend", 1e3),
          Map.entry("millionen", 1e6),
          Map.entry("mille", 1e3),
          Map.entry("mil", 1e3),
          Map.entry("millones", 1e6),
          Map.entry("milioni", 1e6),
          Map.entry("miljoen", 1e6),
          Map.entry("milh\u00f5es", 1e6));

  private final Tongue tongue;
  private final List<Token> tokens;
  private final int offset;
  private final String words;
  private final List<Told> times;

  private QuantityReader(Tongue tongue, Sentence sentence, String words, List<Told> times) {
    this.tongue = tongue;
    this.tokens = sentence.tokens();
    this.offset = sentence.span().start();
    this.words = words;
    this.times = times;
  }

  /**
   * The quantities of a sentence, in order.
   *
   * @param words of the sentence
   * @param times that it tells; what is in them is no quantity
   */
  public static List<Quantity> read(
      Tongue tongue, Sentence sentence, String words, List<Told> times) {
    return new QuantityReader(tongue, sentence, words, times).all();
  }

  private List<Quantity> all() {
    List<Quantity> found = new ArrayList<>();
    int i = 0;
    while (i < tokens.size()) {
      Number number = timed(i) ? null : number(i);
      if (number == null || number.next() == i) {
        i++;
      } else {
        Quantity quantity = quantity(i, number);
        if (quantity != null) {
          found.add(quantity);
        }
        i = number.next();
      }
    }
    return found;
  }

  /** A number, and the token after it. */
  private record Number(double value, int next, boolean share) {}

  private boolean timed(int i) {
    int start = tokens.get(i).start() - offset;
    int end = tokens.get(i).end() - offset;
    return times.stream().anyMatch(t -> start < t.end() && t.start() < end);
  }

  private String low(int i) {
    return i >= 0 && i < tokens.size() ? tokens.get(i).surface().toLowerCase(Locale.ROOT) : "";
  }

  private Number number(int i) {
    boolean english = tongue.code().equals(Tongue.ENGLISH);
    Number share = english ? share(i) : null;
    if (share != null) {
      return share;
    }
    Double value = NumberWords.digits(tokens.get(i).surface(), tongue.code());
    int next = i + 1;
    if (value == null && english) {
      NumberWords.Spelt spelt = NumberWords.spelt(tokens, i);
      value = spelt == null ? null : spelt.value();
      next = spelt == null ? i : spelt.next();
    }
    if (value == null) {
      return null;
    }
    while (TIMES.containsKey(low(next))) {
      value *= TIMES.get(low(next));
      next++;
    }
    return new Number(value, next, false);
  }

  /** A fifth of, two thirds of, half of, half the. */
  private Number share(int i) {
    double count = 1;
    int at = i;
    if (low(i).equals("a") || low(i).equals("one")) {
      at++;
    } else {
      NumberWords.Spelt spelt = NumberWords.spelt(tokens, i);
      if (spelt != null) {
        count = spelt.value();
        at = spelt.next();
      }
    }
    Double part = NumberWords.part(low(at), count > 1);
    boolean of = low(at + 1).equals("of") || low(at).equals("half") && low(at + 1).equals("the");
    return part == null || !of || at == i && !low(at).equals("half")
        ? null
        : new Number(100 * count * part, at + 1, true);
  }

  private Quantity quantity(int first, Number number) {
    if (NUMBERED.contains(low(first - 1)) || low(first - 1).equals("/")) {
      return null;
    }
    int at = number.next();
    Unit unit = number.share() ? Unit.SHARE : Unit.NONE;
    Unit before = first > 0 ? Unit.named(low(first - 1)) : null;
    int start = first;
    if (before != null && before.money()) {
      unit = before;
      start = first - 1;
    } else if (!number.share() && at < tokens.size()) {
      Unit two = Unit.named(low(at) + " " + low(at + 1));
      Unit one = two == null ? Unit.named(low(at)) : two;
      boolean squared = low(at).equals("square") || low(at).equals("cubic");
      if (one != null && beside(at)) {
        unit = one;
        at += two == null ? 1 : 2;
      } else if (squared && Unit.named(low(at + 1)) != null) {
        String sign = low(at).equals("square") ? "\u00b2" : "\u00b3";
        Unit made = Unit.named(Unit.named(low(at + 1)).symbol() + sign);
        unit = made == null ? Unit.NONE : made;
        at += 2;
      }
    }
    String noun = "";
    String stem = "";
    if (unit == Unit.NONE || number.share()) {
      int counted = counted(number.share() ? at + 1 : at);
      if (counted >= 0) {
        noun = tokens.get(counted).surface();
        stem = tokens.get(counted).stem();
        at = counted + 1;
      } else if (number.value() < 20 && !number.share()) {
        return null;
      }
    }
    String per = "";
    if (EACH.contains(low(at)) && Unit.named(low(at + 1)) != null) {
      per = Unit.named(low(at + 1)).symbol();
      at += 2;
    }
    boolean about = ABOUT.contains(low(start - 1));
    int from = tokens.get(start).start() - offset;
    int to = tokens.get(at - 1).end() - offset;
    return new Quantity(
        from, to, words.substring(from, to), number.value(), unit, noun, stem, per, about);
  }

  /** Whether a token that may be a unit follows the number closely, and is none but a letter. */
  private boolean beside(int at) {
    return tokens.get(at).start() - tokens.get(at - 1).end() <= 1;
  }

  /** The noun that is counted, adjectives before it left out; -1 for none. */
  private int counted(int from) {
    int last = -1;
    for (int i = from; i < tokens.size() && i < from + 4 && tokens.get(i).word(); i++) {
      String tag = tokens.get(i).tag();
      if (NOUNS.contains(tag)) {
        last = i;
      } else if (last >= 0 || !tag.matches("ADJ|DET|ADV|PRON")) {
        break;
      }
    }
    return last;
  }
}
