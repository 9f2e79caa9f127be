package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.layout.TextStyle.Face;
import org.pergamena.core.map.Grain;
import org.pergamena.core.map.Paper;

/**
 * What a scene lies on.
 *
 * @param ground its colour
 * @param tile what is repeated over all of it, or null
 * @param watermark words across it, or null
 */
public record Backdrop(String ground, Tile tile, Watermark watermark) {
  private static final double GRID = 24;
  private static final double LINES = 28;
  private static final double PAPER = 220;
  private static final int FIBRES = 34;
  private static final int FAINT = 8;
  private static final int FAINTER = 6;

  /** Lines within a square that is repeated. */
  public record Tile(double side, List<Line> lines) {}

  /**
   * Words across all.
   *
   * @param width at a size of 1
   */
  public record Watermark(String words, Face face, double width, String fill) {
    private static final double SHARE = 0.8;
    private static final double LARGEST = 420;

    /** Where they stand in the middle of a scene. */
    Item.Words in(double sceneWidth, double sceneHeight) {
      double size = Math.min(SHARE * sceneWidth / width, Math.min(LARGEST, sceneHeight / 2));
      double x = (sceneWidth - size * width) / 2;
      double y = sceneHeight / 2 + size / 3;
      return new Item.Words(Item.Role.TEXT, words, x, y, new TextStyle(face, size), fill);
    }
  }

  /** A colour with nothing on it. */
  public static Backdrop plain(String ground) {
    return new Backdrop(ground, null, null);
  }

  /** What a map with a paper lies on. */
  static Backdrop of(Paper paper, Typesetter type) {
    Palette palette = type.palette();
    String words = paper.watermark();
    Face face = palette.set(new TextStyle(Face.READING_SEMIBOLD, 1)).face();
    double large = 100;
    Watermark watermark =
        words.isEmpty()
            ? null
            : new Watermark(
                words,
                face,
                type.width(words, new TextStyle(face, large)) / large,
                Contrast.mixed(palette.ink(), palette.ground(), FAINT));
    return new Backdrop(palette.ground(), tile(paper.grain(), palette), watermark);
  }

  private static Tile tile(Grain grain, Palette palette) {
    String faint = Contrast.mixed(palette.ink(), palette.ground(), FAINT);
    return grain == null
        ? null
        : switch (grain) {
          case NONE -> null;
          case GRID -> {
            Path.Pen pen = new Path.Pen().move(0, GRID / 2).line(GRID, GRID / 2);
            pen.move(GRID / 2, 0).line(GRID / 2, GRID);
            yield new Tile(GRID, List.of(new Line(pen.path(), faint, 1, List.of())));
          }
          case LINES -> {
            Path path = new Path.Pen().move(0, LINES / 2).line(LINES, LINES / 2).path();
            yield new Tile(LINES, List.of(new Line(path, faint, 1, List.of())));
          }
          case PAPER -> fibres(Contrast.mixed(palette.ink(), palette.ground(), FAINTER));
        };
  }

  /** The same fibres each time, none of which leaves the tile. */
  private static Tile fibres(String colour) {
    Random random = new Random(7);
    List<Line> lines = new ArrayList<>();
    for (int i = 0; i < FIBRES; i++) {
      double x = 12 + random.nextDouble() * (PAPER - 24);
      double y = 12 + random.nextDouble() * (PAPER - 24);
      double turn = random.nextDouble() * Math.PI;
      double length = 3 + 7 * random.nextDouble();
      double bend = (random.nextDouble() - 0.5) * 5;
      double dx = length * Math.cos(turn) / 2;
      double dy = length * Math.sin(turn) / 2;
      Path.Pen pen = new Path.Pen().move(x - dx, y - dy);
      pen.curve(x + bend * Math.sin(turn), y - bend * Math.cos(turn), x + dx, y + dy);
      lines.add(new Line(pen.path(), colour, 1, List.of()));
    }
    return new Tile(PAPER, lines);
  }
}
