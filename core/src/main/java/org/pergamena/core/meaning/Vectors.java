package org.pergamena.core.meaning;

/** Reckoning with vectors. */
public final class Vectors {
  private Vectors() {}

  /** A vector brought to length 1, in place; one that is all zero stays so. */
  public static float[] unit(float[] vector) {
    double square = 0;
    for (float each : vector) {
      square += each * each;
    }
    float length = (float) Math.sqrt(square);
    for (int k = 0; length > 0 && k < vector.length; k++) {
      vector[k] /= length;
    }
    return vector;
  }

  /** The product of two; their cosine, if both have length 1. */
  public static double product(float[] one, float[] other) {
    double sum = 0;
    for (int k = 0; k < one.length; k++) {
      sum += one[k] * other[k];
    }
    return sum;
  }

  /** Adds a vector so many times to a sum. */
  public static void add(float[] sum, float[] vector, float times) {
    for (int k = 0; k < sum.length; k++) {
      sum[k] += times * vector[k];
    }
  }
}
