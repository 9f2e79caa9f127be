package org.pergamena.formats.image;

import com.twelvemonkeys.imageio.metadata.CompoundDirectory;
import com.twelvemonkeys.imageio.metadata.Entry;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEG;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEGSegment;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEGSegmentUtil;
import com.twelvemonkeys.imageio.metadata.tiff.TIFF;
import com.twelvemonkeys.imageio.metadata.tiff.TIFFReader;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.Semaphore;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import org.pergamena.formats.read.UnreadableException;

/**
 * An image of pixels. Only its head is read until it is asked for, and then only as many of its
 * pixels as are needed.
 *
 * @param turn how the pixels are to be turned, 1 to 8 as Exif has it (CIPA DC-008, 2019)
 * @param storedWidth of the pixels before they are turned
 */
record Raster(byte[] bytes, ImageKind kind, int turn, int storedWidth, int storedHeight) {
  private static final long MOST_PIXELS = 40_000_000;
  private static final float QUALITY = 0.86f;

  /** Few images are decoded at a time, so that many large ones need no more memory than these. */
  private static final Semaphore TURNS = new Semaphore(2);

  /** Reads the head of an image. */
  static Raster of(byte[] bytes, ImageKind kind) throws UnreadableException {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      ImageReader reader = reader(kind);
      try {
        reader.setInput(in, true, false);
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if ((long) width * height > MOST_PIXELS) {
          throw new UnreadableException(
              "The picture has %,d x %,d pixels, more than 40 million. Save it smaller and add it"
                      .formatted(width, height)
                  + " again.");
        }
        return new Raster(bytes, kind, kind == ImageKind.JPEG ? turn(bytes) : 1, width, height);
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      throw damaged(e);
    }
  }

  private static UnreadableException damaged(Exception cause) {
    return new UnreadableException(
        "The picture is damaged or not complete. Open it where it came from, save it again and"
            + " add that.",
        cause);
  }

  private static ImageReader reader(ImageKind kind) {
    Iterator<ImageReader> readers = ImageIO.getImageReadersByMIMEType(kind.type());
    if (!readers.hasNext()) {
      throw new IllegalStateException("There is no reader for " + kind.type() + ".");
    }
    return readers.next();
  }

  private static int turn(byte[] bytes) {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      List<JPEGSegment> segments = JPEGSegmentUtil.readSegments(in, JPEG.APP1, "Exif");
      if (segments.isEmpty()) {
        return 1;
      }
      InputStream exif = segments.get(0).data();
      exif.skipNBytes(1);
      try (ImageInputStream data = ImageIO.createImageInputStream(exif)) {
        CompoundDirectory directory = (CompoundDirectory) new TIFFReader().read(data);
        Entry entry = directory.getEntryById(TIFF.TAG_ORIENTATION);
        int turn = entry == null ? 1 : ((Number) entry.getValue()).intValue();
        return turn >= 1 && turn <= 8 ? turn : 1;
      }
    } catch (IOException | RuntimeException e) {
      return 1;
    }
  }

  /** Whether its pixels are stored as they are seen. */
  boolean upright() {
    return turn == 1;
  }

  private boolean sideways() {
    return turn >= 5;
  }

  /** In pixels, as it is seen. */
  int width() {
    return sideways() ? storedHeight : storedWidth;
  }

  /** In pixels, as it is seen. */
  int height() {
    return sideways() ? storedWidth : storedHeight;
  }

  /** Its pixels as they are seen, the longer side at most so many. */
  BufferedImage pixels(int side) throws UnreadableException {
    TURNS.acquireUninterruptibly();
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      ImageReader reader = reader(kind);
      try {
        reader.setInput(in, true, true);
        ImageReadParam param = reader.getDefaultReadParam();
        int step = Math.max(1, Math.max(storedWidth, storedHeight) / (2 * side));
        param.setSourceSubsampling(step, step, 0, 0);
        return upright(reader.read(0, param), side);
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      throw damaged(e);
    } finally {
      TURNS.release();
    }
  }

  private BufferedImage upright(BufferedImage stored, int side) {
    double scale = Math.min(1, side / (double) Math.max(stored.getWidth(), stored.getHeight()));
    double wide = Math.max(1, Math.round(stored.getWidth() * scale));
    double high = Math.max(1, Math.round(stored.getHeight() * scale));
    int width = (int) (sideways() ? high : wide);
    int height = (int) (sideways() ? wide : high);
    boolean clear = stored.getColorModel().hasAlpha();
    BufferedImage seen =
        new BufferedImage(
            width, height, clear ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
    Graphics2D g = seen.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    AffineTransform turned = turned(wide, high);
    turned.scale(wide / stored.getWidth(), high / stored.getHeight());
    g.drawImage(stored, turned, null);
    g.dispose();
    return seen;
  }

  /** From where pixels are stored to where they are seen. */
  private AffineTransform turned(double wide, double high) {
    return switch (turn) {
      case 2 -> new AffineTransform(-1, 0, 0, 1, wide, 0);
      case 3 -> new AffineTransform(-1, 0, 0, -1, wide, high);
      case 4 -> new AffineTransform(1, 0, 0, -1, 0, high);
      case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
      case 6 -> new AffineTransform(0, 1, -1, 0, high, 0);
      case 7 -> new AffineTransform(0, -1, -1, 0, high, wide);
      case 8 -> new AffineTransform(0, -1, 1, 0, 0, wide);
      default -> new AffineTransform();
    };
  }

  /** As PNG if parts of it are clear, else as JPEG; the longer side at most so many pixels. */
  byte[] encoded(int side) throws UnreadableException {
    BufferedImage pixels = pixels(side);
    return pixels.getColorModel().hasAlpha() || kind == ImageKind.GIF ? png(pixels) : jpeg(pixels);
  }

  static byte[] png(BufferedImage image) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private static byte[] jpeg(BufferedImage image) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (var stream = ImageIO.createImageOutputStream(out)) {
      ImageWriteParam param = writer.getDefaultWriteParam();
      param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      param.setCompressionQuality(QUALITY);
      writer.setOutput(stream);
      writer.write(null, new IIOImage(image, null, null), param);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      writer.dispose();
    }
    return out.toByteArray();
  }
}
