package org.pergamena.core.distil.group;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.pergamena.core.distil.text.Bag;

/** Which of several sources have anything to do with each other. */
final class Kindred {
  /**
   * Sources whose words are less alike than this (cosine) are foreign. Chapters of one manual and
   * reports on one place measured 0.07 and more to the likest of the others, texts on other
   * subjects in the same language at most 0.054.
   */
  private static final double FOREIGN = 0.06;

  private Kindred() {}

  /**
   * Sources put together that are linked by likeness, directly or by way of others.
   *
   * @param sources for each the vectors of its parts
   * @return indices of sources, the first group with the first source
   */
  static List<List<Integer>> of(List<List<Bag>> sources) {
    List<Bag> sums = new ArrayList<>();
    for (List<Bag> vectors : sources) {
      Bag sum = new Bag();
      vectors.forEach(sum::add);
      sums.add(sum);
    }
    double[][] products = Products.of(sums);
    int[] group = IntStream.range(0, sums.size()).toArray();
    for (int i = 0; i < group.length; i++) {
      for (int j = i + 1; j < group.length; j++) {
        double lengths = Math.sqrt(products[i][0] * products[j][0]);
        if (lengths == 0 || products[i][j - i] >= FOREIGN * lengths) {
          join(group, i, j);
        }
      }
    }
    Map<Integer, List<Integer>> groups = new LinkedHashMap<>();
    for (int i = 0; i < group.length; i++) {
      groups.computeIfAbsent(group[i], key -> new ArrayList<>()).add(i);
    }
    return List.copyOf(groups.values());
  }

  private static void join(int[] group, int i, int j) {
    int low = Math.min(group[i], group[j]);
    int high = Math.max(group[i], group[j]);
    for (int k = 0; k < group.length; k++) {
      group[k] = group[k] == high ? low : group[k];
    }
  }

  /**
   * Shares a number of main branches out by words, at least one to each.
   *
   * @param words of each group
   * @param count no less than there are groups
   */
  static int[] shares(List<Integer> words, int count) {
    int[] shares = new int[words.size()];
    double all = words.stream().mapToInt(Integer::intValue).sum();
    int left = count - shares.length;
    List<Integer> byRest = new ArrayList<>(IntStream.range(0, shares.length).boxed().toList());
    double[] rest = new double[shares.length];
    int given = 0;
    for (int i = 0; i < shares.length; i++) {
      double due = all == 0 ? 0 : left * words.get(i) / all;
      shares[i] = 1 + (int) due;
      given += (int) due;
      rest[i] = due - (int) due;
    }
    byRest.sort(Comparator.comparingDouble((Integer i) -> -rest[i]));
    for (int i = 0; i < left - given; i++) {
      shares[byRest.get(i)]++;
    }
    return shares;
  }
}
