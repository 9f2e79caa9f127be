package org.pergamena.core.distil.text;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;

/**
 * Weighted words: a sparse vector over stems. Its arithmetic runs in the order of the stems, so
 * that sums come out the same to the last bit.
 */
public final class Bag {
  private final TreeMap<String, Double> weights = new TreeMap<>();

  /** Adds to a stem's weight. */
  public void add(String stem, double weight) {
    weights.merge(stem, weight, Double::sum);
  }

  /** Adds all of another bag. */
  public void add(Bag other) {
    other.weights.forEach(this::add);
  }

  /** Adds the content words of a sentence, each once for each time that it stands there. */
  public void add(Sentence sentence) {
    for (Token token : sentence.tokens()) {
      if (token.content()) {
        add(token.stem(), 1);
      }
    }
  }

  /** The weight of a stem, 0 if it is not in the bag. */
  public double weight(String stem) {
    return weights.getOrDefault(stem, 0.0);
  }

  /** The stems and their weights, in the order of the stems. */
  public Map<String, Double> weights() {
    return weights;
  }

  /** This bag with counts damped, weighed by a factor for each stem, and of length 1. */
  public Bag normalised(ToDoubleFunction<String> factor) {
    Bag bag = new Bag();
    double square = 0;
    for (Map.Entry<String, Double> entry : weights.entrySet()) {
      double weight = (1 + Math.log(entry.getValue())) * factor.applyAsDouble(entry.getKey());
      if (weight > 0) {
        bag.weights.put(entry.getKey(), weight);
        square += weight * weight;
      }
    }
    double length = Math.sqrt(square);
    bag.weights.replaceAll((stem, weight) -> weight / length);
    return bag;
  }

  /** The bags of several texts, each stem weighed by how few of them have it, of length 1. */
  public static List<Bag> weighed(List<Bag> counts) {
    Map<String, Integer> spread = new HashMap<>();
    counts.forEach(bag -> bag.weights.keySet().forEach(s -> spread.merge(s, 1, Integer::sum)));
    double all = counts.size();
    return counts.stream()
        .map(bag -> bag.normalised(stem -> Math.log((all + 1) / spread.get(stem))))
        .toList();
  }

  /** Sum of the products of the weights. */
  public double dot(Bag other) {
    Bag small = weights.size() <= other.weights.size() ? this : other;
    Bag large = small == this ? other : this;
    double dot = 0;
    for (Map.Entry<String, Double> entry : small.weights.entrySet()) {
      Double weight = large.weights.get(entry.getKey());
      if (weight != null) {
        dot += weight * entry.getValue();
      }
    }
    return dot;
  }
}
