package org.pergamena.formats.image;

import org.pergamena.formats.read.UnreadableException;

/** Images as PNG, for formats that take no other. */
public final class PngImages {
  private static final int SIDE = 2_000;

  private PngImages() {}

  /** An image as PNG, its longer side at most 2,000 pixels; null if there is none to be read. */
  public static byte[] of(Gallery.Embedded image) {
    ImageKind kind = image == null ? null : ImageKind.of(image.bytes());
    try {
      if (kind == ImageKind.SVG) {
        return DrawnSvg.of(image.bytes()).png(SIDE / 2);
      }
      return kind == null ? null : Raster.png(Raster.of(image.bytes(), kind).pixels(SIDE));
    } catch (UnreadableException e) {
      return null;
    }
  }
}
