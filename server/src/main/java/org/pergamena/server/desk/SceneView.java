package org.pergamena.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.layout.Backdrop;
import org.pergamena.core.layout.Box;
import org.pergamena.core.layout.DropZone;
import org.pergamena.core.layout.Flow;
import org.pergamena.core.layout.Item;
import org.pergamena.core.layout.Placed;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.layout.TextStyle;

/** A scene as the browser draws it: colours resolved, paths as SVG path data. */
record SceneView(
    double width,
    double height,
    BackdropView backdrop,
    List<PlacedView> topics,
    List<AcrossView> links,
    List<DropZone> zones) {

  /**
   * A topic as it is drawn, its items relative to its left upper corner.
   *
   * @param reach around all that is drawn of it, its lines to its children too
   * @param toggle where a pointer opens or closes the branch; null if there is nothing below
   * @param flow where its children stand
   * @param again the topic that is shown again here, or null if it stands here itself
   */
  record PlacedView(
      UUID id,
      int level,
      int branch,
      double x,
      double y,
      double width,
      double height,
      Box reach,
      Drawn drawn,
      @Schema(
              types = {"object", "null"},
              implementation = Box.class)
          Box toggle,
      boolean closed,
      Flow flow,
      NearView near,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID again) {}

  /** The topics that the arrow keys lead to. */
  record NearView(
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID left,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID right,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID up,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID down) {}

  /**
   * A cross-link as it is drawn, where it stands in the scene.
   *
   * @param tie whether it is a pair of reference marks, drawn with its topics
   * @param said the words that its line has while one of its ends is chosen
   * @param ink of that line
   * @param atFrom whether that line points at its first end
   */
  record AcrossView(
      UUID id,
      UUID from,
      UUID to,
      Drawn drawn,
      boolean tie,
      String said,
      String ink,
      String dash,
      boolean atFrom,
      boolean atTo) {}

  /** What is drawn, by kind. */
  record Drawn(
      List<Words> texts,
      List<Bar> bars,
      List<Area> areas,
      List<Stroke> lines,
      List<ImageView> images) {}

  /** A filled shape, as SVG path data. */
  record Area(String path, String fill) {}

  /**
   * What lies behind all.
   *
   * @param tile what is repeated, or null
   * @param watermark words across it, or null
   */
  record BackdropView(
      String ground,
      @Schema(
              types = {"object", "null"},
              implementation = TileView.class)
          TileView tile,
      @Schema(
              types = {"object", "null"},
              implementation = Words.class)
          Words watermark) {}

  /** Lines within a square. */
  record TileView(double side, List<Stroke> lines) {}

  static BackdropView backdrop(Scene scene) {
    Backdrop.Tile tile = scene.backdrop().tile();
    Item.Words watermark = scene.watermark();
    return new BackdropView(
        scene.ground(),
        tile == null ? null : new TileView(tile.side(), drawn(List.copyOf(tile.lines())).lines()),
        watermark == null ? null : words(watermark));
  }

  private static Words words(Item.Words w) {
    return new Words(
        w.role(),
        w.text(),
        round(w.x()),
        round(w.y()),
        w.style().face(),
        round(w.style().size()),
        w.fill());
  }

  /** A line of text, its left end and baseline. */
  record Words(
      Item.Role role,
      String text,
      double x,
      double y,
      TextStyle.Face face,
      double size,
      String fill) {}

  /** A filled rectangle. */
  record Bar(double x, double y, double width, double height, String fill) {}

  /** A topic's picture: its own identity, and the name of what it shows. */
  record ImageView(
      UUID id, String image, String alt, double x, double y, double width, double height) {}

  /** A stroked line, as SVG path data. */
  record Stroke(String path, String stroke, double width, String dash) {}

  static SceneView of(Scene scene) {
    return new SceneView(
        scene.width(),
        scene.height(),
        backdrop(scene),
        scene.topics().stream().map(SceneView::placed).toList(),
        across(scene),
        scene.zones());
  }

  static List<AcrossView> across(Scene scene) {
    return scene.links().stream().map(SceneView::across).toList();
  }

  /** Whether two are sent the same but for where they stand. */
  static boolean sameShape(Placed topic, Placed other) {
    Placed here = topic.at(0, 0);
    Placed there = other.at(0, 0);
    return here.equals(there) || placed(here).equals(placed(there));
  }

  static PlacedView placed(Placed topic) {
    Placed.Near near = topic.near();
    return new PlacedView(
        topic.id(),
        topic.level(),
        topic.branch(),
        round(topic.x()),
        round(topic.y()),
        round(topic.width()),
        round(topic.height()),
        rounded(topic.reach()),
        drawn(topic.items()),
        topic.toggle() == null ? null : rounded(topic.toggle()),
        topic.closed(),
        topic.flow(),
        new NearView(near.left(), near.right(), near.up(), near.down()),
        topic.again());
  }

  private static Drawn drawn(List<Item> items) {
    List<Words> texts = new ArrayList<>();
    List<Bar> bars = new ArrayList<>();
    List<Stroke> lines = new ArrayList<>();
    List<Area> areas = new ArrayList<>();
    List<ImageView> images = new ArrayList<>();
    for (Item item : items) {
      if (item instanceof Item.Words w) {
        texts.add(words(w));
      } else if (item instanceof Item.Bar bar) {
        Box box = rounded(bar.box());
        bars.add(new Bar(box.x(), box.y(), box.width(), box.height(), bar.fill()));
      } else if (item instanceof Item.Area area) {
        areas.add(new Area(area.path().svg() + "z", area.fill()));
      } else if (item instanceof Item.Image shown) {
        Box box = rounded(shown.box());
        images.add(
            new ImageView(
                shown.id(),
                shown.image(),
                shown.alt(),
                box.x(),
                box.y(),
                box.width(),
                box.height()));
      } else if (item instanceof Item.Line line) {
        lines.add(new Stroke(line.path().svg(), line.stroke(), line.width(), dash(line.dash())));
      }
    }
    return new Drawn(texts, bars, areas, lines, images);
  }

  private static AcrossView across(Scene.Across link) {
    return new AcrossView(
        link.id(),
        link.from(),
        link.to(),
        drawn(link.items()),
        link.tie(),
        link.said(),
        link.ink(),
        dash(link.dash()),
        link.atFrom(),
        link.atTo());
  }

  private static String dash(List<Double> lengths) {
    return String.join(" ", lengths.stream().map(String::valueOf).toList());
  }

  private static Box rounded(Box box) {
    return new Box(round(box.x()), round(box.y()), round(box.width()), round(box.height()));
  }

  /** To a tenth of a pixel, as everything is sent. */
  static double round(double pixels) {
    return Math.round(pixels * 10) / 10.0;
  }
}
