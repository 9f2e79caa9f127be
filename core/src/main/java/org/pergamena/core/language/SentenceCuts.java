package org.pergamena.core.language;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Cuts words without marks into sentences: the cuts that are likeliest together, where a sentence
 * has a verb and is neither very short nor very long. Found by dynamic programming.
 */
public final class SentenceCuts {
  /** Lets as many ends be found as there are, of which few are likelier than not. */
  private static final double EAGERNESS = 0.7;

  private static final double VERBLESS = 1.5;
  private static final int SHORT = 5;
  private static final double TOO_SHORT = 0.4;
  private static final int LONG = 30;
  private static final double TOO_LONG = 0.1;
  private static final int LONGEST = 70;

  private SentenceCuts() {}

  /**
   * For each sentence one past its last word; the last of them is the number of words.
   *
   * @param odds how much more likely than not a sentence ends after each word, as a logarithm
   * @param tags parts of speech by Universal Dependencies, one a word
   */
  public static List<Integer> ends(double[] odds, String[] tags) {
    int words = odds.length;
    double[] best = new double[words + 1];
    int[] from = new int[words + 1];
    for (int end = 1; end <= words; end++) {
      best[end] = Double.NEGATIVE_INFINITY;
      boolean verb = false;
      for (int start = end - 1; start >= Math.max(0, end - LONGEST); start--) {
        verb |= SentenceEnds.isVerb(tags[start]);
        double sum = best[start] - cost(end - start, verb);
        if (sum > best[end]) {
          best[end] = sum;
          from[end] = start;
        }
      }
      best[end] += odds[end - 1] + EAGERNESS;
    }
    List<Integer> ends = new ArrayList<>();
    for (int end = words; end > 0; end = from[end]) {
      ends.add(end);
    }
    Collections.reverse(ends);
    return ends;
  }

  private static double cost(int length, boolean verb) {
    return (verb ? 0 : VERBLESS)
        + TOO_SHORT * Math.max(0, SHORT - length)
        + TOO_LONG * Math.max(0, length - LONG);
  }
}
