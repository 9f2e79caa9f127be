package org.pergamena.core.study;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How much two statements have of the same: the cosine of their stems, weighted by how rare each is
 * among all statements (Salton and Buckley, 1988).
 */
public final class Resemblance {
  private static final int COMMON = 40;

  private final List<Set<String>> statements;
  private final Map<String, List<Integer>> index = new HashMap<>();
  private final double[] lengths;

  /**
   * Among some statements.
   *
   * @param statements each as its stems
   */
  public Resemblance(List<Set<String>> statements) {
    this.statements = List.copyOf(statements);
    for (int i = 0; i < statements.size(); i++) {
      for (String stem : statements.get(i)) {
        index.computeIfAbsent(stem, k -> new ArrayList<>()).add(i);
      }
    }
    lengths = new double[statements.size()];
    for (int i = 0; i < lengths.length; i++) {
      for (String stem : statements.get(i)) {
        lengths[i] += weight(stem) * weight(stem);
      }
      lengths[i] = Math.sqrt(lengths[i]);
    }
  }

  private double weight(String stem) {
    return Math.log(1 + (statements.size() + 10.0) / index.get(stem).size());
  }

  /** Those after a statement that share words with it that are not common. */
  public Set<Integer> near(int statement) {
    Set<Integer> near = new HashSet<>();
    for (String stem : statements.get(statement)) {
      List<Integer> with = index.get(stem);
      if (with.size() <= COMMON) {
        near.addAll(with);
      }
    }
    near.removeIf(other -> other <= statement);
    return near;
  }

  /** 0 to 1. */
  public double of(int one, int other) {
    Set<String> second = statements.get(other);
    double sum = 0;
    for (String stem : statements.get(one)) {
      if (second.contains(stem)) {
        sum += weight(stem) * weight(stem);
      }
    }
    return lengths[one] == 0 || lengths[other] == 0 ? 0 : sum / (lengths[one] * lengths[other]);
  }

  /** Number of stems that both have. */
  public int shared(int one, int other) {
    Set<String> both = new HashSet<>(statements.get(one));
    both.retainAll(statements.get(other));
    return both.size();
  }
}
