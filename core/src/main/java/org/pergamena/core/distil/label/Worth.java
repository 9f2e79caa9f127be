package org.pergamena.core.distil.label;

/**
 * How near to the label of a careful reader a candidate is expected to be, 0 to 1: a linear model
 * of what is told of it, fitted by least squares to the labels that readers wrote over stretches of
 * manuals, histories and speeches. Left out one by one, each text's were told as well by the
 * others.
 */
final class Worth {
  private static final double BASE = 0.3595;
  private static final double LEAST = 0.001;
  private static final double[] WEIGHTS = {
    -0.0419, 0.004, -0.014, 0.0306, 0.1862, -0.0129, 0.0195, -0.0435, -0.0136, 0.2837, 0.1717
  };

  private Worth() {}

  /** How a candidate is put together. */
  enum Kind {
    /** A noun phrase. */
    NOUNS(0.0353),
    /** Nouns with what is said with them. */
    OTHER(0),
    /** Two things that the text joins. */
    JOINED(-0.05);

    private final double weight;

    Kind(double weight) {
      this.weight = weight;
    }
  }

  /** The worth of a candidate of which so much is told. */
  static double of(double[] told, Kind kind) {
    double worth = BASE + kind.weight;
    for (int i = 0; i < WEIGHTS.length; i++) {
      worth += WEIGHTS[i] * told[i];
    }
    return Math.max(LEAST, worth);
  }
}
