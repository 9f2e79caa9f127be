package org.pergamena.formats.picture;

import ar.com.hjg.pngj.FilterType;
import ar.com.hjg.pngj.ImageInfo;
import ar.com.hjg.pngj.ImageLineByte;
import ar.com.hjg.pngj.PngWriter;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.OutputStream;
import org.pergamena.core.layout.Scene;
import org.pergamena.formats.image.Gallery;

/**
 * A scene as a PNG picture, drawn band by band so that a large picture needs little memory.
 *
 * @param width in pixels
 * @param height in pixels
 */
public record PngPicture(Scene scene, int scale, int width, int height) {
  /** The largest scale. */
  public static final int MOST_SCALE = 8;

  /** The most pixels that a picture may have. */
  public static final long MOST_PIXELS = 1_500_000_000L;

  /** Of 9: a drawing is small at any level, and the highest take several times as long. */
  private static final int COMPRESSION = 3;

  private static final int BAND_PIXELS = 8_000_000;

  /**
   * The picture of a scene.
   *
   * @param scale pixels for each scene pixel, 1 to {@value #MOST_SCALE}
   * @throws IllegalArgumentException with a sentence for the person if it would be too large
   */
  public static PngPicture of(Scene scene, int scale) {
    if (scale < 1 || scale > MOST_SCALE) {
      throw new IllegalArgumentException(
          "The scale must be between 1 and " + MOST_SCALE + ", not " + scale + ".");
    }
    long width = (long) Math.ceil(scene.width() * scale);
    long height = (long) Math.ceil(scene.height() * scale);
    if (width * height > MOST_PIXELS) {
      throw new IllegalArgumentException(
          "The picture would have %,d x %,d pixels, more than %,d million. Choose a smaller scale."
              .formatted(width, height, MOST_PIXELS / 1_000_000));
    }
    return new PngPicture(scene, scale, (int) width, (int) height);
  }

  /** Writes the picture; the stream stays open. */
  public void write(Theme theme, Gallery gallery, OutputStream out) {
    PngWriter png = new PngWriter(out, new ImageInfo(width, height, 8, false));
    png.setShouldCloseStream(false);
    png.setFilterType(FilterType.FILTER_UP); // most rows of a drawing are like those above
    png.setCompLevel(COMPRESSION);
    png.getMetadata().setDpi(96.0 * scale);
    int bandHeight = Math.max(1, Math.min(height, BAND_PIXELS / width));
    BufferedImage band = new BufferedImage(width, bandHeight, BufferedImage.TYPE_INT_RGB);
    int[] pixels = ((DataBufferInt) band.getRaster().getDataBuffer()).getData();
    ImageLineByte line = new ImageLineByte(png.imgInfo);
    byte[] bytes = line.getScanline();
    for (int top = 0; top < height; top += bandHeight) {
      paintBand(theme, gallery, band, top);
      for (int row = 0; row < Math.min(bandHeight, height - top); row++) {
        for (int x = 0; x < width; x++) {
          int rgb = pixels[row * width + x];
          bytes[3 * x] = (byte) (rgb >> 16);
          bytes[3 * x + 1] = (byte) (rgb >> 8);
          bytes[3 * x + 2] = (byte) rgb;
        }
        png.writeRow(line, top + row);
      }
    }
    png.end();
  }

  private void paintBand(Theme theme, Gallery gallery, BufferedImage band, int top) {
    Graphics2D g = band.createGraphics();
    try {
      g.setColor(Color.decode(theme.vellum()));
      g.fillRect(0, 0, band.getWidth(), band.getHeight());
      g.translate(0, -top);
      g.scale(scale, scale);
      ScenePainter.paint(scene, gallery, g);
    } finally {
      g.dispose();
    }
  }
}
