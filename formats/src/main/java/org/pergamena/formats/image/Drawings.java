package org.pergamena.formats.image;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.zip.GZIPInputStream;

/** The ink drawings that ship, found by words; topics show them as they show other images. */
public final class Drawings {
  /** What the names of images that are drawings begin with. */
  public static final String PREFIX = "ink/";

  private static final Map<String, Stored> ALL = read();

  private record Stored(String words, int width, int height, String body) {}

  /** A drawing: the name by which topics show it, and that in words. */
  public record Drawing(String image, String words, int width, int height) {}

  private Drawings() {}

  private static Map<String, Stored> read() {
    Map<String, Stored> all = new LinkedHashMap<>();
    try (BufferedReader in =
        new BufferedReader(
            new InputStreamReader(
                new GZIPInputStream(Drawings.class.getResourceAsStream("drawings.txt.gz")),
                StandardCharsets.UTF_8))) {
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        String[] parts = line.split("\t");
        all.put(
            parts[0],
            new Stored(
                " " + parts[1], Integer.parseInt(parts[2]), Integer.parseInt(parts[3]), parts[4]));
      }
    } catch (IOException e) {
      throw new UncheckedIOException("The drawings that ship are damaged.", e);
    }
    return all;
  }

  /** Whether an image is one of these. */
  public static boolean has(String image) {
    return image.startsWith(PREFIX) && ALL.containsKey(image.substring(PREFIX.length()));
  }

  /**
   * A drawing as SVG.
   *
   * @param ink the colour of its lines, as {@code #RRGGBB}
   */
  public static Optional<byte[]> svg(String image, String ink) {
    if (!has(image)) {
      return Optional.empty();
    }
    Stored drawing = ALL.get(image.substring(PREFIX.length()));
    String svg =
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%1$d\" height=\"%2$d\" viewBox=\"0 0 %1$d %2$d\">"
                .formatted(drawing.width(), drawing.height())
            + drawing.body().replace("INK", ink)
            + "</svg>";
    return Optional.of(svg.getBytes(StandardCharsets.UTF_8));
  }

  /** Those of which each word of a search begins a word, the shortest names first. */
  public static List<Drawing> search(String words, int most) {
    String[] wanted = words.strip().toLowerCase(Locale.ROOT).split("\\s+");
    List<Drawing> found = new ArrayList<>();
    ALL.forEach(
        (name, drawing) -> {
          boolean all = true;
          for (String word : wanted) {
            all &= drawing.words().contains(" " + word);
          }
          if (all) {
            String said = name.replace('-', ' ');
            found.add(new Drawing(PREFIX + name, said, drawing.width(), drawing.height()));
          }
        });
    found.sort(Comparator.comparingInt(drawing -> drawing.image().length()));
    return found.subList(0, Math.min(most, found.size()));
  }
}
