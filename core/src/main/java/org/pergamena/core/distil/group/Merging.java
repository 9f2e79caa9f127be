package org.pergamena.core.distil.group;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;
import java.util.function.ToDoubleBiFunction;
import org.pergamena.core.distil.text.Bag;

/**
 * Agglomerative clustering by Ward's criterion: the two clusters are joined whose joining adds
 * least to the scatter about the centres (Joe H. Ward, <em>Hierarchical Grouping to Optimize an
 * Objective Function</em>, 1963).
 */
final class Merging {
  private record Cluster(List<Integer> items, Bag sum, double weight) {}

  private final List<Cluster> clusters = new ArrayList<>();
  private final ToDoubleBiFunction<List<Integer>, List<Integer>> ease;

  /**
   * @param vectors of length 1, an item each
   * @param ease a factor on the cost of joining two clusters, below 1 where something speaks for it
   */
  Merging(List<Bag> vectors, ToDoubleBiFunction<List<Integer>, List<Integer>> ease) {
    this.ease = ease;
    for (int i = 0; i < vectors.size(); i++) {
      clusters.add(new Cluster(List.of(i), vectors.get(i), 1));
    }
  }

  /** Joins until so many clusters are left, among pairs that may be joined. */
  List<List<Integer>> into(int count, BiPredicate<Integer, Integer> allowed) {
    double[][] cost = new double[clusters.size()][clusters.size()];
    for (int i = 0; i < cost.length; i++) {
      for (int j = i + 1; j < cost.length; j++) {
        cost[i][j] = cost(clusters.get(i), clusters.get(j));
      }
    }
    List<Integer> alive = new ArrayList<>();
    for (int i = 0; i < cost.length; i++) {
      alive.add(i);
    }
    while (alive.size() > count) {
      int left = -1;
      int right = -1;
      for (int a = 0; a < alive.size(); a++) {
        for (int b = a + 1; b < alive.size(); b++) {
          int i = alive.get(a);
          int j = alive.get(b);
          if (allowed.test(a, b) && (left < 0 || cost[i][j] < cost[left][right])) {
            left = i;
            right = j;
          }
        }
      }
      if (left < 0) {
        break;
      }
      clusters.set(left, joined(clusters.get(left), clusters.get(right)));
      alive.remove(Integer.valueOf(right));
      for (int other : alive) {
        if (other != left) {
          cost[Math.min(left, other)][Math.max(left, other)] =
              cost(clusters.get(Math.min(left, other)), clusters.get(Math.max(left, other)));
        }
      }
    }
    return alive.stream().map(i -> clusters.get(i).items().stream().sorted().toList()).toList();
  }

  private static Cluster joined(Cluster a, Cluster b) {
    List<Integer> items = new ArrayList<>(a.items());
    items.addAll(b.items());
    Bag sum = new Bag();
    sum.add(a.sum());
    sum.add(b.sum());
    return new Cluster(items, sum, a.weight() + b.weight());
  }

  private double cost(Cluster a, Cluster b) {
    double distance =
        a.sum().dot(a.sum()) / (a.weight() * a.weight())
            + b.sum().dot(b.sum()) / (b.weight() * b.weight())
            - 2 * a.sum().dot(b.sum()) / (a.weight() * b.weight());
    double ward = a.weight() * b.weight() / (a.weight() + b.weight()) * Math.max(0, distance);
    return ward * ease.applyAsDouble(a.items(), b.items());
  }
}
