package org.pergamena.core.distil.group;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.pergamena.core.distil.text.Bag;

/**
 * Agglomerative clustering by Ward's criterion: the two clusters are joined whose joining adds
 * least to the scatter about the centres (Joe H. Ward, <em>Hierarchical Grouping to Optimize an
 * Objective Function</em>, 1963).
 *
 * <p>A cluster is the sum of its items, so that the product of two clusters is the sum of the
 * products of their items, and what is joined costs additions only. Each cluster keeps its cheapest
 * partner among those after it: n items cost about n² steps.
 */
final class Merging {
  /** A factor on the cost of joining two items, below 1 where something speaks for it. */
  @FunctionalInterface
  interface Ease {
    double of(int item, int other);
  }

  private final int size;

  /** Products of clusters, and sums of the factors of their pairs; of two the lower comes first. */
  private final double[][] products;

  private final float[][] factors;
  private final double[] squares;
  private final int[] weights;
  private final List<List<Integer>> items = new ArrayList<>();

  /** The cheapest partner after each cluster, -1 without one. */
  private final int[] partner;

  private final double[] cheapest;

  private Merging(List<Bag> vectors, Ease ease) {
    size = vectors.size();
    products = Products.of(vectors);
    factors = new float[size][];
    squares = new double[size];
    weights = new int[size];
    partner = new int[size];
    cheapest = new double[size];
    for (int i = 0; i < size; i++) {
      factors[i] = new float[size - i];
      for (int j = i + 1; j < size; j++) {
        factors[i][j - i] = (float) ease.of(i, j);
      }
      squares[i] = products[i][0];
      weights[i] = 1;
      items.add(new ArrayList<>(List.of(i)));
    }
  }

  /**
   * Joins whatever is cheapest until so many clusters are left.
   *
   * @param vectors of length 1, an item each
   * @return the items of each cluster in order, the clusters by their first items
   */
  static List<List<Integer>> into(int count, List<Bag> vectors, Ease ease) {
    return new Merging(vectors, ease).into(count);
  }

  /** The same, joining neighbours only. */
  static List<List<Integer>> neighboursInto(int count, List<Bag> vectors) {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < vectors.size(); i++) {
      runs.add(new Run(new ArrayList<>(List.of(i)), vectors.get(i)));
    }
    double[] costs = new double[vectors.size()];
    for (int i = 0; i + 1 < runs.size(); i++) {
      costs[i] = runs.get(i).cost(runs.get(i + 1));
    }
    while (runs.size() > count) {
      int at = 0;
      for (int i = 1; i + 1 < runs.size(); i++) {
        at = costs[i] < costs[at] ? i : at;
      }
      runs.set(at, runs.get(at).joined(runs.remove(at + 1)));
      System.arraycopy(costs, at + 1, costs, at, costs.length - at - 1);
      if (at > 0) {
        costs[at - 1] = runs.get(at - 1).cost(runs.get(at));
      }
      if (at + 1 < runs.size()) {
        costs[at] = runs.get(at).cost(runs.get(at + 1));
      }
    }
    return runs.stream().map(Run::items).toList();
  }

  /** Neighbouring items that are joined. */
  private record Run(List<Integer> items, Bag sum, double square) {
    Run(List<Integer> items, Bag sum) {
      this(items, sum, sum.dot(sum));
    }

    Run joined(Run next) {
      Bag both = new Bag();
      both.add(sum);
      both.add(next.sum);
      items.addAll(next.items);
      return new Run(items, both);
    }

    double cost(Run next) {
      return ward(square, items.size(), next.square, next.items.size(), sum.dot(next.sum));
    }
  }

  private List<List<Integer>> into(int count) {
    IntStream.range(0, size).forEach(this::choosePartner);
    for (int left = size; left > count; left--) {
      int first = -1;
      for (int i = 0; i < size; i++) {
        if (partner[i] >= 0 && (first < 0 || cheapest[i] < cheapest[first])) {
          first = i;
        }
      }
      join(first, partner[first]);
    }
    return items.stream().filter(cluster -> !cluster.isEmpty()).map(Merging::sorted).toList();
  }

  private static List<Integer> sorted(List<Integer> cluster) {
    return cluster.stream().sorted().toList();
  }

  private void choosePartner(int i) {
    partner[i] = -1;
    for (int j = i + 1; j < size; j++) {
      offer(i, j);
    }
  }

  private void offer(int i, int j) {
    if (weights[j] > 0) {
      double cost = cost(i, j);
      boolean better = partner[i] < 0 || cost < cheapest[i];
      if (better || cost == cheapest[i] && j < partner[i]) {
        partner[i] = j;
        cheapest[i] = cost;
      }
    }
  }

  private double cost(int i, int j) {
    double pairs = (double) weights[i] * weights[j];
    double ward = ward(squares[i], weights[i], squares[j], weights[j], products[i][j - i]);
    return ward * factors[i][j - i] / pairs;
  }

  private static double ward(double square, double weight, double other, double more, double both) {
    double distance =
        square / (weight * weight) + other / (more * more) - 2 * both / (weight * more);
    return weight * more / (weight + more) * Math.max(0, distance);
  }

  private void join(int left, int right) {
    squares[left] += squares[right] + 2 * products[left][right - left];
    for (int other = 0; other < size; other++) {
      if (weights[other] > 0 && other != left && other != right) {
        add(left, right, other);
      }
    }
    weights[left] += weights[right];
    weights[right] = 0;
    items.get(left).addAll(items.get(right));
    items.get(right).clear();
    partner[right] = -1;
    choosePartner(left);
    for (int i = 0; i < right; i++) {
      if (partner[i] == left || partner[i] == right) {
        choosePartner(i);
      } else if (i < left && weights[i] > 0) {
        offer(i, left);
      }
    }
  }

  private void add(int left, int right, int other) {
    int a = Math.min(left, other);
    int b = Math.max(left, other);
    int c = Math.min(right, other);
    int d = Math.max(right, other);
    products[a][b - a] += products[c][d - c];
    factors[a][b - a] += factors[c][d - c];
  }
}
