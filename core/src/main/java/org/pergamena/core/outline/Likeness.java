package org.pergamena.core.outline;

import java.util.HashSet;
import java.util.Locale;
import java.util.Set;

/** How like two labels are, by the pairs of letters that they share (Dice, 1945). */
final class Likeness {
  private Likeness() {}

  /** 1 for equal labels, 0 for labels without a pair of letters in common. */
  static double of(String one, String other) {
    Set<String> first = pairs(one);
    Set<String> second = pairs(other);
    Set<String> both = new HashSet<>(first);
    both.retainAll(second);
    return first.isEmpty() && second.isEmpty()
        ? 0
        : 2.0 * both.size() / (first.size() + second.size());
  }

  private static Set<String> pairs(String label) {
    String lower = label.toLowerCase(Locale.ROOT);
    Set<String> pairs = new HashSet<>();
    for (int i = 0; i + 1 < lower.length(); i++) {
      pairs.add(lower.substring(i, i + 2));
    }
    return pairs;
  }
}
