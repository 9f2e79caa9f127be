package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.UUID;
import org.pergamena.core.layout.Item.Role;
import org.pergamena.core.layout.Item.Words;
import org.pergamena.core.layout.TextStyle.Face;
import org.pergamena.core.look.Years;
import org.pergamena.core.map.Topic;

/**
 * Lays a branch out along a line of time: its first topic where the line begins, those below it in
 * the order of the years that they tell, above the line and below it by turns, each with what is
 * below it as a list. What tells no year comes after the others.
 */
final class TimeRegion {
  private static final double STEM = 30;
  private static final double BEGIN = 34;
  private static final double RAIL = 14;
  private static final double STEP = 56;
  private static final double APART = 22;
  private static final double LONGER = 24;
  private static final double MOST_LONGER = 120;
  private static final double UNTOLD = 40;
  private static final TextStyle YEAR = new TextStyle(Face.CONTROL_BOLD, 13);
  private static final TextStyle NONE = new TextStyle(Face.READING_ITALIC, 13);

  private final Regions regions;
  private final Sheet sheet;
  private final Topic root;
  private final Map<UUID, Integer> years = new HashMap<>();

  /** Where an event meets the line, and where it is placed. */
  private record Event(Cell cell, double tick, boolean above) {}

  TimeRegion(Regions regions, Topic root) {
    this.regions = regions;
    this.sheet = regions.sheet();
    this.root = root;
  }

  /** The children in the order of time; those of which no year is told come last. */
  private List<Topic> inOrder() {
    List<Topic> sorted = new ArrayList<>(sheet.children(root));
    sorted.forEach(this::read);
    sorted.sort(
        Comparator.comparingInt(
            (Topic child) -> years.getOrDefault(child.id(), Integer.MAX_VALUE)));
    return sorted;
  }

  /** The year that a topic tells, or else the earliest that its branch does. */
  private void read(Topic topic) {
    OptionalInt year = Years.of(topic);
    if (year.isEmpty()) {
      year =
          sheet.map().preorder(topic).stream()
              .map(Years::of)
              .filter(OptionalInt::isPresent)
              .mapToInt(OptionalInt::getAsInt)
              .min();
    }
    year.ifPresent(told -> years.put(topic.id(), told));
  }

  Group lay() {
    List<Topic> children = inOrder();
    TopicBlock block = sheet.block(root);
    if (children.isEmpty()) {
      Placed alone = regions.leaf(root, 0, 0, Flow.RIGHT);
      double closed = sheet.closed(root) ? Connectors.TOGGLE : 0;
      return new Group(block.width() + closed, block.height(), block.axis(), List.of(alone));
    }
    List<Event> events = events(children, block.width());
    double above = block.axis();
    double below = block.height() - block.axis();
    double width = block.width();
    for (Event event : events) {
      double high = event.cell.height() + STEM;
      above = event.above ? Math.max(above, high) : above;
      below = event.above ? below : Math.max(below, high);
      width = Math.max(width, event.tick - RAIL + event.cell.width());
    }
    List<Placed> placed = new ArrayList<>();
    placed.add(null);
    for (Event event : events) {
      double y = event.above ? above - STEM - event.cell.height() : above + STEM;
      Regions.putAlone(event.cell, event.tick - RAIL, y, placed);
    }
    placed.set(0, line(events, above, block));
    return new Group(width, above + below, above, placed);
  }

  private List<Event> events(List<Topic> children, double from) {
    List<Event> events = new ArrayList<>();
    double[] free = {from + BEGIN, from + BEGIN};
    double tick = from + BEGIN - STEP + RAIL;
    Integer last = null;
    for (Topic child : children) {
      boolean over = events.size() % 2 == 0;
      Integer year = years.get(child.id());
      double longer = last == null ? 0 : year == null ? UNTOLD : longer(year - last);
      Cell cell = hung(child, over);
      tick = Math.max(tick + STEP + longer, free[over ? 0 : 1] + RAIL);
      events.add(new Event(cell, tick, over));
      free[over ? 0 : 1] = tick - RAIL + cell.width() + APART;
      last = year;
    }
    return events;
  }

  /** The room for a span of years: it grows with it, ever less. */
  private static double longer(int span) {
    return Math.min(MOST_LONGER, LONGER * Math.log1p(Math.max(0, span)));
  }

  private Cell hung(Topic topic, boolean over) {
    Group group =
        sheet.foreign(topic)
            ? regions.lay(topic, over ? Flow.UP : Flow.DOWN)
            : new ListRegion(regions, topic, over).lay();
    return Cell.of(topic, group);
  }

  /** The first topic with the line, its marks, and what they tell. */
  private Placed line(List<Event> events, double axis, TopicBlock block) {
    double left = 0;
    double top = axis - block.axis();
    double end = events.get(events.size() - 1).tick + BEGIN;
    Path.Pen pen = new Path.Pen().move(block.width(), axis).line(end, axis);
    Connectors.head(pen, end, axis, 1, 0);
    List<Item> told = new ArrayList<>();
    boolean untold = false;
    for (Event event : events) {
      Placed begun = event.cell.group().first();
      double y = event.above ? axis - STEM - event.cell.height() : axis + STEM;
      double meets = event.above ? y + begun.y() + begun.height() : y + begun.y();
      double mark = event.above ? axis + 4 : axis - 4;
      pen.move(event.tick, mark).line(event.tick, meets);
      if (regions.arrows(root)) {
        Connectors.head(pen, event.tick, meets, 0, event.above ? -1 : 1);
      }
      boolean tells = years.containsKey(event.cell.topic().id());
      if (tells || !untold) {
        told.add(told(event, axis, top));
      }
      untold = !tells;
    }
    double half = Connectors.TOGGLE / 2;
    Box toggle = new Box(block.width(), block.axis() - half, Connectors.TOGGLE, Connectors.TOGGLE);
    Item.Line line = regions.line(root, pen.path(), left, top);
    return regions.placed(root, left, top, Flow.RIGHT, List.of(line), toggle).with(told);
  }

  private Item told(Event event, double axis, double top) {
    Integer year = years.get(event.cell.topic().id());
    double y = (event.above ? axis - 9 : axis + 19) - top;
    Palette palette = sheet.palette();
    return year == null
        ? new Words(Role.COUNT, "no year", event.tick + 6, y, palette.set(NONE), palette.softInk())
        : new Words(
            Role.COUNT,
            String.valueOf(year),
            event.tick + 6,
            y,
            YEAR,
            palette.pigment(sheet.branch(event.cell.topic())));
  }
}
