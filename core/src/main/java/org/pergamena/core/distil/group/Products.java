package org.pergamena.core.distil.group;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.pergamena.core.distil.text.Bag;

/** The products of all pairs of bags, by way of the stems that they share. */
final class Products {
  private Products() {}

  /** In row i at place j - i the product of the bags i and j, for all j from i on. */
  static double[][] of(List<Bag> bags) {
    double[][] products = new double[bags.size()][];
    Map<String, Having> stems = new HashMap<>();
    for (int i = 0; i < products.length; i++) {
      products[i] = new double[products.length - i];
      for (Map.Entry<String, Double> entry : bags.get(i).weights().entrySet()) {
        stems.computeIfAbsent(entry.getKey(), stem -> new Having()).add(i, entry.getValue());
      }
    }
    stems.keySet().stream().sorted().map(stems::get).forEach(having -> having.multiply(products));
    return products;
  }

  /** The bags that have a stem, in order, and its weight in each. */
  private static final class Having {
    private int[] bags = new int[4];
    private double[] weights = new double[4];
    private int count;

    void add(int bag, double weight) {
      if (count == bags.length) {
        bags = Arrays.copyOf(bags, 2 * count);
        weights = Arrays.copyOf(weights, 2 * count);
      }
      bags[count] = bag;
      weights[count++] = weight;
    }

    void multiply(double[][] products) {
      for (int i = 0; i < count; i++) {
        double[] row = products[bags[i]];
        for (int j = i; j < count; j++) {
          row[bags[j] - bags[i]] += weights[i] * weights[j];
        }
      }
    }
  }
}
