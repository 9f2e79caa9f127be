package org.pergamena.core.study.event;

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
final class Resemblance {
  private static final int COMMON = 40;

  private final List<Account> accounts;
  private final Map<String, List<Integer>> index = new HashMap<>();
  private final double[] lengths;

  Resemblance(List<Account> accounts) {
    this.accounts = accounts;
    for (int i = 0; i < accounts.size(); i++) {
      for (String stem : accounts.get(i).stems().keySet()) {
        index.computeIfAbsent(stem, k -> new ArrayList<>()).add(i);
      }
    }
    lengths = new double[accounts.size()];
    for (int i = 0; i < lengths.length; i++) {
      for (String stem : accounts.get(i).stems().keySet()) {
        lengths[i] += weight(stem) * weight(stem);
      }
      lengths[i] = Math.sqrt(lengths[i]);
    }
  }

  private double weight(String stem) {
    return Math.log(1 + (accounts.size() + 10.0) / index.get(stem).size());
  }

  /** Those after a statement that share words with it that are not common. */
  Set<Integer> near(int account) {
    Set<Integer> near = new HashSet<>();
    for (String stem : accounts.get(account).stems().keySet()) {
      List<Integer> with = index.get(stem);
      if (with.size() <= COMMON) {
        near.addAll(with);
      }
    }
    near.removeIf(other -> other <= account);
    return near;
  }

  /** 0 to 1. */
  double of(int one, int other) {
    Map<String, Integer> second = accounts.get(other).stems();
    double sum = 0;
    for (String stem : accounts.get(one).stems().keySet()) {
      if (second.containsKey(stem)) {
        sum += weight(stem) * weight(stem);
      }
    }
    return lengths[one] == 0 || lengths[other] == 0 ? 0 : sum / (lengths[one] * lengths[other]);
  }

  /** Number of stems that both have. */
  int shared(int one, int other) {
    Set<String> both = new HashSet<>(accounts.get(one).stems().keySet());
    both.retainAll(accounts.get(other).stems().keySet());
    return both.size();
  }
}
