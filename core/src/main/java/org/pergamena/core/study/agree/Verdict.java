package org.pergamena.core.study.agree;

/**
 * What one statement is to another.
 *
 * @param reason a sentence that says why; empty if they have nothing to do with each other
 * @param strength how sure that is, 0 to 1
 */
public record Verdict(Kind kind, Why why, String reason, double strength) {
  /** What they are to each other. */
  public enum Kind {
    /** They say the same. */
    ALIKE,
    /** They cannot both be true. */
    AGAINST,
    /** Neither. */
    APART
  }

  /** In what two statements contradict each other. */
  public enum Why {
    FIGURE,
    NEGATION,
    OPPOSITE,
    DATE,
    NAME,
    NONE
  }

  static final Verdict APART = new Verdict(Kind.APART, Why.NONE, "", 0);
}
