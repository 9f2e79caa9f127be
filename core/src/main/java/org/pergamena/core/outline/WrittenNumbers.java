package org.pergamena.core.outline;

import java.util.ArrayList;
import java.util.List;

/**
 * The numbers that stand before labels in an outline, as maps are written with them: those of the
 * topics' places, {@code 1}, {@code 1.1}, {@code 2}, and letters for those that lie loose.
 */
public final class WrittenNumbers {
  private final List<Integer> counts = new ArrayList<>();
  private final List<String> above = new ArrayList<>(List.of(""));

  private WrittenNumbers() {}

  /** A line of an outline, its level from 1. */
  public record Line(int level, String label) {}

  /**
   * Whether each line begins with the number of its place and has words after it.
   *
   * @param lines every parent before its children
   */
  public static boolean in(List<Line> lines) {
    WrittenNumbers numbers = new WrittenNumbers();
    return !lines.isEmpty() && lines.stream().allMatch(numbers::next);
  }

  /** The number before a label. */
  public static String of(String label) {
    return label.substring(0, Math.max(0, label.indexOf(' ')));
  }

  /** A label without the number before it. */
  public static String without(String label) {
    return label.substring(label.indexOf(' ') + 1).strip();
  }

  private boolean next(Line line) {
    int level = line.level();
    if (level > above.size()) {
      return false;
    }
    while (above.size() > level) {
      above.remove(above.size() - 1);
    }
    while (counts.size() > level) {
      counts.remove(counts.size() - 1);
    }
    while (counts.size() < level) {
      counts.add(0);
    }
    String first = of(line.label());
    String before = above.get(level - 1);
    int place = counts.get(level - 1) + 1;
    if (first.equals(before.isEmpty() ? "" + place : before + "." + place)) {
      counts.set(level - 1, place);
    } else if (level > 1 || place == 1 || !first.matches("[a-z]{1,2}")) {
      return false;
    }
    above.add(first);
    return !without(line.label()).isEmpty();
  }
}
