package org.pergamena.formats.picture;

import ar.com.hjg.pngj.FilterType;
import ar.com.hjg.pngj.ImageInfo;
import ar.com.hjg.pngj.ImageLineByte;
import ar.com.hjg.pngj.PngWriter;
import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.OutputStream;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.progress.Progress;
import org.pergamena.formats.image.Gallery;

/**
 * A scene as a PNG picture, painted band by band, so that a large picture needs little memory, each
 * while the one before it is written.
 *
 * @param width in pixels
 * @param height in pixels
 */
public record PngPicture(Scene scene, double scale, boolean clear, int width, int height) {
  /** The most pixels that a picture may have. */
  public static final long MOST_PIXELS = 1_500_000_000L;

  /** Of 9: a drawing is small at any level, and the highest take several times as long. */
  private static final int COMPRESSION = 3;

  private static final int BAND_PIXELS = 8_000_000;

  /**
   * The picture of a scene.
   *
   * @throws IllegalArgumentException with a sentence for the person if it would be too large
   */
  public static PngPicture of(Scene scene, Pixels pixels) {
    double scale = pixels.of(scene);
    long width = pixels.width() > 0 ? pixels.width() : (long) Math.ceil(scene.width() * scale);
    long height = (long) Math.ceil(scene.height() * scale);
    if (width * height > MOST_PIXELS) {
      throw new IllegalArgumentException(
          "The picture would have %,d x %,d pixels, more than %,d million. Choose a smaller scale."
              .formatted(width, height, MOST_PIXELS / 1_000_000));
    }
    return new PngPicture(scene, scale, pixels.clear(), (int) width, (int) height);
  }

  /** Writes the picture; the stream stays open. */
  public void write(Gallery gallery, Progress progress, OutputStream out) {
    PngWriter png = new PngWriter(out, new ImageInfo(width, height, 8, clear));
    png.setShouldCloseStream(false);
    png.setFilterType(FilterType.FILTER_NONE); // another would take as long as all the rest
    png.setCompLevel(COMPRESSION);
    png.getMetadata().setDpi(96.0 * scale);
    int bandHeight = Math.max(1, Math.min(height, BAND_PIXELS / width));
    ExecutorService painter = Executors.newSingleThreadExecutor(PngPicture::background);
    try {
      ImageLineByte line = new ImageLineByte(png.imgInfo);
      Future<byte[]> next = painter.submit(() -> band(gallery, 0, bandHeight));
      for (int top = 0; top < height; top += bandHeight) {
        progress.at("Painting", (double) top / height);
        byte[] rows = next.get();
        int following = top + bandHeight;
        if (following < height) {
          next = painter.submit(() -> band(gallery, following, bandHeight));
        }
        int bytes = line.getScanline().length;
        for (int row = 0; row < Math.min(bandHeight, height - top); row++) {
          System.arraycopy(rows, row * bytes, line.getScanline(), 0, bytes);
          png.writeRow(line, top + row);
        }
      }
      png.end();
    } catch (ExecutionException e) {
      throw e.getCause() instanceof RuntimeException own ? own : new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("The picture was broken off.", e);
    } finally {
      painter.shutdownNow();
    }
  }

  private static Thread background(Runnable task) {
    Thread thread = new Thread(task, "picture");
    thread.setDaemon(true);
    return thread;
  }

  /** The bytes of some rows, painted while those before them are written. */
  private byte[] band(Gallery gallery, int top, int rows) {
    BufferedImage image = new BufferedImage(width, rows, kind());
    paintBand(gallery, image, top);
    int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    byte[] bytes = new byte[width * rows * (clear ? 4 : 3)];
    int at = 0;
    for (int rgb : pixels) {
      bytes[at++] = (byte) (rgb >> 16);
      bytes[at++] = (byte) (rgb >> 8);
      bytes[at++] = (byte) rgb;
      if (clear) {
        bytes[at++] = (byte) (rgb >>> 24);
      }
    }
    return bytes;
  }

  private int kind() {
    return clear ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB;
  }

  /** The picture whole, in memory. */
  BufferedImage image(Gallery gallery) {
    BufferedImage image = new BufferedImage(width, height, kind());
    paintBand(gallery, image, 0);
    return image;
  }

  private void paintBand(Gallery gallery, BufferedImage band, int top) {
    Graphics2D g = band.createGraphics();
    try {
      g.setComposite(AlphaComposite.Src);
      g.setColor(clear && !scene.dark() ? new Color(0, true) : Color.decode(scene.ground()));
      g.fillRect(0, 0, band.getWidth(), band.getHeight());
      g.setComposite(AlphaComposite.SrcOver);
      g.translate(0, -top);
      g.scale(scale, scale);
      ScenePainter.paint(scene, gallery, g);
    } finally {
      g.dispose();
    }
  }
}
