package org.pergamena.core.distil.label;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;

/**
 * What goes through the sentences of a group: the mean of their vectors of weighed words, and how
 * near to it each sentence is.
 */
final class Theme {
  private final Vocabulary vocabulary;
  private final Map<String, Double> mean = new HashMap<>();
  private final Map<String, List<Integer>> places = new HashMap<>();
  private final Map<String, Integer> order = new HashMap<>();
  private final int[] rank;
  private final int size;

  Theme(List<Sentence> sentences, Vocabulary vocabulary) {
    this.vocabulary = vocabulary;
    this.size = sentences.size();
    List<Map<String, Double>> vectors = new ArrayList<>();
    for (int i = 0; i < size; i++) {
      Map<String, Double> vector = vector(sentences.get(i));
      vectors.add(vector);
      for (Map.Entry<String, Double> entry : vector.entrySet()) {
        mean.merge(entry.getKey(), entry.getValue(), Double::sum);
        places.computeIfAbsent(entry.getKey(), stem -> new ArrayList<>()).add(i);
      }
    }
    normalise(mean);
    rank = ranks(vectors);
    List<String> stems = new ArrayList<>(places.keySet());
    stems.sort(
        Comparator.comparingDouble((String s) -> -places.get(s).size() * vocabulary.rarity(s))
            .thenComparing(Comparator.naturalOrder()));
    for (int i = 0; i < stems.size(); i++) {
      order.put(stems.get(i), i);
    }
  }

  private Map<String, Double> vector(Sentence sentence) {
    Map<String, Double> vector = new LinkedHashMap<>();
    for (Token token : sentence.tokens()) {
      if (token.content()) {
        vector.merge(token.stem(), vocabulary.rarity(token.stem()), Double::sum);
      }
    }
    normalise(vector);
    return vector;
  }

  private static void normalise(Map<String, Double> vector) {
    double square = vector.values().stream().mapToDouble(weight -> weight * weight).sum();
    vector.replaceAll((stem, weight) -> weight / Math.sqrt(square));
  }

  /** For each sentence, how many are nearer to the mean. */
  private int[] ranks(List<Map<String, Double>> vectors) {
    double[] near = vectors.stream().mapToDouble(this::nearness).toArray();
    int[] best =
        IntStream.range(0, size)
            .boxed()
            .sorted(Comparator.comparingDouble((Integer i) -> -near[i]).thenComparing(i -> i))
            .mapToInt(i -> i)
            .toArray();
    int[] ranks = new int[size];
    for (int i = 0; i < size; i++) {
      ranks[best[i]] = i;
    }
    return ranks;
  }

  private double nearness(Map<String, Double> vector) {
    return vector.entrySet().stream().mapToDouble(e -> e.getValue() * mean(e.getKey())).sum();
  }

  private double mean(String stem) {
    return mean.getOrDefault(stem, 0.0);
  }

  /** The cosine of some stems, each once, with the mean. */
  double closeness(Collection<String> stems) {
    double square = 0;
    double product = 0;
    for (String stem : stems) {
      double rarity = vocabulary.rarity(stem);
      square += rarity * rarity;
      product += rarity * mean(stem);
    }
    return square == 0 ? 0 : product / Math.sqrt(square);
  }

  /** How much of the mean's square some stems make up. */
  double weight(Collection<String> stems) {
    return stems.stream().mapToDouble(stem -> mean(stem) * mean(stem)).sum();
  }

  /** The share of sentences that have one of some stems. */
  double reach(Collection<String> stems) {
    BitSet with = new BitSet(size);
    stems.forEach(stem -> places.getOrDefault(stem, List.of()).forEach(with::set));
    return with.cardinality() / (double) size;
  }

  /** How many stems set the group apart more than each of some, in the mean of the logarithms. */
  double standing(Collection<String> stems) {
    return stems.stream().mapToDouble(stem -> Math.log(1 + order.get(stem))).average().orElse(0);
  }

  /** How many sentences are nearer to the mean than one of the group's. */
  int rank(int sentence) {
    return rank[sentence];
  }
}
