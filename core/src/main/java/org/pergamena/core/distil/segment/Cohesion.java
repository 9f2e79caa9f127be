package org.pergamena.core.distil.segment;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;

/**
 * Cuts a run of sentences where its vocabulary changes, into a given number of segments.
 *
 * <p>Each segment costs what it takes to spell its words by its own frequencies, smoothed by one;
 * dynamic programming finds the cheapest cuts. After Masao Utiyama and Hitoshi Isahara, <em>A
 * Statistical Model for Domain-Independent Text Segmentation</em> (2001), with the number of
 * segments given instead of a prior on it; cuts are drawn to {@link Seams}.
 */
public final class Cohesion {
  private static final int MOST_UNITS = 1200;

  /** A paragraph of more words may be cut at each of its sentences. */
  private static final int LONGEST_UNIT = 250;

  /** What a likely seam is worth, as a share of what all cutting can gain. */
  private static final double SEAM = 0.15;

  /** What a signpost at the beginning adds to the strength of a seam. */
  private static final double SIGNPOST = 1.5;

  private final int[][] units;
  private final int[] words;
  private final boolean[] signs;
  private final int[] starts;
  private final int vocabulary;

  /** Prepares the sentences from one place up to another. */
  public Cohesion(Analysed text, int from, int to) {
    List<Integer> cuts = cuts(text, from, to);
    this.starts = cuts.stream().mapToInt(Integer::intValue).toArray();
    Map<String, Integer> ids = new HashMap<>();
    this.units = new int[starts.length][];
    this.words = new int[starts.length];
    this.signs = new boolean[starts.length];
    for (int i = 0; i < starts.length; i++) {
      int end = i + 1 < starts.length ? starts[i + 1] : to;
      List<Integer> stems = new ArrayList<>();
      for (Sentence sentence : text.sentences().subList(starts[i], end)) {
        for (Token token : sentence.tokens()) {
          if (token.content()) {
            stems.add(ids.computeIfAbsent(token.stem(), stem -> ids.size()));
          }
        }
      }
      words[i] = text.words(starts[i], end);
      signs[i] = text.sentences().get(starts[i]).opens(text.tongue());
      units[i] = stems.stream().mapToInt(Integer::intValue).toArray();
    }
    this.vocabulary = Math.max(1, ids.size());
  }

  /** Where a unit may begin: at paragraphs, and in long ones at sentences. */
  private static List<Integer> cuts(Analysed text, int from, int to) {
    List<Integer> cuts = new ArrayList<>();
    for (int start = from; start < to; ) {
      int end = start + 1;
      int block = text.sentences().get(start).block();
      while (end < to && text.sentences().get(end).block() == block) {
        end++;
      }
      boolean whole = text.punctuated() && text.words(start, end) <= LONGEST_UNIT;
      IntStream.range(start, whole ? start + 1 : end).forEach(cuts::add);
      start = end;
    }
    int step = (cuts.size() + MOST_UNITS - 1) / MOST_UNITS;
    List<Integer> kept = new ArrayList<>();
    for (int i = 0; i < cuts.size(); i += Math.max(1, step)) {
      kept.add(cuts.get(i));
    }
    return kept;
  }

  /**
   * The first sentences of the segments, the first of all included; at most {@code count}.
   *
   * @param least no segment has fewer words, if that can be had
   * @param pulse run many times a second; it may throw to stop the work
   */
  public List<Integer> segments(int count, int least, Runnable pulse) {
    int n = units.length;
    int k = Math.min(count, n);
    double[][] cost = costs(n, pulse);
    drawToSeams(cost, n, pulse);
    forbidShort(cost, n, least);
    double[][] best = new double[k + 1][n + 1];
    int[][] cut = new int[k + 1][n + 1];
    for (double[] row : best) {
      Arrays.fill(row, Double.POSITIVE_INFINITY);
    }
    best[0][0] = 0;
    for (int segments = 1; segments <= k; segments++) {
      pulse.run();
      for (int end = segments; end <= n; end++) {
        for (int start = segments - 1; start < end; start++) {
          double sum = best[segments - 1][start] + cost[start][end];
          if (sum < best[segments][end]) {
            best[segments][end] = sum;
            cut[segments][end] = start;
          }
        }
      }
    }
    while (k > 1 && best[k][n] == Double.POSITIVE_INFINITY) {
      k--;
    }
    List<Integer> found = new ArrayList<>();
    int end = n;
    for (int segments = k; segments > 0; segments--) {
      end = cut[segments][end];
      found.add(0, starts[end]);
    }
    return found;
  }

  /** Makes segments cheaper that begin where a new subject is likely to begin. */
  private void drawToSeams(double[][] cost, int n, Runnable pulse) {
    double gain = cost[0][n];
    for (int i = 0; i < n; i++) {
      gain -= cost[i][i + 1];
    }
    double[] seams = new Seams(units, words, vocabulary).strengths(pulse);
    for (int i = 1; i < n; i++) {
      seams[i] += signs[i] ? SIGNPOST : 0;
    }
    for (int start = 1; start < n; start++) {
      for (int end = start + 1; end <= n; end++) {
        cost[start][end] -= SEAM * Math.abs(gain) * seams[start];
      }
    }
  }

  private void forbidShort(double[][] cost, int n, int least) {
    for (int start = 0; start < n; start++) {
      int passed = 0;
      for (int end = start + 1; end <= n && passed + words[end - 1] < least; end++) {
        passed += words[end - 1];
        cost[start][end] = start == 0 && end == n ? cost[start][end] : Double.POSITIVE_INFINITY;
      }
    }
  }

  private double[][] costs(int n, Runnable pulse) {
    double[][] cost = new double[n][n + 1];
    int[] counts = new int[vocabulary];
    for (int start = 0; start < n; start++) {
      pulse.run();
      Arrays.fill(counts, 0);
      double own = 0;
      int words = 0;
      for (int end = start + 1; end <= n; end++) {
        for (int stem : units[end - 1]) {
          int count = counts[stem]++;
          own += (count + 1) * Math.log(count + 2) - count * Math.log(count + 1);
          words++;
        }
        cost[start][end] = words * Math.log(words + vocabulary) - own;
      }
    }
    return cost;
  }
}
