package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.layout.Item.Role;
import org.pergamena.core.layout.Item.Words;
import org.pergamena.core.layout.TextStyle.Face;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Manner.Direction;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.TopicMap;

/**
 * Draws cross-links between topics that stand: as a dashed line with its linking phrase where the
 * line meets no words, else as a pair of reference marks at the two ends.
 */
final class Crossings {
  private static final TextStyle PHRASE = new TextStyle(Face.READING_ITALIC, 13);
  private static final TextStyle TIE = new TextStyle(Face.READING_MEDIUM, 15);
  private static final double STROKE = 1.2;
  private static final List<Double> DASH = List.of(5.0, 4.0);
  private static final List<Double> DOTS = List.of(1.5, 4.0);
  private static final double ARROW = 4;

  /** More links than this are all drawn as ties, so that finding free ways costs little. */
  private static final int MOST_LINES = 60;

  /** The reference marks in their traditional order; after the last they are doubled. */
  private static final String[] MARKS = {"*", "\u2020", "\u2021", "\u00a7", "\u2016", "\u00b6"};

  private final Sheet sheet;
  private final List<Placed> placed;
  private final Map<UUID, Placed> byId = new HashMap<>();
  private final Map<UUID, Double> marks = new HashMap<>();
  private final boolean lines;
  private final boolean marked;
  private int ties;

  private Crossings(Sheet sheet, List<Placed> placed) {
    this.sheet = sheet;
    this.placed = placed;
    MapLook.Crossing crossing = sheet.map().look().crossing();
    this.lines = crossing == MapLook.Crossing.LINES;
    this.marked = crossing != MapLook.Crossing.CHOSEN;
    placed.forEach(topic -> byId.put(topic.id(), topic));
  }

  static List<Scene.Across> drawn(Sheet sheet, List<Placed> placed) {
    return new Crossings(sheet, placed).drawn();
  }

  private List<Scene.Across> drawn() {
    List<Scene.Across> drawn = new ArrayList<>();
    for (CrossLink link : sheet.map().links()) {
      Placed from = shown(link.from());
      Placed to = shown(link.to());
      if (!from.id().equals(to.id())) {
        boolean lined = lines && drawn.size() < MOST_LINES;
        Scene.Across line = lined ? line(link, from, to) : null;
        drawn.add(line == null ? tie(link, from, to) : line);
      }
    }
    return drawn;
  }

  /** A topic, or the closed one under which it is hidden. */
  private Placed shown(UUID id) {
    TopicMap map = sheet.map();
    UUID at = id;
    while (!byId.containsKey(at)) {
      at = map.topic(at).parent();
    }
    return byId.get(at);
  }

  /**
   * A line from one topic straight down or up to the other, beside their words; null if none is
   * free.
   */
  private Scene.Across line(CrossLink link, Placed from, Placed to) {
    Placed upper = from.y() <= to.y() ? from : to;
    Placed lower = upper == from ? to : from;
    double top = upper.y() + upper.height();
    double bottom = lower.y();
    double least = Math.max(upper.x(), lower.x()) + 16;
    double most = Math.min(upper.x() + upper.width(), lower.x() + lower.width()) - 8;
    if (bottom - top < 8 || most < least) {
      return null;
    }
    double width = said(link).isEmpty() ? 0 : sheet.width(said(link), PHRASE) + 10;
    double x = Math.min(least + 20, most);
    double middle = (top + bottom) / 2;
    Box way = new Box(x - 3, top + 1, 6, bottom - top - 2);
    Box words = new Box(x + 6, middle - 8, width, 16);
    boolean room = bottom - top >= 18 || width == 0;
    if (!room || covered(way) || width > 0 && covered(words)) {
      return null;
    }
    List<Item> items = new ArrayList<>();
    Path path = new Path.Pen().move(x, top + 1).line(x, bottom - 1).path();
    items.add(new Line(path, ink(), STROKE, dash(link)));
    boolean down = upper == from;
    Direction direction = link.manner().direction();
    if (direction != Direction.NONE) {
      items.add(arrow(x, down ? bottom - 1 : top + 1, down));
    }
    if (direction == Direction.BOTH) {
      items.add(arrow(x, down ? top + 1 : bottom - 1, !down));
    }
    if (width > 0) {
      items.add(new Words(Role.PHRASE, said(link), x + 8, middle + 4, PHRASE, ink()));
    }
    return new Scene.Across(link.id(), link.from(), link.to(), items, List.of(), false);
  }

  /** The words on a link; what is supposed ends in a question mark. */
  private static String said(CrossLink link) {
    return link.phrase() + (link.manner().supposed() ? "?" : "");
  }

  private static List<Double> dash(CrossLink link) {
    return link.manner().supposed() ? DOTS : DASH;
  }

  private String ink() {
    return sheet.palette().rubric();
  }

  private Item arrow(double x, double tip, boolean down) {
    double back = down ? tip - ARROW : tip + ARROW;
    Path path = new Path.Pen().move(x - ARROW, back).line(x, tip).line(x + ARROW, back).path();
    return new Line(path, ink(), STROKE, List.of());
  }

  /**
   * A bow from the end of one topic's words to the end of the other's, for while one of them is
   * chosen: it may cover what else stands there.
   */
  private List<Item> bow(CrossLink link, Placed from, Placed to) {
    double x1 = from.x() + from.width() + 2;
    double y1 = from.y() + from.height() / 2;
    double x2 = to.x() + to.width() + 2;
    double y2 = to.y() + to.height() / 2;
    double out = Math.max(x1, x2) + 24 + Math.min(90, Math.abs(y2 - y1) / 5);
    List<Item> items = new ArrayList<>();
    Path path = new Path.Pen().move(x1, y1).curve(out, (y1 + y2) / 2, x2, y2).path();
    items.add(new Line(path, ink(), STROKE, dash(link)));
    Direction direction = link.manner().direction();
    if (direction != Direction.NONE) {
      items.add(point(x2, y2));
    }
    if (direction == Direction.BOTH) {
      items.add(point(x1, y1));
    }
    String said = said(link);
    if (!said.isEmpty()) {
      double x = (x1 + x2) / 4 + out / 2 + 4;
      items.add(new Words(Role.PHRASE, said, x, (y1 + y2) / 2 + 4, PHRASE, ink()));
    }
    return items;
  }

  private Item point(double x, double y) {
    Path path =
        new Path.Pen().move(x + ARROW, y - ARROW).line(x, y).line(x + ARROW, y + ARROW).path();
    return new Line(path, ink(), STROKE, List.of());
  }

  private boolean covered(Box box) {
    return placed.stream().anyMatch(topic -> topic.box().overlaps(box));
  }

  /** The same mark at both ends, each above the end of the topic's words. */
  private Scene.Across tie(CrossLink link, Placed from, Placed to) {
    String mark = MARKS[ties % MARKS.length].repeat(1 + ties / MARKS.length % 3);
    ties++;
    List<Item> items = marked ? List.of(mark(mark, from), mark(mark, to)) : List.of();
    return new Scene.Across(link.id(), link.from(), link.to(), items, bow(link, from, to), true);
  }

  private Item mark(String mark, Placed topic) {
    double before = marks.getOrDefault(topic.id(), 0.0);
    double x = topic.x() + topic.width() + 1 + before;
    marks.put(topic.id(), before + sheet.width(mark, TIE) + 3);
    return new Words(Role.TIE, mark, x, topic.y() + 12, TIE, sheet.palette().rubric());
  }
}
