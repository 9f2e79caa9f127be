package org.pergamena.core.distil.quote;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** The sentences that are quoted: the worthiest, as many as there is room for. */
final class Chosen {
  /** Words of neighbouring sentences in one quote. */
  private static final int LONGEST = 60;

  /** What has this cosine with a quote says the same again. */
  private static final double SAME = 0.7;

  /** The share of the label's words that one of the quotes has if any sentence has. */
  private static final double BEARS = 0.5;

  private static final double NEW_SOURCE = 1.4;
  private static final double STANDS_OUT = 0.5;
  private static final int MOST_REFUSED = 50;

  private final int most;
  private final double room;
  private final List<Quotable> taken = new ArrayList<>();
  private final Map<Quotable, Double> worth = new IdentityHashMap<>();
  private int words;

  /**
   * None yet.
   *
   * @param most as many quotes at most
   * @param room in words; half of the last sentence may be beyond it
   */
  Chosen(int most, double room) {
    this.most = most;
    this.room = room;
  }

  /** The quotes out of some sentences, in their order, each of neighbouring sentences. */
  List<List<Quotable>> of(List<Quotable> sentences) {
    List<Quotable> whole = sentences.stream().filter(Quotable::says).toList();
    List<Quotable> left = new ArrayList<>(whole.isEmpty() ? sentences : whole);
    left.forEach(sentence -> worth.put(sentence, sentence.worth()));
    if (most > 0 && !left.isEmpty()) {
      take(bearing(left), left);
    }
    int refused = 0;
    while (!left.isEmpty() && refused < MOST_REFUSED) {
      Quotable best = best(left);
      if (words + STANDS_OUT * best.sentence().words() > room) {
        break;
      }
      if (fits(best)) {
        take(best, left);
      } else {
        left.remove(best);
        refused++;
      }
    }
    return runs(taken);
  }

  private void take(Quotable sentence, List<Quotable> left) {
    taken.add(sentence);
    left.remove(sentence);
    words += sentence.sentence().words();
  }

  /** The worthiest of those that have the words of the label. */
  private Quotable bearing(List<Quotable> sentences) {
    double fullest = sentences.stream().mapToDouble(Quotable::labelled).max().orElse(0);
    return best(sentences.stream().filter(s -> s.labelled() >= BEARS * fullest).toList());
  }

  private Quotable best(List<Quotable> sentences) {
    return sentences.stream().max(Comparator.comparingDouble(this::worth)).orElseThrow();
  }

  private double worth(Quotable sentence) {
    boolean known = taken.stream().anyMatch(t -> t.part().text() == sentence.part().text());
    return worth.get(sentence) * (known ? 1 : NEW_SOURCE);
  }

  /** Whether a sentence may be quoted beside those that are. */
  private boolean fits(Quotable sentence) {
    if (taken.stream().anyMatch(t -> t.vector().dot(sentence.vector()) > SAME)) {
      return false;
    }
    List<Quotable> all = new ArrayList<>(taken);
    all.add(sentence);
    List<List<Quotable>> runs = runs(all);
    boolean brief =
        runs.stream()
            .filter(run -> run.size() > 1 && run.contains(sentence))
            .allMatch(run -> run.stream().mapToInt(s -> s.sentence().words()).sum() <= LONGEST);
    return brief && runs.size() <= most;
  }

  /** Sentences in the order of their texts, neighbours together. */
  private static List<List<Quotable>> runs(List<Quotable> sentences) {
    List<Quotable> ordered = new ArrayList<>(sentences);
    ordered.sort(Comparator.comparingInt(Quotable::index));
    List<List<Quotable>> runs = new ArrayList<>();
    for (Quotable each : ordered) {
      runs.stream()
          .filter(run -> run.get(run.size() - 1).before(each))
          .findFirst()
          .ifPresentOrElse(run -> run.add(each), () -> runs.add(new ArrayList<>(List.of(each))));
    }
    return runs;
  }
}
