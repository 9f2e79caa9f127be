package org.pergamena.core.distil.group;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.distil.text.Bag;

/**
 * Brings parts that came early to a group, and are clearly more like another by now, to that one,
 * so that one dispute told by several sources comes together. One pass of k-means (James MacQueen,
 * <em>Some Methods for Classification and Analysis of Multivariate Observations</em>, 1967), in
 * which a part moves only where it is much nearer.
 */
final class Settling {
  /** How many times as near another group must be. */
  private static final double CLEARLY = 1.2;

  private final List<Bag> vectors;
  private final List<List<Integer>> groups = new ArrayList<>();

  /** The sums of the groups' vectors. */
  private final List<Bag> sums = new ArrayList<>();

  private final double[] squares;

  private Settling(List<List<Integer>> groups, List<Bag> vectors) {
    this.vectors = vectors;
    this.squares = new double[groups.size()];
    for (int i = 0; i < squares.length; i++) {
      Bag sum = new Bag();
      groups.get(i).forEach(part -> sum.add(vectors.get(part)));
      this.groups.add(new ArrayList<>(groups.get(i)));
      sums.add(sum);
      squares[i] = sum.dot(sum);
    }
  }

  /**
   * The groups after it; none becomes empty.
   *
   * @param vectors of length 1, or 0 for a part without words, by the parts' numbers
   */
  static List<List<Integer>> of(List<List<Integer>> groups, List<Bag> vectors) {
    Settling settling = new Settling(groups, vectors);
    for (int from = 0; from < groups.size(); from++) {
      for (int part : groups.get(from)) {
        settling.settle(part, from);
      }
    }
    settling.groups.forEach(group -> group.sort(null));
    return List.copyOf(settling.groups);
  }

  private void settle(int part, int from) {
    if (groups.get(from).size() == 1) {
      return;
    }
    Bag vector = vectors.get(part);
    double itself = vector.dot(vector);
    double product = sums.get(from).dot(vector);
    double others = squares[from] - 2 * product + itself;
    int best = from;
    double most = CLEARLY * likeness(product - itself, others);
    for (int to = 0; to < squares.length; to++) {
      double like = likeness(sums.get(to).dot(vector), squares[to]);
      if (to != from && like > most) {
        best = to;
        most = like;
      }
    }
    if (best != from) {
      groups.get(from).remove((Integer) part);
      groups.get(best).add(part);
    }
  }

  private static double likeness(double product, double square) {
    return square <= 0 ? 0 : product / Math.sqrt(square);
  }
}
