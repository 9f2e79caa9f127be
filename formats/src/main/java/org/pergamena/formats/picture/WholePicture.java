package org.pergamena.formats.picture;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.pergamena.core.layout.Scene;
import org.pergamena.formats.image.Gallery;

/** A scene as a JPEG or WebP picture, which is held in memory whole. */
public final class WholePicture {
  /** The most pixels: at four bytes each they take 400 MB. */
  public static final long MOST_PIXELS = 100_000_000;

  /** The longest side of a WebP (RFC 9649). */
  private static final int LONGEST_WEBP = 16_383;

  private static final float QUALITY = 0.92f;

  /** Among the kinds of compression that the writer of WebP has. */
  private static final int LOSSLESS = 1;

  private WholePicture() {}

  /**
   * How large the picture of a scene is.
   *
   * @throws IllegalArgumentException with a sentence for the person if it would be too large
   */
  public static PngPicture size(Scene scene, Pixels pixels, String format) {
    PngPicture size = PngPicture.of(scene, pixels);
    boolean webp = format.equals("webp");
    if ((long) size.width() * size.height() > MOST_PIXELS
        || webp && Math.max(size.width(), size.height()) > LONGEST_WEBP) {
      throw new IllegalArgumentException(
          "A %s of %,d x %,d pixels would %s. Choose PNG, or a smaller scale."
              .formatted(
                  webp ? "WebP" : "JPEG",
                  size.width(),
                  size.height(),
                  webp
                      ? "have a side of more than 16,383, or more than 100 million"
                      : "have more than 100 million"));
    }
    return size;
  }

  /**
   * Writes the picture; the stream stays open.
   *
   * @param format {@code jpeg} or {@code webp}
   * @throws IllegalArgumentException with a sentence for the person if it would be too large
   */
  public static void write(
      Scene scene, Pixels pixels, String format, Gallery gallery, OutputStream out)
      throws IOException {
    boolean webp = format.equals("webp");
    Pixels wanted = webp ? pixels : new Pixels(pixels.scale(), pixels.width(), false);
    BufferedImage image = size(scene, wanted, format).image(gallery);
    ImageWriter writer = ImageIO.getImageWritersByFormatName(format).next();
    try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
      ImageWriteParam param = writer.getDefaultWriteParam();
      param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      if (webp) {
        param.setCompressionType(param.getCompressionTypes()[LOSSLESS]);
      } else {
        param.setCompressionQuality(QUALITY);
      }
      writer.setOutput(stream);
      writer.write(null, new IIOImage(image, null, null), param);
    } finally {
      writer.dispose();
    }
  }
}
