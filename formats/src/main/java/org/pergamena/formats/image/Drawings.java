package org.pergamena.formats.image;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.pergamena.core.shipped.Shipped;

/** The ink drawings that ship, found by words; topics show them as they show other images. */
public final class Drawings {
  /** What the names of images that are drawings begin with. */
  public static final String PREFIX = "ink/";

  private static final Shipped<Stored> ALL =
      new Shipped<>(
          Drawings.class,
          "drawings.txt.gz",
          parts -> parts[1],
          parts -> new Stored(Integer.parseInt(parts[2]), Integer.parseInt(parts[3]), parts[4]));

  private record Stored(int width, int height, String body) {}

  /** A drawing: the name by which topics show it, and that in words. */
  public record Drawing(String image, String words, int width, int height) {}

  private Drawings() {}

  private static Optional<Stored> stored(String image) {
    return image.startsWith(PREFIX) ? ALL.of(image.substring(PREFIX.length())) : Optional.empty();
  }

  /** Whether an image is one of these. */
  public static boolean has(String image) {
    return stored(image).isPresent();
  }

  /**
   * A drawing as SVG.
   *
   * @param ink the colour of its lines, as {@code #RRGGBB}
   */
  public static Optional<byte[]> svg(String image, String ink) {
    return stored(image).map(drawing -> drawn(drawing, ink).getBytes(StandardCharsets.UTF_8));
  }

  private static String drawn(Stored drawing, String ink) {
    return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%1$d\" height=\"%2$d\" viewBox=\"0 0 %1$d %2$d\">"
            .formatted(drawing.width(), drawing.height())
        + drawing.body().replace("INK", ink)
        + "</svg>";
  }

  /** Those of which each word of a search begins a word, the shortest names first. */
  public static List<Drawing> search(String words, int most) {
    return ALL.search(
        words,
        most,
        (name, drawing) ->
            new Drawing(PREFIX + name, name.replace('-', ' '), drawing.width(), drawing.height()));
  }
}
