package org.pergamena.core.distil.segment;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * How likely a new subject begins at each unit of a text: how unlike the words before it are to the
 * words after it, in windows of several widths at once, from a paragraph to a chapter. After Marti
 * Hearst, <em>TextTiling</em> (1997), which has one width.
 */
final class Seams {
  private static final int[] WIDTHS = {100, 250, 600, 1200};
  private static final double[] WEIGHTS = {0.8, 0.46, 0.7, 0.7};

  /** Closer to an end of the text than this many words, a seam counts for less. */
  private static final double ENOUGH = 200;

  private final int[][] units;
  private final int[] words;

  /** Number of words before each unit. */
  private final int[] passed;

  private final double[] rarity;

  /**
   * @param units the content stems of each unit, as numbers below {@code vocabulary}
   * @param words number of words of each unit
   */
  Seams(int[][] units, int[] words, int vocabulary) {
    this.units = units;
    this.words = words;
    this.passed = new int[units.length + 1];
    for (int i = 0; i < units.length; i++) {
      passed[i + 1] = passed[i] + words[i];
    }
    this.rarity = new double[vocabulary];
    for (int[] unit : units) {
      Set<Integer> met = new HashSet<>();
      for (int stem : unit) {
        rarity[stem] += met.add(stem) ? 1 : 0;
      }
    }
    for (int i = 0; i < vocabulary; i++) {
      rarity[i] = Math.log((units.length + 1) / rarity[i]);
    }
  }

  /**
   * For each unit how likely it begins a subject, against the others; 0 for the first.
   *
   * @param pulse run many times a second; it may throw to stop the work
   */
  double[] strengths(Runnable pulse) {
    int n = units.length;
    double[] strengths = new double[n];
    for (int width = 0; width < WIDTHS.length && n > 2; width++) {
      double[] alike = new double[n];
      for (int i = 1; i < n; i++) {
        pulse.run();
        alike[i] = cosine(before(i, WIDTHS[width]), after(i, WIDTHS[width]));
      }
      double mean = Arrays.stream(alike, 1, n).average().orElse(0);
      double scatter =
          Arrays.stream(alike, 1, n).map(a -> (a - mean) * (a - mean)).average().orElse(0);
      for (int i = 1; i < n; i++) {
        double seen = Math.min(passed[i], passed[n] - passed[i]);
        double share = Math.min(1, seen / ENOUGH);
        strengths[i] -= share * WEIGHTS[width] * (alike[i] - mean) / Math.sqrt(scatter + 1e-9);
      }
    }
    return strengths;
  }

  private Map<Integer, Double> before(int unit, int width) {
    int from = unit;
    for (int all = 0; from > 0 && all < width; ) {
      all += words[--from];
    }
    return bag(from, unit);
  }

  private Map<Integer, Double> after(int unit, int width) {
    int to = unit;
    for (int all = 0; to < units.length && all < width; ) {
      all += words[to++];
    }
    return bag(unit, to);
  }

  private Map<Integer, Double> bag(int from, int to) {
    Map<Integer, Double> bag = new HashMap<>();
    for (int i = from; i < to; i++) {
      for (int stem : units[i]) {
        bag.merge(stem, 1.0, Double::sum);
      }
    }
    bag.replaceAll((stem, count) -> (1 + Math.log(count)) * rarity[stem]);
    return bag;
  }

  private static double cosine(Map<Integer, Double> a, Map<Integer, Double> b) {
    double dot = 0;
    for (Map.Entry<Integer, Double> entry : a.entrySet()) {
      dot += entry.getValue() * b.getOrDefault(entry.getKey(), 0.0);
    }
    double lengths = square(a) * square(b);
    return lengths == 0 ? 0 : dot / Math.sqrt(lengths);
  }

  private static double square(Map<Integer, Double> bag) {
    return bag.values().stream().mapToDouble(weight -> weight * weight).sum();
  }
}
