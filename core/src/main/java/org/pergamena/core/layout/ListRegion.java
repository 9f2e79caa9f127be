package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.Topic;

/**
 * Lays a branch out as a list, one topic below the other, each level further in. Where the map
 * grows upward its first topic stands at the foot, as that is where it is met; the list is still
 * read from the top.
 */
final class ListRegion {
  private static final double INDENT = 34;
  private static final double RAIL = 14;
  private static final double GAP = 3;
  private static final double AROUND_MAINS = 8;
  private static final double TOUCH = 3;
  private static final double ROUND = 7;

  private final Regions regions;
  private final Sheet sheet;
  private final Topic root;
  private final boolean up;
  private final List<Placed> placed = new ArrayList<>();
  private double next;
  private double width;

  ListRegion(Regions regions, Topic root, boolean up) {
    this.up = up;
    this.regions = regions;
    this.sheet = regions.sheet();
    this.root = root;
  }

  Group lay() {
    double axis = place(root, 0);
    return new Group(width, next, axis, placed);
  }

  /** Places a branch from the height that has been reached; gives its axis. */
  private double place(Topic topic, double x) {
    List<Topic> children = topic == root ? sheet.children(root) : regions.children(topic);
    Cell cell = topic == root ? Cell.of(root, sheet.block(root)) : regions.cell(topic, Flow.LIST);
    double closed = sheet.closed(topic) ? Connectors.TOGGLE : 0;
    width = Math.max(width, x + cell.width() + closed);
    if (children.isEmpty()) {
      double y = next;
      next += cell.height();
      regions.put(cell, x, y, Flow.LIST, placed);
      return y + cell.axis();
    }
    return up && topic == root ? foot(cell, children) : head(cell, x, children);
  }

  /** A topic with its list below it. */
  private double head(Cell cell, double x, List<Topic> children) {
    double y = next;
    next += cell.height();
    int at = placed.size();
    placed.add(null);
    Path.Pen pen = new Path.Pen();
    double last = 0;
    for (Topic child : children) {
      next += gap(child);
      last = hang(cell.topic(), child, x, pen);
    }
    pen.move(x + RAIL, y + cell.height()).line(x + RAIL, last);
    set(at, cell, x, y, pen, cell.height() - 2);
    return y + cell.axis();
  }

  /** A topic with its list above it. */
  private double foot(Cell cell, List<Topic> children) {
    int at = placed.size();
    placed.add(null);
    Path.Pen pen = new Path.Pen();
    double first = -1;
    for (Topic child : children) {
      double end = hang(cell.topic(), child, 0, pen);
      first = first < 0 ? end : first;
      next += gap(child);
    }
    double y = next;
    next += cell.height();
    pen.move(RAIL, y).line(RAIL, first);
    set(at, cell, 0, y, pen, 2 - Connectors.TOGGLE);
    return y + cell.axis();
  }

  private void set(int at, Cell cell, double x, double y, Path.Pen pen, double toggleY) {
    Line line = regions.line(cell.topic(), pen.path(), x, y);
    double half = Connectors.TOGGLE / 2;
    Box toggle = new Box(RAIL - half, toggleY, Connectors.TOGGLE, Connectors.TOGGLE);
    placed.set(at, regions.placed(cell.topic(), x, y, Flow.LIST, List.of(line), toggle));
  }

  /** Places a child with the line to it from the rail; gives where that leaves the rail. */
  private double hang(Topic parent, Topic child, double x, Path.Pen pen) {
    boolean bent = regions.form(parent, LineForm.ELBOW) == LineForm.CURVE;
    double end = place(child, x + INDENT);
    double rail = x + RAIL;
    double turn = bent ? ROUND : 0;
    double from = up && parent == root ? end + turn : end - turn;
    pen.move(rail, from);
    if (bent) {
      pen.curve(rail, end, rail + turn, end);
    }
    pen.line(x + INDENT - TOUCH, end);
    if (regions.arrows(parent)) {
      Connectors.head(pen, x + INDENT - 1, end, 1, 0);
    }
    return from;
  }

  private double gap(Topic topic) {
    double usual = sheet.level(topic) == 1 ? AROUND_MAINS : GAP;
    return usual * regions.room(topic);
  }
}
