package org.pergamena.core.layout;

/** Contrast of colours by WCAG 2.2, each as {@code #RRGGBB}. */
public final class Contrast {
  /** The least with which letters of the usual size read well (WCAG 2.2, 1.4.3). */
  public static final double LEAST = 4.5;

  private static final int WHOLE = 100;
  private static final double LINEAR = 0.04045;

  private Contrast() {}

  /** From 1 for two of the same to 21 for black on white. */
  public static double ratio(String one, String other) {
    double a = luminance(one);
    double b = luminance(other);
    return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
  }

  /**
   * A colour laid over another.
   *
   * @param percent how much of it there is
   */
  static String mixed(String over, String under, int percent) {
    if (percent >= WHOLE) {
      return over;
    }
    int a = Integer.decode(over);
    int b = Integer.decode(under);
    int mixed = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      int part = (a >> shift & 0xff) * percent + (b >> shift & 0xff) * (WHOLE - percent);
      mixed |= (int) Math.round((double) part / WHOLE) << shift;
    }
    return "#%06X".formatted(mixed);
  }

  private static double luminance(String colour) {
    int rgb = Integer.decode(colour);
    return 0.2126 * linear(rgb >> 16 & 0xff)
        + 0.7152 * linear(rgb >> 8 & 0xff)
        + 0.0722 * linear(rgb & 0xff);
  }

  private static double linear(int part) {
    double share = part / 255.0;
    return share <= LINEAR ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
  }
}
