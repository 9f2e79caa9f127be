package org.pergamena.core.distil.group;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Bag;

class MergingTest {
  private static List<Bag> bags(int count, int vocabulary, long seed) {
    Random random = new Random(seed);
    List<Bag> counts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Bag bag = new Bag();
      for (int j = 0; j < 30; j++) {
        bag.add("stem" + (int) (vocabulary * random.nextDouble() * random.nextDouble()), 1);
      }
      counts.add(bag);
    }
    return Bag.weighed(counts);
  }

  private static double ease(int i, int j) {
    return i / 4 == j / 4 ? 0.7 : (i + j) % 5 == 0 ? 1.1 : 1;
  }

  /** What joining two clusters costs, as it is defined. */
  private static double cost(List<Bag> vectors, List<Integer> some, List<Integer> others) {
    Bag a = new Bag();
    Bag b = new Bag();
    some.forEach(i -> a.add(vectors.get(i)));
    others.forEach(i -> b.add(vectors.get(i)));
    double m = some.size();
    double n = others.size();
    double distance = a.dot(a) / (m * m) + b.dot(b) / (n * n) - 2 * a.dot(b) / (m * n);
    double ease =
        some.stream()
            .flatMapToDouble(i -> others.stream().mapToDouble(j -> ease(i, j)))
            .average()
            .orElseThrow();
    return m * n / (m + n) * distance * ease;
  }

  private static List<List<Integer>> byDefinition(int count, List<Bag> vectors) {
    List<List<Integer>> clusters = new ArrayList<>();
    IntStream.range(0, vectors.size()).forEach(i -> clusters.add(new ArrayList<>(List.of(i))));
    while (clusters.size() > count) {
      int[] best = {0, 1};
      for (int i = 0; i < clusters.size(); i++) {
        for (int j = i + 1; j < clusters.size(); j++) {
          double least = cost(vectors, clusters.get(best[0]), clusters.get(best[1]));
          best = cost(vectors, clusters.get(i), clusters.get(j)) < least ? new int[] {i, j} : best;
        }
      }
      clusters.get(best[0]).addAll(clusters.remove(best[1]));
    }
    return clusters.stream().map(cluster -> cluster.stream().sorted().toList()).toList();
  }

  @Test
  void joins_always_what_costs_least_by_the_definition() {
    for (int seed = 1; seed <= 4; seed++) {
      List<Bag> vectors = bags(24, 60, seed);
      assertThat(Merging.into(5, vectors, MergingTest::ease)).isEqualTo(byDefinition(5, vectors));
    }
  }

  @Test
  void neighbours_stay_in_order_and_the_likest_are_joined() {
    List<Bag> vectors = new ArrayList<>();
    for (String words : List.of("wall", "wall", "bird", "bird", "bird", "mud")) {
      Bag bag = new Bag();
      bag.add(words, 1);
      vectors.add(bag);
    }
    assertThat(Merging.neighboursInto(3, vectors))
        .containsExactly(List.of(0, 1), List.of(2, 3, 4), List.of(5));
    assertThat(Merging.neighboursInto(9, vectors)).hasSize(6);
  }

  @Test
  void two_thousand_items_are_joined_in_a_few_seconds() {
    List<Bag> vectors = bags(2000, 3000, 7);
    List<List<Integer>> joined =
        Assertions.assertTimeoutPreemptively(
            Duration.ofMinutes(5), () -> Merging.into(10, vectors, MergingTest::ease));
    assertThat(joined).hasSize(10);
    assertThat(joined.stream().mapToInt(List::size).sum()).isEqualTo(2000);
  }
}
