package org.pergamena.formats.shapes;

import java.util.Locale;

/** How long readers take for hard texts of a length, of twice and of four times that length. */
public final class ShapesBench {
  private static final int USUAL = 25_000;

  private ShapesBench() {}

  /** Prints a table in Markdown; the argument is the length in characters. */
  public static void main(String[] arguments) {
    int length = arguments.length == 0 ? USUAL : Integer.parseInt(arguments[0]);
    System.out.printf(
        Locale.ROOT,
        "| what is done | shape | %,d | %,d | %,d characters |%n|---|---|---|---|---|%n",
        length,
        2 * length,
        4 * length);
    for (Way way : Way.values()) {
      way.go("A first sentence, so that all models are there.");
      for (Shape shape : Shape.ALL) {
        System.out.printf(
            Locale.ROOT,
            "| %s | %s | %.2f | %.2f | %.2f s |%n",
            way.name().toLowerCase(Locale.ROOT),
            shape.name(),
            seconds(way, shape, length),
            seconds(way, shape, 2 * length),
            seconds(way, shape, 4 * length));
      }
    }
  }

  private static double seconds(Way way, Shape shape, int length) {
    String text = shape.text().apply(length);
    long begun = System.nanoTime();
    way.go(text);
    return (System.nanoTime() - begun) / 1e9;
  }
}
