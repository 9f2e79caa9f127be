package org.pergamena.formats.image;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import org.pergamena.core.layout.Box;
import org.pergamena.formats.read.UnreadableException;

/** The images of one scene, each decoded once for as long as the scene is drawn. */
public final class Gallery {
  private static final System.Logger LOG = System.getLogger(Gallery.class.getName());

  private static final int MOST_SIDE = 4_000;

  /** Images that were not drawn for the longest time are decoded again. */
  private static final long MOST_PIXELS = 48_000_000;

  private interface Painting {
    void paint(Graphics2D g, Box box);
  }

  private record Decoded(Painting painting, long pixels) {}

  /** Longest side of an image that is put into a file as PNG, in pixels. */
  private static final int PNG_SIDE = 2_000;

  private final Function<String, byte[]> whole;
  private final Function<String, byte[]> drawn;
  private final int scale;
  private final Map<String, Decoded> decoded = new LinkedHashMap<>(16, 0.75f, true);
  private long pixels;

  /**
   * Gets ready to draw.
   *
   * @param whole the bytes of an image as they are kept, or null if there are none
   * @param scale pixels for each scene pixel
   */
  public Gallery(Function<String, byte[]> whole, int scale) {
    this(whole, whole, scale);
  }

  /**
   * Gets ready to draw images that strangers made from what was drawn of them before.
   *
   * @param whole the bytes of an image as they are kept, or null if there are none
   * @param drawn the bytes that it is drawn from, of its own kind or of pixels
   * @param scale pixels for each scene pixel
   */
  public Gallery(Function<String, byte[]> whole, Function<String, byte[]> drawn, int scale) {
    this.whole = whole;
    this.drawn = drawn;
    this.scale = scale;
  }

  /** For a scene without images. */
  public static Gallery empty() {
    return new Gallery(image -> null, 1);
  }

  /** An image as it is put into a file, with its media type. */
  public record Embedded(String type, byte[] bytes) {}

  /** An image to be put into a file; null if there is none. */
  public Embedded embedded(String image) {
    byte[] bytes = whole.apply(image);
    ImageKind kind = bytes == null ? null : ImageKind.of(bytes);
    return kind == null ? null : new Embedded(kind.type(), bytes);
  }

  /** An image as PNG, for files that take no other; null if there is none to be read. */
  public byte[] png(String image) {
    byte[] bytes = drawn.apply(image);
    ImageKind kind = bytes == null ? null : ImageKind.of(bytes);
    try {
      if (kind == ImageKind.SVG) {
        return DrawnSvg.of(bytes).png(PNG_SIDE / 2);
      }
      return kind == null ? null : Raster.png(Raster.of(bytes, kind).pixels(PNG_SIDE));
    } catch (UnreadableException e) {
      return null;
    }
  }

  /** Draws an image; one that cannot be read leaves its place empty. */
  public void paint(String image, Graphics2D g, Box box) {
    int left = (int) Math.floor(box.x());
    int top = (int) Math.floor(box.y());
    if (!g.hitClip(left, top, (int) box.width() + 2, (int) box.height() + 2)) {
      return;
    }
    int side = (int) Math.ceil(Math.max(box.width(), box.height()) * scale * 2);
    String key = image + " " + side;
    Decoded ready = decoded.get(key);
    if (ready == null) {
      ready = decode(image, Math.min(MOST_SIDE, Math.max(16, side)));
      decoded.put(key, ready);
      pixels += ready.pixels();
      Iterator<Decoded> eldest = decoded.values().iterator();
      while (pixels > MOST_PIXELS && decoded.size() > 1) {
        pixels -= eldest.next().pixels();
        eldest.remove();
      }
    }
    ready.painting().paint(g, box);
  }

  private Decoded decode(String image, int side) {
    byte[] bytes = drawn.apply(image);
    try {
      ImageKind kind = bytes == null ? null : ImageKind.of(bytes);
      if (kind == ImageKind.SVG) {
        DrawnSvg drawn = DrawnSvg.of(bytes);
        return new Decoded((g, at) -> drawn.paint(g, at.x(), at.y(), at.width(), at.height()), 1);
      } else if (kind != null) {
        BufferedImage seen = Raster.of(bytes, kind).pixels(side);
        return new Decoded((g, at) -> draw(seen, g, at), (long) seen.getWidth() * seen.getHeight());
      }
    } catch (UnreadableException e) {
      LOG.log(System.Logger.Level.WARNING, "An image that was kept cannot be read.", e);
    }
    return new Decoded((g, at) -> {}, 1);
  }

  private static void draw(BufferedImage pixels, Graphics2D g, Box box) {
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    AffineTransform place = AffineTransform.getTranslateInstance(box.x(), box.y());
    place.scale(box.width() / pixels.getWidth(), box.height() / pixels.getHeight());
    g.drawImage(pixels, place, null);
  }
}
