package org.pergamena.formats.image;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import javax.imageio.ImageIO;

/** Small images for tests. */
final class Images {
  private Images() {}

  /** An image that is red in its left half and blue in its right. */
  static byte[] halves(String format, int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.RED);
    g.fillRect(0, 0, width / 2, height);
    g.setColor(Color.BLUE);
    g.fillRect(width / 2, 0, width - width / 2, height);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, format, out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  /** A JPEG that says how it is to be turned. */
  static byte[] turned(int turn, int width, int height) {
    byte[] plain = halves("jpeg", width, height);
    byte[] exif = {
      (byte) 0xFF,
      (byte) 0xE1,
      0,
      34,
      'E',
      'x',
      'i',
      'f',
      0,
      0,
      'M',
      'M',
      0,
      42,
      0,
      0,
      0,
      8,
      0,
      1,
      1,
      18,
      0,
      3,
      0,
      0,
      0,
      1,
      0,
      (byte) turn,
      0,
      0,
      0,
      0,
      0,
      0
    };
    byte[] bytes = new byte[plain.length + exif.length];
    System.arraycopy(plain, 0, bytes, 0, 2);
    System.arraycopy(exif, 0, bytes, 2, exif.length);
    System.arraycopy(plain, 2, bytes, 2 + exif.length, plain.length - 2);
    return bytes;
  }

  /** A WebP of one pixel. */
  static byte[] webp() {
    return Base64.getDecoder()
        .decode("UklGRiQAAABXRUJQVlA4IBgAAAAwAQCdASoBAAEAAwA0JaQAA3AA/vuUAAA=");
  }

  /** The colour of a pixel, without how clear it is. */
  static Color at(byte[] image, double across, double down) {
    try {
      BufferedImage read = ImageIO.read(new java.io.ByteArrayInputStream(image));
      return new Color(
          read.getRGB(
              (int) (across * (read.getWidth() - 1)), (int) (down * (read.getHeight() - 1))));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
