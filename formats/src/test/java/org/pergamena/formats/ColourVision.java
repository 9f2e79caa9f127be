package org.pergamena.formats;

import java.awt.Color;

/**
 * How people see colours: as most do, and without one of the three kinds of cones, simulated after
 * G. M. Machado, M. M. Oliveira and L. A. F. Fernandes, "A Physiologically-based Model for
 * Simulation of Color Vision Deficiency", IEEE TVCG 15 (2009), severity 1.
 */
enum ColourVision {
  USUAL(new double[][] {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}}),
  PROTANOPIA(
      new double[][] {
        {0.152286, 1.052583, -0.204868},
        {0.114503, 0.786281, 0.099216},
        {-0.003882, -0.048116, 1.051998}
      }),
  DEUTERANOPIA(
      new double[][] {
        {0.367322, 0.860646, -0.227968},
        {0.280085, 0.672501, 0.047413},
        {-0.011820, 0.042940, 0.968881}
      }),
  TRITANOPIA(
      new double[][] {
        {1.255528, -0.076749, -0.178779},
        {-0.078411, 0.930809, 0.147602},
        {0.004733, 0.691367, 0.303900}
      });

  private final double[][] matrix;

  ColourVision(double[][] matrix) {
    this.matrix = matrix;
  }

  /** A colour as it is seen, in CIE L*a*b* (D65). */
  double[] seen(String colour) {
    Color rgb = Color.decode(colour);
    double[] linear = {linear(rgb.getRed()), linear(rgb.getGreen()), linear(rgb.getBlue())};
    double[] seen = new double[3];
    for (int i = 0; i < 3; i++) {
      double sum = 0;
      for (int j = 0; j < 3; j++) {
        sum += matrix[i][j] * linear[j];
      }
      seen[i] = Math.min(1, Math.max(0, sum));
    }
    double x = curve((0.4124 * seen[0] + 0.3576 * seen[1] + 0.1805 * seen[2]) / 0.9505);
    double y = curve(0.2126 * seen[0] + 0.7152 * seen[1] + 0.0722 * seen[2]);
    double z = curve((0.0193 * seen[0] + 0.1192 * seen[1] + 0.9505 * seen[2]) / 1.089);
    return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
  }

  /** How much two seen colours differ (CIE 1976). */
  static double difference(double[] one, double[] other) {
    return Math.sqrt(
        Math.pow(one[0] - other[0], 2)
            + Math.pow(one[1] - other[1], 2)
            + Math.pow(one[2] - other[2], 2));
  }

  private static double linear(int channel) {
    double share = channel / 255.0;
    return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
  }

  private static double curve(double t) {
    return t > 0.008856 ? Math.cbrt(t) : 7.787 * t + 16 / 116.0;
  }
}
