package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.UUID;
import org.pergamena.core.layout.Placed.Near;
import org.pergamena.core.layout.TextStyle.Face;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Tag;

/** A drawing with its title and legend below it, as a plate in a book has them. */
public final class Plate {
  /** The identity under which title and legend are drawn. */
  public static final UUID BELOW = new UUID(0, 0);

  private static final TextStyle TITLE = new TextStyle(Face.READING_SEMIBOLD, 22);
  private static final TextStyle LINE = new TextStyle(Face.CONTROL, 15);
  private static final TextStyle WORD = new TextStyle(Face.CONTROL_BOLD, 15);
  private static final double MARGIN = 40;
  private static final double GAP = 26;
  private static final double ROW = 24;
  private static final double BAR = 3;
  private static final double STROKE = 34;
  private static final double PATCH = 24;
  private static final double LARGER = 1.4;

  private final Typesetter type;
  private final double width;
  private final List<Item> items = new ArrayList<>();
  private double left;
  private double top;

  private Plate(Typesetter type, double width) {
    this.type = type;
    this.width = width;
  }

  /** A mark that stands on a drawing. */
  public record Mark(String word, String meaning) {}

  /**
   * What a legend tells.
   *
   * @param sources their names, in the order that gives them their inks
   * @param marks the marks that stand on the drawing, each with what it means
   * @param tags those that topics have
   * @param looks those that topics have by rule
   * @param links the kinds of cross-links that are drawn: whether they are supposed
   */
  public record Key(
      List<String> sources,
      List<Mark> marks,
      List<Tag> tags,
      List<Sample> looks,
      SortedSet<Boolean> links) {}

  /** A look by rule, and what it means. */
  public record Sample(Style style, String meaning) {}

  /** A scene with more below it. */
  public static Scene of(Scene scene, String title, Key key, Typesetter type) {
    double width =
        Math.max(scene.width(), 2 * MARGIN + type.width(title, type.palette().set(TITLE)));
    Plate plate = new Plate(type, width);
    plate.write(title, key);
    double height = plate.top + MARGIN;
    List<Placed> all = new ArrayList<>(scene.topics());
    all.add(
        new Placed(
            BELOW,
            0,
            0,
            0,
            scene.height(),
            width,
            height,
            plate.items,
            null,
            false,
            Flow.RIGHT,
            Near.NONE,
            null));
    return new Scene(
        width, scene.height() + height, scene.backdrop(), all, scene.links(), List.of());
  }

  private void write(String title, Key key) {
    top = ROW;
    words(Item.Role.LABEL, title, MARGIN, type.palette().set(TITLE), type.palette().ink());
    left = MARGIN;
    top += ROW + 6;
    for (int i = 0; i < key.sources().size(); i++) {
      String ink = type.palette().source(i);
      String name = key.sources().get(i);
      begin(BAR + 6 + type.width(name, LINE));
      items.add(new Item.Bar(new Box(left, top - 12, BAR, 14), ink));
      words(Item.Role.TEXT, name, left + BAR + 6, LINE, type.palette().ink());
      left += BAR + 6 + type.width(name, LINE) + GAP;
    }
    for (Mark mark : key.marks()) {
      pair(Item.Role.WARNING, mark.word(), mark.meaning(), type.palette().rubric());
    }
    for (Tag tag : key.tags()) {
      pair(Item.Role.TAG, tag.word(), tag.meaning(), type.palette().ink());
    }
    key.looks().forEach(this::look);
    key.links().forEach(this::link);
  }

  private void look(Sample look) {
    Style style = look.style();
    double factor = style.size() == null ? 1 : style.size().factor();
    TextStyle letter = new TextStyle(Face.READING_SEMIBOLD, 12 * Math.min(LARGER, factor));
    double whole = PATCH + 6 + type.width(look.meaning(), LINE);
    begin(whole);
    if (style.ground() != null) {
      Box patch = new Box(left, top - 13, PATCH, 17);
      items.add(new Item.Bar(patch, type.palette().colour(style.ground())));
    }
    if (style.ink() != null || style.size() != null) {
      double x = left + (PATCH - type.width("a", letter)) / 2;
      String fill = type.palette().labelled(style, 0);
      items.add(new Item.Words(Item.Role.TEXT, "a", x, top - 1, letter, fill));
    }
    words(Item.Role.TEXT, look.meaning(), left + PATCH + 6, LINE, type.palette().softInk());
    left += whole + GAP;
  }

  private void link(boolean supposed) {
    String words = supposed ? "a supposed link" : "a link across the map";
    double whole = STROKE + 6 + type.width(words, LINE);
    begin(whole);
    Path path = new Path.Pen().move(left, top - 5).line(left + STROKE, top - 5).path();
    items.add(new Item.Line(path, type.palette().rubric(), 1.3, Crossings.dash(supposed)));
    words(Item.Role.TEXT, words, left + STROKE + 6, LINE, type.palette().softInk());
    left += whole + GAP;
  }

  private void pair(Item.Role role, String word, String meaning, String fill) {
    double first = type.width(word, WORD);
    double whole = first + 6 + type.width(meaning, LINE);
    begin(whole);
    words(role, word, left, WORD, fill);
    words(Item.Role.TEXT, meaning, left + first + 6, LINE, type.palette().softInk());
    left += whole + GAP;
  }

  /** What does not fit in the row begins another. */
  private void begin(double wide) {
    if (left > MARGIN && left + wide > width - MARGIN) {
      left = MARGIN;
      top += ROW;
    }
  }

  private void words(Item.Role role, String text, double x, TextStyle style, String fill) {
    items.add(new Item.Words(role, text, x, top, style, fill));
  }
}
