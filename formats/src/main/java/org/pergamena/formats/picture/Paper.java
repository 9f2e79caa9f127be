package org.pergamena.formats.picture;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What a PDF is laid on.
 *
 * @param width of a page in points, 0 where it is as large as it needs
 * @param height of a page in points, 0 where it is as large as it needs
 */
public record Paper(Kind kind, double width, double height) {
  /** What stands on it. */
  public enum Kind {
    /** The report, with the drawing in it. */
    REPORT,
    /** The drawing on one page as large as it needs. */
    FIT,
    /** The drawing shrunk or grown onto one page. */
    PAGE,
    /** The drawing as large as it is, over as many pages as it needs, with marks to join them. */
    TILES
  }

  /** The report. */
  public static final Paper REPORT = new Paper(Kind.REPORT, 0, 0);

  /** One page as large as it needs. */
  public static final Paper FIT = new Paper(Kind.FIT, 0, 0);

  private static final double POINTS_A_MM = 72 / 25.4;

  /** Sizes of ISO 216, in millimetres, upright. */
  private static final Map<String, double[]> SIZES = new LinkedHashMap<>();

  static {
    SIZES.put("A5", new double[] {148, 210});
    SIZES.put("A4", new double[] {210, 297});
    SIZES.put("A3", new double[] {297, 420});
    SIZES.put("A2", new double[] {420, 594});
    SIZES.put("A1", new double[] {594, 841});
    SIZES.put("A0", new double[] {841, 1189});
  }

  /** Whether it is the report. */
  public boolean isReport() {
    return kind == Kind.REPORT;
  }

  /**
   * By its name.
   *
   * @param name {@code report}, {@code fit}, a size of ISO 216 as {@code A4}, or several pages of
   *     one as {@code A4-tiles}
   */
  public static Optional<Paper> of(String name) {
    if (name.equals("report")) {
      return Optional.of(REPORT);
    } else if (name.equals("fit")) {
      return Optional.of(FIT);
    }
    double[] size = SIZES.get(name.replace("-tiles", ""));
    Kind kind = name.endsWith("-tiles") ? Kind.TILES : Kind.PAGE;
    return size == null
        ? Optional.empty()
        : Optional.of(new Paper(kind, size[0] * POINTS_A_MM, size[1] * POINTS_A_MM));
  }

  /** The same lying on its side if that suits a drawing. */
  Paper turned(double wide, double high) {
    boolean lying = wide > high;
    return lying == width > height ? this : new Paper(kind, height, width);
  }
}
