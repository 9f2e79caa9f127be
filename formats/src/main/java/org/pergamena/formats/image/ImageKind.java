package org.pergamena.formats.image;

import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** The kinds of image that are taken, each with its media type. */
public enum ImageKind {
  PNG("image/png", "png"),
  JPEG("image/jpeg", "jpg"),
  WEBP("image/webp", "webp"),
  GIF("image/gif", "gif"),
  SVG("image/svg+xml", "svg");

  private final String type;
  private final String ending;

  ImageKind(String type, String ending) {
    this.type = type;
    this.ending = ending;
  }

  /** Its media type. */
  public String type() {
    return type;
  }

  /** What names of its files end in, without the dot. */
  public String ending() {
    return ending;
  }

  /** The kind that bytes are, by how they begin; null if it is none of these. */
  public static ImageKind of(byte[] bytes) {
    String head = new String(bytes, 0, Math.min(bytes.length, 1024), StandardCharsets.ISO_8859_1);
    if (head.startsWith("\u0089PNG\r\n")) {
      return PNG;
    } else if (head.startsWith("\u00ff\u00d8\u00ff")) {
      return JPEG;
    } else if (head.startsWith("GIF8")) {
      return GIF;
    } else if (head.startsWith("RIFF") && head.startsWith("WEBP", 8)) {
      return WEBP;
    }
    String lower = head.toLowerCase(Locale.ROOT);
    boolean markup = lower.replaceFirst("^\u00ef\u00bb\u00bf", "").stripLeading().startsWith("<");
    return markup && lower.contains("<svg") ? SVG : null;
  }
}
