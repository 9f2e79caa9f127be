package org.pergamena.formats.image;

import org.pergamena.formats.read.UnreadableException;

/**
 * An image as it is kept.
 *
 * @param bytes of the whole image; of an SVG only what draws, without scripts and addresses
 * @param width in pixels, as it is seen
 * @param height in pixels, as it is seen
 * @param screen the same as PNG or JPEG for the screen, or null if the whole is sent
 */
public record KeptImage(ImageKind kind, byte[] bytes, int width, int height, byte[] screen) {
  /** The largest file, in bytes. */
  public static final int MOST_BYTES = 10_000_000;

  /** The bytes for the screen. */
  public byte[] shown() {
    return screen == null ? bytes : screen;
  }

  /** The longest side for the screen, in pixels. */
  static final int SCREEN_SIDE = 1280;

  private static final int SCREEN_BYTES = 500_000;

  /**
   * Reads an image of any kind that is known.
   *
   * @throws UnreadableException with a sentence for the person if it is none, or too large
   */
  public static KeptImage of(byte[] bytes) throws UnreadableException {
    if (bytes.length > MOST_BYTES) {
      throw new UnreadableException(
          "The picture has more than 10 MB. Save it smaller and add it again.");
    }
    ImageKind kind = ImageKind.of(bytes);
    if (kind == null) {
      throw new UnreadableException(
          "This is not a picture that can be shown. Save it as PNG, JPEG, WebP, GIF or SVG and"
              + " add it again.");
    }
    if (kind == ImageKind.SVG) {
      byte[] safe = SafeSvg.of(bytes);
      DrawnSvg drawn = DrawnSvg.of(safe);
      return new KeptImage(kind, safe, drawn.width(), drawn.height(), drawn.png(SCREEN_SIDE));
    }
    Raster raster = Raster.of(bytes, kind);
    boolean fits = Math.max(raster.width(), raster.height()) <= SCREEN_SIDE;
    boolean plain = kind == ImageKind.PNG || kind == ImageKind.JPEG;
    boolean whole = fits && plain && bytes.length <= SCREEN_BYTES && raster.upright();
    byte[] screen = whole ? null : raster.encoded(SCREEN_SIDE);
    return new KeptImage(kind, bytes, raster.width(), raster.height(), screen);
  }
}
