package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.Topic;

/** Lays a branch out as a list, one topic below the other, each level further in. */
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
  private final List<Placed> placed = new ArrayList<>();
  private double next;
  private double width;

  ListRegion(Regions regions, Topic root) {
    this.regions = regions;
    this.sheet = regions.sheet();
    this.root = root;
  }

  Group lay() {
    place(root, 0);
    return new Group(width, next, sheet.block(root).axis(), placed);
  }

  /** Places a branch from the height that has been reached; gives its axis. */
  private double place(Topic topic, double x) {
    List<Topic> children = topic == root ? sheet.children(root) : regions.children(topic);
    Cell cell = topic == root ? Cell.of(root, sheet.block(root)) : regions.cell(topic, Flow.LIST);
    double y = next;
    double axis = y + cell.axis();
    double closed = sheet.closed(topic) ? Connectors.TOGGLE : 0;
    width = Math.max(width, x + cell.width() + closed);
    next += cell.height();
    if (children.isEmpty()) {
      regions.put(cell, x, y, Flow.LIST, placed);
      return axis;
    }
    int at = placed.size();
    placed.add(null);
    boolean bent = regions.form(topic, LineForm.ELBOW) == LineForm.CURVE;
    Path.Pen pen = new Path.Pen();
    double rail = x + RAIL;
    double bottom = y + cell.height();
    double last = bottom;
    for (Topic child : children) {
      next += gap(child);
      double end = place(child, x + INDENT);
      double turn = bent ? ROUND : 0;
      pen.move(rail, end - turn);
      if (bent) {
        pen.curve(rail, end, rail + turn, end);
      }
      pen.line(x + INDENT - TOUCH, end);
      last = end - turn;
    }
    pen.move(rail, bottom).line(rail, last);
    Line line = regions.line(topic, pen.path(), x, y);
    double half = Connectors.TOGGLE / 2;
    Box toggle = new Box(RAIL - half, cell.height() - 2, Connectors.TOGGLE, Connectors.TOGGLE);
    placed.set(at, regions.placed(topic, x, y, Flow.LIST, List.of(line), toggle));
    return axis;
  }

  private double gap(Topic topic) {
    double usual = sheet.level(topic) == 1 ? AROUND_MAINS : GAP;
    return usual * regions.room(topic);
  }
}
