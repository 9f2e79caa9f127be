package org.pergamena.core.distil.label;

import java.util.Comparator;
import java.util.List;
import org.pergamena.core.distil.text.Token;

/**
 * What could be a group's label.
 *
 * @param key its stems with blanks between
 * @param stems its stems, each once
 * @param label as it is written
 * @param tokens its words; of two things, those of the first
 * @param facts what is told of it
 * @param worth how near to a careful reader's label it is expected to be
 */
record Candidate(
    String key,
    List<String> stems,
    String label,
    List<Token> tokens,
    double[] facts,
    double worth) {
  static final Comparator<Candidate> BEST_FIRST =
      Comparator.comparingDouble(Candidate::worth).reversed().thenComparing(Candidate::key);

  /** The same, worth so many times as much. */
  Candidate times(double factor) {
    return valued(factor * worth);
  }

  /** The same, worth something else. */
  Candidate valued(double other) {
    return new Candidate(key, stems, label, tokens, facts, other);
  }
}
