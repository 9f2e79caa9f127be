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
  private static final double ARROW = 4;

  /** More links than this are all drawn as ties, so that finding free ways costs little. */
  private static final int MOST_LINES = 60;

  /** The reference marks in their traditional order; after the last they are doubled. */
  private static final String[] MARKS = {"*", "\u2020", "\u2021", "\u00a7", "\u2016", "\u00b6"};

  private final Sheet sheet;
  private final List<Placed> placed;
  private final Map<UUID, Placed> byId = new HashMap<>();
  private final Map<UUID, Double> marked = new HashMap<>();
  private int ties;

  private Crossings(Sheet sheet, List<Placed> placed) {
    this.sheet = sheet;
    this.placed = placed;
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
        Scene.Across line = drawn.size() < MOST_LINES ? line(link, from, to) : null;
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
    double width = link.phrase().isEmpty() ? 0 : sheet.width(link.phrase(), PHRASE) + 10;
    double x = Math.min(least + 20, most);
    double middle = (top + bottom) / 2;
    Box way = new Box(x - 3, top + 1, 6, bottom - top - 2);
    Box words = new Box(x + 6, middle - 8, width, 16);
    boolean room = bottom - top >= 18 || width == 0;
    if (!room || covered(way) || width > 0 && covered(words)) {
      return null;
    }
    boolean down = upper == from;
    String ink = sheet.palette().rubric();
    List<Item> items = new ArrayList<>();
    Path path = new Path.Pen().move(x, top + 1).line(x, bottom - 1).path();
    items.add(new Line(path, ink, STROKE, DASH));
    items.add(new Line(arrow(x, down ? bottom - 1 : top + 1, down), ink, STROKE, List.of()));
    if (width > 0) {
      items.add(new Words(Role.PHRASE, link.phrase(), x + 8, middle + 4, PHRASE, ink));
    }
    return new Scene.Across(link.id(), link.from(), link.to(), items, false);
  }

  private static Path arrow(double x, double tip, boolean down) {
    double back = down ? tip - ARROW : tip + ARROW;
    return new Path.Pen().move(x - ARROW, back).line(x, tip).line(x + ARROW, back).path();
  }

  private boolean covered(Box box) {
    return placed.stream().anyMatch(topic -> topic.box().overlaps(box));
  }

  /** The same mark at both ends, each above the end of the topic's words. */
  private Scene.Across tie(CrossLink link, Placed from, Placed to) {
    String mark = MARKS[ties % MARKS.length].repeat(1 + ties / MARKS.length % 3);
    ties++;
    List<Item> items = List.of(mark(mark, from), mark(mark, to));
    return new Scene.Across(link.id(), link.from(), link.to(), items, true);
  }

  private Item mark(String mark, Placed topic) {
    double before = marked.getOrDefault(topic.id(), 0.0);
    double x = topic.x() + topic.width() + 1 + before;
    marked.put(topic.id(), before + sheet.width(mark, TIE) + 3);
    return new Words(Role.TIE, mark, x, topic.y() + 12, TIE, sheet.palette().rubric());
  }
}
