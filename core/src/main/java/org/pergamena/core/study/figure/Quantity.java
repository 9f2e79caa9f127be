package org.pergamena.core.study.figure;

/**
 * A quantity as a text gives it.
 *
 * @param start first code unit in the words read
 * @param end one past the last
 * @param words as they are written
 * @param value in its unit
 * @param counted the noun that it counts, as it is written; empty if it has a unit or counts
 *     nothing
 * @param stem of that noun, empty for none
 * @param per the unit that it is told for each of: a year, a hectare; empty for none
 * @param about whether it is told as not exact
 */
public record Quantity(
    int start,
    int end,
    String words,
    double value,
    Unit unit,
    String counted,
    String stem,
    String per,
    boolean about) {
  /** What of it can be compared: the kind of its unit or its noun, and what it is for each of. */
  public String kind() {
    return unit.kind() + " " + stem + " " + per;
  }

  /** In the first unit of its kind. */
  public double base() {
    return value * unit.factor();
  }

  /** Whether another of the same kind says the same: as far as both are exact. */
  public boolean same(Quantity other) {
    double most = Math.max(Math.abs(base()), Math.abs(other.base()));
    double slack = about || other.about ? 0.1 : 0.02;
    return Math.abs(base() - other.base()) <= slack * most;
  }
}
