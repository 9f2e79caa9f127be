package org.pergamena.core.study.figure;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.Naming;
import org.pergamena.core.study.figure.Figures.Beside;
import org.pergamena.core.study.figure.Figures.Figure;
import org.pergamena.core.time.TextTimes;

/** Finds the quantities that texts give, and those of the same in different texts. */
public final class FigureFinder {
  private static final int MOST = 5_000;
  private static final int MOST_BESIDE = 100;
  private static final int NEAR_WORDS = 3;
  private static final int LONGEST = 60;
  private static final double LEAST = 0.3;
  private static final Set<String> NAMING = Set.of("NOUN", "PROPN", "ADJ");

  private final List<Figure> all = new ArrayList<>();
  private final Map<String, Integer> often = new HashMap<>();

  private FigureFinder() {}

  /** The quantities of texts. */
  public static Figures in(Collection<Analysed> texts) {
    FigureFinder finder = new FigureFinder();
    for (Analysed text : texts) {
      TextTimes times = new TextTimes(text);
      for (Sentence sentence : text.sentences()) {
        finder.read(text, sentence, times);
      }
    }
    return new Figures(finder.all, finder.beside());
  }

  private void read(Analysed text, Sentence sentence, TextTimes times) {
    if (sentence.tokens().size() > LONGEST || all.size() >= MOST) {
      return;
    }
    Passage passage = Passage.of(text.source(), sentence.span());
    List<Quantity> quantities =
        QuantityReader.read(text.tongue(), sentence, passage.exact(), times.of(sentence));
    int nth = 0;
    for (Quantity quantity : quantities) {
      Set<String> stems = stems(sentence, quantity);
      stems.forEach(stem -> often.merge(stem, 1, Integer::sum));
      String key = Naming.key(passage.line() + " " + nth);
      all.add(new Figure(key, quantity, of(sentence, quantity), passage, stems));
      nth++;
    }
  }

  /** The words that carry meaning on this side of the marks around a quantity. */
  private static Set<String> stems(Sentence sentence, Quantity quantity) {
    Set<String> stems = new TreeSet<>();
    for (Token token : around(sentence, quantity)) {
      if (token.content() && token.word() && !Character.isDigit(token.surface().charAt(0))) {
        stems.add(token.stem());
      }
    }
    return stems;
  }

  private static List<Token> around(Sentence sentence, Quantity quantity) {
    List<Token> around = new ArrayList<>();
    int start = sentence.span().start();
    for (Token token : sentence.tokens()) {
      boolean mark = Set.of(",", ";", ":", "(", ")").contains(token.surface());
      boolean before = token.end() - start <= quantity.start();
      boolean after = token.start() - start >= quantity.end();
      if (mark && before) {
        around.clear();
      } else if (mark && after && !around.isEmpty()) {
        break;
      } else if (before || after) {
        around.add(token);
      }
    }
    return around;
  }

  /** Of what a quantity is: the nouns of its clause that stand nearest to it, in their order. */
  private static String of(Sentence sentence, Quantity quantity) {
    int start = sentence.span().start();
    List<Token> near =
        around(sentence, quantity).stream()
            .filter(token -> token.content() && NAMING.contains(token.tag()))
            .sorted(
                Comparator.comparingInt(
                    token -> Math.abs(token.start() - start - quantity.start())))
            .limit(NEAR_WORDS)
            .sorted(Comparator.comparingInt(Token::start))
            .toList();
    return String.join(" ", near.stream().map(Token::surface).toList());
  }

  private double weight(String stem) {
    return Math.log(1 + (all.size() + 5.0) / often.getOrDefault(stem, 1));
  }

  private double alike(Figure one, Figure other) {
    double both = 0;
    double either = 0;
    Set<String> union = new HashSet<>(one.stems());
    union.addAll(other.stems());
    for (String stem : union) {
      boolean shared = one.stems().contains(stem) && other.stems().contains(stem);
      both += shared ? weight(stem) : 0;
      either += weight(stem);
    }
    return either == 0 ? 0 : both / either;
  }

  private static long shared(Figure one, Figure other) {
    return one.stems().stream().filter(other.stems()::contains).count();
  }

  private List<Beside> beside() {
    Map<String, List<Figure>> kinds = new LinkedHashMap<>();
    all.forEach(f -> kinds.computeIfAbsent(f.quantity().kind(), k -> new ArrayList<>()).add(f));
    List<Beside> beside = new ArrayList<>();
    kinds.values().forEach(kind -> group(kind, beside));
    beside.sort(Comparator.comparingDouble((Beside b) -> -b.strength()));
    return beside.subList(0, Math.min(MOST_BESIDE, beside.size()));
  }

  /** Each with those of other sources that have the most in common with it. */
  private void group(List<Figure> kind, List<Beside> beside) {
    Map<String, List<Figure>> byStem = new HashMap<>();
    for (Figure each : kind) {
      each.stems().forEach(s -> byStem.computeIfAbsent(s, k -> new ArrayList<>()).add(each));
    }
    Set<Figure> taken = new HashSet<>();
    for (Figure first : kind) {
      if (taken.contains(first)) {
        continue;
      }
      Set<Figure> near = new HashSet<>();
      for (String stem : first.stems()) {
        List<Figure> with = byStem.get(stem);
        if (with.size() <= 60) {
          near.addAll(with);
        }
      }
      List<Figure> same =
          near.stream()
              .filter(f -> f != first && !taken.contains(f))
              .filter(f -> !f.passage().source().equals(first.passage().source()))
              .filter(f -> shared(first, f) >= 2 && alike(first, f) >= LEAST)
              .sorted(
                  Comparator.comparingDouble((Figure f) -> -alike(first, f))
                      .thenComparing(Figure::key))
              .limit(6)
              .toList();
      if (!same.isEmpty()) {
        taken.add(first);
        taken.addAll(same);
        List<Figure> together = new ArrayList<>(List.of(first));
        together.addAll(same);
        boolean agree = same.stream().allMatch(f -> f.quantity().same(first.quantity()));
        double strength = Math.round(100 * alike(first, same.get(0))) / 100.0;
        beside.add(new Beside(together, agree, strength));
      }
    }
  }
}
