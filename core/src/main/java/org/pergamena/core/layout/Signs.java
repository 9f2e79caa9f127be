package org.pergamena.core.layout;

import java.util.List;
import java.util.Optional;
import org.pergamena.core.shipped.Shipped;

/** The small line drawings that tags have, 24 units wide and high, found by words. */
public final class Signs {
  /** The side of the square in which each is drawn. */
  public static final double SIZE = 24;

  private static final Shipped<Path> ALL =
      new Shipped<>(
          Signs.class,
          "signs.txt.gz",
          parts -> parts[0].replace('-', ' ') + " " + parts[1].replace(',', ' '),
          parts -> path(parts[2]));

  /** A drawing with its name. */
  public record Sign(String name, Path path) {}

  private Signs() {}

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
    return ALL.of(name);
  }

  /** Those that all words of a search begin a word of, the shortest names first. */
  public static List<Sign> search(String words, int most) {
    return ALL.search(words, most, Sign::new);
  }
}
