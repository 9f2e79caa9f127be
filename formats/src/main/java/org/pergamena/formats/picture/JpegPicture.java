package org.pergamena.formats.picture;

import java.awt.Color;
import java.awt.Graphics2D;
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

/** A scene as a JPEG picture, which is held in memory whole. */
public final class JpegPicture {
  /** The most pixels: at three bytes each they take 300 MB. */
  public static final long MOST_PIXELS = 100_000_000;

  private static final float QUALITY = 0.92f;

  private JpegPicture() {}

  /**
   * How large the picture of a scene is.
   *
   * @throws IllegalArgumentException with a sentence for the person if it would be too large
   */
  public static PngPicture size(Scene scene, int scale) {
    PngPicture size = PngPicture.of(scene, scale);
    if ((long) size.width() * size.height() > MOST_PIXELS) {
      throw new IllegalArgumentException(
          "A JPEG of %,d x %,d pixels would have more than 100 million. Choose PNG, or a smaller"
                  .formatted(size.width(), size.height())
              + " scale.");
    }
    return size;
  }

  /**
   * Writes the picture; the stream stays open.
   *
   * @throws IllegalArgumentException with a sentence for the person if it would be too large
   */
  public static void write(Scene scene, int scale, Gallery gallery, OutputStream out)
      throws IOException {
    PngPicture size = size(scene, scale);
    BufferedImage image =
        new BufferedImage(size.width(), size.height(), BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.decode(Theme.LIGHT.vellum()));
    g.fillRect(0, 0, image.getWidth(), image.getHeight());
    g.scale(scale, scale);
    ScenePainter.paint(scene, gallery, g);
    g.dispose();
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
      ImageWriteParam param = writer.getDefaultWriteParam();
      param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      param.setCompressionQuality(QUALITY);
      writer.setOutput(stream);
      writer.write(null, new IIOImage(image, null, null), param);
    } finally {
      writer.dispose();
    }
  }
}
