package org.pergamena.core.layout;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.zip.GZIPInputStream;

/** The small line drawings that tags have, 24 units wide and high, found by words. */
public final class Signs {
  /** The side of the square in which each is drawn. */
  public static final double SIZE = 24;

  private static final Map<String, Drawing> ALL = read();

  private record Drawing(String words, Path path) {}

  /** A drawing with its name. */
  public record Sign(String name, Path path) {}

  private Signs() {}

  private static Map<String, Drawing> read() {
    Map<String, Drawing> all = new LinkedHashMap<>();
    try (BufferedReader in =
        new BufferedReader(
            new InputStreamReader(
                new GZIPInputStream(Signs.class.getResourceAsStream("signs.txt.gz")),
                StandardCharsets.UTF_8))) {
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        String[] parts = line.split("\t");
        String words = " " + parts[0].replace('-', ' ') + " " + parts[1].replace(',', ' ');
        all.put(parts[0], new Drawing(words, path(parts[2])));
      }
    } catch (IOException e) {
      throw new UncheckedIOException("The signs that ship with the application are damaged.", e);
    }
    return all;
  }

  /** A path written as M x y, L x y and Q cx cy x y, without blanks beside the letters. */
  private static Path path(String written) {
    Path.Pen pen = new Path.Pen();
    for (String step : written.split("(?=[MLQ])")) {
      String[] at = step.substring(1).split(" ");
      double x = Double.parseDouble(at[at.length - 2]);
      double y = Double.parseDouble(at[at.length - 1]);
      switch (step.charAt(0)) {
        case 'M' -> pen.move(x, y);
        case 'L' -> pen.line(x, y);
        default -> pen.curve(Double.parseDouble(at[0]), Double.parseDouble(at[1]), x, y);
      }
    }
    return pen.path();
  }

  /** A drawing by its name. */
  public static Optional<Path> of(String name) {
    return Optional.ofNullable(ALL.get(name)).map(Drawing::path);
  }

  /** Those that all words of a search begin a word of, the shortest names first. */
  public static List<Sign> search(String words, int most) {
    String[] wanted = words.strip().toLowerCase(Locale.ROOT).split("\\s+");
    List<Sign> found = new ArrayList<>();
    ALL.forEach(
        (name, drawing) -> {
          boolean all = true;
          for (String word : wanted) {
            all &= drawing.words().contains(" " + word);
          }
          if (all) {
            found.add(new Sign(name, drawing.path()));
          }
        });
    found.sort((a, b) -> Integer.compare(a.name().length(), b.name().length()));
    return found.subList(0, Math.min(most, found.size()));
  }
}
