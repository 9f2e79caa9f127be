package org.pergamena.formats.publish;

import java.io.ByteArrayOutputStream;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.progress.Progress;
import org.pergamena.formats.picture.Pixels;
import org.pergamena.formats.picture.PngPicture;
import org.pergamena.formats.picture.SvgPicture;

/** The map's picture in documents. */
final class Plates {
  private static final double TEXT_WIDTH = 453; // points between the margins of an A4 page
  private static final double TEXT_HEIGHT = 640;
  private static final double POINTS = 0.75; // of a scene pixel
  private static final int MOST_PIXELS = 24_000_000;
  private static final int SHARPEST = 4;

  private Plates() {}

  /**
   * The map as lines, and as pixels for those who do not know that.
   *
   * @param width in scene pixels
   * @param height in scene pixels
   */
  record Drawn(byte[] svg, byte[] png, double width, double height) {}

  static Drawn drawn(Publication publication) {
    Scene scene = publication.scene();
    ByteArrayOutputStream svg = new ByteArrayOutputStream();
    SvgPicture.outlined(scene, publication.title(), publication.gallery(), svg);
    return new Drawn(svg.toByteArray(), png(publication, scene), scene.width(), scene.height());
  }

  /** As sharp as there is room for. */
  static byte[] png(Publication publication, Scene scene) {
    double room = Math.sqrt(MOST_PIXELS / (scene.width() * scene.height()));
    double scale = Math.max(0.1, Math.min(SHARPEST, room));
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    PngPicture.of(scene, new Pixels(scale, 0, true))
        .write(publication.gallery(), Progress.NONE, png);
    return png.toByteArray();
  }

  /** Its size in points: as large as it is, or as the page has room for it. */
  static double[] onPage(double width, double height) {
    double shrunk = Math.min(1, Math.min(TEXT_WIDTH / width, TEXT_HEIGHT / height) / POINTS);
    return new double[] {width * POINTS * shrunk, height * POINTS * shrunk};
  }
}
