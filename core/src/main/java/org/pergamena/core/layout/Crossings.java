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

  /** How far something must lie from a topic to be beside it. */
  private static final double BESIDE = 8;

  /** More links than this are all drawn as ties, so that finding free ways costs little. */
  private static final int MOST_LINES = 60;

  /**
   * The reference marks in their traditional order; after the last they are doubled, then trebled.
   */
  private static final String[] MARKS = {"*", "\u2020", "\u2021", "\u00a7", "\u2016", "\u00b6"};

  private static final int MOST_TIMES = 3;

  private final Sheet sheet;
  private final List<Placed> placed;
  private final Map<UUID, Placed> byId = new HashMap<>();
  private final Map<UUID, List<Item>> marks = new HashMap<>();
  private final TextStyle phrase;
  private final boolean lines;
  private final boolean marked;
  private Box bent;

  private Crossings(Sheet sheet, List<Placed> placed) {
    this.sheet = sheet;
    this.placed = placed;
    this.phrase = sheet.palette().set(PHRASE);
    MapLook.Crossing crossing = sheet.map().look().crossing();
    this.lines = crossing == MapLook.Crossing.LINES;
    this.marked = crossing != MapLook.Crossing.CHOSEN;
    placed.forEach(topic -> byId.put(topic.id(), topic));
  }

  /**
   * The links of a scene, and its topics with the marks of those that are ties.
   *
   * @param bent around all that was bent by hand, null without such links
   */
  record Drawn(List<Placed> topics, List<Scene.Across> links, Box bent) {}

  static Drawn drawn(Sheet sheet, List<Placed> placed) {
    Crossings crossings = new Crossings(sheet, placed);
    List<Scene.Across> links = crossings.drawn();
    return new Drawn(placed.stream().map(crossings::marked).toList(), links, crossings.bent);
  }

  private Placed marked(Placed topic) {
    return marks.containsKey(topic.id()) ? topic.with(marks.get(topic.id())) : topic;
  }

  private List<Scene.Across> drawn() {
    List<Scene.Across> drawn = new ArrayList<>();
    int number = -1;
    for (CrossLink link : sheet.map().links()) {
      number++;
      Placed from = shown(link.from());
      Placed to = shown(link.to());
      if (from == null || to == null) {
        continue; // an end lies outside the branch that is shown
      }
      if (!from.id().equals(to.id()) && marked && link.bend() != null) {
        drawn.add(bent(link, from, to));
      } else if (!from.id().equals(to.id())) {
        boolean lined = lines && drawn.size() < MOST_LINES;
        Scene.Across line = lined ? line(link, from, to) : null;
        drawn.add(line == null ? tie(link, number, from, to) : line);
      }
    }
    return drawn;
  }

  /** A topic, or the closed one under which it is hidden; null outside of what is shown. */
  private Placed shown(UUID id) {
    TopicMap map = sheet.map();
    UUID at = id;
    while (at != null && !byId.containsKey(at)) {
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
    double width = said(link).isEmpty() ? 0 : sheet.width(said(link), phrase) + 10;
    double x = Math.min(least + 20, most);
    double middle = (top + bottom) / 2;
    Box way = new Box(x - 3, top + 1, 6, bottom - top - 2);
    Box words = new Box(x + 6, middle - 8, width, 16);
    boolean room = bottom - top >= 18 || width == 0;
    if (!room || covered(way) || width > 0 && covered(words)) {
      return null;
    }
    List<Item> items = new ArrayList<>();
    boolean down = upper == from;
    double start = down ? top + 1 : bottom - 1;
    double end = down ? bottom - 1 : top + 1;
    Path path = new Path.Pen().move(x, start).line(x, end).path();
    items.add(new Line(path, ink(link), strength(), dash(link)));
    Direction direction = link.manner().direction();
    if (direction != Direction.NONE) {
      items.add(arrow(link, x, end, 0, down ? 1 : -1));
    }
    if (direction == Direction.BOTH) {
      items.add(arrow(link, x, start, 0, down ? -1 : 1));
    }
    if (width > 0) {
      items.add(new Words(Role.PHRASE, said(link), x + 8, middle + 4, phrase, ink(link)));
    }
    return across(link, items, false);
  }

  /** The words on a link; what is supposed ends in a question mark. */
  private static String said(CrossLink link) {
    return link.phrase() + (link.manner().supposed() ? "?" : "");
  }

  private static List<Double> dash(CrossLink link) {
    return dash(link.manner().supposed());
  }

  /** The strokes and gaps of a link's line. */
  static List<Double> dash(boolean supposed) {
    return supposed ? DOTS : DASH;
  }

  private double strength() {
    return STROKE * sheet.palette().weight();
  }

  /** The rubric, or if a person wishes the colour of the branch that it comes from. */
  private String ink(CrossLink link) {
    return sheet.map().look().tinted()
        ? sheet.palette().pigment(shown(link.from()).branch())
        : sheet.palette().rubric();
  }

  /** An arrow head at a place, which points along a direction of length 1. */
  private Item arrow(CrossLink link, double x, double y, double dx, double dy) {
    double backX = x - ARROW * dx;
    double backY = y - ARROW * dy;
    Path path =
        new Path.Pen()
            .move(backX - ARROW * dy, backY + ARROW * dx)
            .line(x, y)
            .line(backX + ARROW * dy, backY - ARROW * dx)
            .path();
    return new Line(path, ink(link), strength(), List.of());
  }

  /** A line that a person has bent, whatever it crosses. */
  private Scene.Across bent(CrossLink link, Placed from, Placed to) {
    Box one = from.box();
    Box other = to.box();
    double x = (one.middleX() + other.middleX()) / 2 + link.bend().x();
    double y = (one.middleY() + other.middleY()) / 2 + link.bend().y();
    double[] start = edge(one, x, y);
    double[] end = edge(other, x, y);
    double turnX = 2 * x - (start[0] + end[0]) / 2;
    double turnY = 2 * y - (start[1] + end[1]) / 2;
    List<Item> items = new ArrayList<>();
    Path path = new Path.Pen().move(start[0], start[1]).curve(turnX, turnY, end[0], end[1]).path();
    items.add(new Line(path, ink(link), strength(), dash(link)));
    Box around =
        new Box(start[0], start[1], 0, 0)
            .with(new Box(end[0], end[1], 0, 0))
            .with(new Box(x - BESIDE, y - BESIDE, 2 * BESIDE, 2 * BESIDE));
    Direction direction = link.manner().direction();
    if (direction != Direction.NONE) {
      items.add(arrow(link, end, turnX, turnY));
    }
    if (direction == Direction.BOTH) {
      items.add(arrow(link, start, turnX, turnY));
    }
    if (!said(link).isEmpty()) {
      items.add(new Words(Role.PHRASE, said(link), x + 6, y - 4, phrase, ink(link)));
      around = around.with(new Box(x + 6, y - 18, sheet.width(said(link), phrase), 18));
    }
    bent = bent == null ? around : bent.with(around);
    return across(link, items, false);
  }

  private Item arrow(CrossLink link, double[] tip, double fromX, double fromY) {
    double length = Math.max(1e-6, Math.hypot(tip[0] - fromX, tip[1] - fromY));
    return arrow(link, tip[0], tip[1], (tip[0] - fromX) / length, (tip[1] - fromY) / length);
  }

  /** Where a line leaves a topic for a place: at the end of its words if it lies beyond them. */
  private static double[] edge(Box box, double x, double y) {
    if (x > box.right() + BESIDE || x < box.x() - BESIDE) {
      return new double[] {x > box.x() ? box.right() + 2 : box.x() - 2, box.middleY()};
    }
    double within = Math.max(box.x() + BESIDE, Math.min(box.right() - BESIDE, x));
    return new double[] {within, y < box.middleY() ? box.y() - 1 : box.bottom() + 1};
  }

  private boolean covered(Box box) {
    return placed.stream().anyMatch(topic -> topic.box().overlaps(box));
  }

  private Scene.Across across(CrossLink link, List<Item> items, boolean tie) {
    Direction direction = link.manner().direction();
    return new Scene.Across(
        link.id(),
        link.from(),
        link.to(),
        items,
        tie,
        said(link),
        ink(link),
        dash(link),
        direction == Direction.BOTH,
        direction != Direction.NONE);
  }

  /** The same mark at both ends, each above the end of the topic's words. */
  private Scene.Across tie(CrossLink link, int number, Placed from, Placed to) {
    if (marked) {
      String mark = mark(number);
      mark(mark, from, ink(link));
      mark(mark, to, ink(link));
    }
    return across(link, List.of(), true);
  }

  /**
   * The mark of a link by its place among all of the map: its own, and the same whatever is drawn
   * of the others. Where no mark is left its number is it.
   */
  private static String mark(int number) {
    int times = 1 + number / MARKS.length;
    return times <= MOST_TIMES
        ? MARKS[number % MARKS.length].repeat(times)
        : String.valueOf(number + 1);
  }

  private void mark(String mark, Placed topic, String ink) {
    List<Item> before = marks.computeIfAbsent(topic.id(), id -> new ArrayList<>());
    double x = topic.width() + 1;
    for (Item item : before) {
      x += sheet.width(((Words) item).text(), TIE) + 3;
    }
    before.add(new Words(Role.TIE, mark, x, 12, TIE, ink));
  }
}
