package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.Topic;

/**
 * Lays a branch out in rows, one for each level, downward or upward. Where nothing is below any of
 * a topic's children, they hang from it as a list, as a row of them would be wide and mostly empty.
 *
 * <p>Every branch has a band of the page to itself, as wide as what is shown of it.
 */
final class RowRegion {
  private static final double STEM = 8;
  private static final double STEM_LEAST = 14;
  private static final double BRACE_GAP = 5;
  private static final double APART = 16;
  private static final double BETWEEN_MAINS = 30;
  private static final double HANG = 28;
  private static final double RAIL = 12;
  private static final double LIST_GAP = 3;
  private static final double STEP = 8;

  private final Regions regions;
  private final Sheet sheet;
  private final Topic root;
  private final Flow flow;
  private final Map<UUID, Double> bands = new HashMap<>();

  /** Where each row begins, outward from the edge of the first topic at which all of it begins. */
  private final List<Double> rows = new ArrayList<>();

  private final List<Placed> placed = new ArrayList<>();
  private double deepest;

  RowRegion(Regions regions, Topic root, boolean up) {
    this.regions = regions;
    this.sheet = regions.sheet();
    this.root = root;
    this.flow = up ? Flow.UP : Flow.DOWN;
  }

  Group lay() {
    band(root);
    setRows();
    place(root, 0, 0);
    double height = deepest;
    if (flow == Flow.UP) {
      placed.replaceAll(each -> each.at(each.x(), each.y() + height));
    }
    double axis = placed.get(0).y() + sheet.block(root).axis();
    return new Group(bands.get(root.id()), height, axis, placed);
  }

  private List<Topic> children(Topic topic) {
    return topic == root ? sheet.children(root) : regions.children(topic);
  }

  private Cell cell(Topic topic) {
    return topic == root ? Cell.of(root, sheet.block(root)) : regions.cell(topic, flow);
  }

  /** Whether the children of a topic hang from it as a list. */
  private boolean hangs(Topic topic) {
    List<Topic> children = children(topic);
    return topic != root
        && children.size() > 1
        && children.stream()
            .allMatch(child -> regions.children(child).isEmpty() && !sheet.foreign(child));
  }

  private double apart(Topic topic) {
    double usual = sheet.level(topic) == 0 ? BETWEEN_MAINS : APART;
    return usual * regions.room(topic);
  }

  private double band(Topic topic) {
    Cell cell = cell(topic);
    List<Topic> children = children(topic);
    double widest = cell.width() + (sheet.closed(topic) ? Connectors.TOGGLE : 0);
    double below = 0;
    for (Topic child : children) {
      double own = band(child);
      below = hangs(topic) ? Math.max(below, HANG + own) : below + own;
    }
    if (!hangs(topic) && children.size() > 1) {
      below += apart(topic) * (children.size() - 1);
    }
    double band = Math.max(widest, below);
    bands.put(topic.id(), band);
    return band;
  }

  /** Each row begins beyond the highest topic of the row before that has one below it. */
  private void setRows() {
    Map<Integer, Double> highest = new HashMap<>();
    collect(root, 0, highest);
    double at = 0;
    rows.add(at);
    for (int level = 0; highest.containsKey(level); level++) {
      double height = level == 0 ? highest.get(0) : Math.ceil(highest.get(level) / STEP) * STEP;
      at += height + (STEM + STEM_LEAST) * regions.room(root) + Connectors.BRACE + BRACE_GAP;
      rows.add(at);
    }
  }

  private void collect(Topic topic, int level, Map<Integer, Double> highest) {
    if (!children(topic).isEmpty() && !hangs(topic)) {
      highest.merge(level, cell(topic).height(), Math::max);
    }
    children(topic).forEach(child -> collect(child, level + 1, highest));
  }

  /** Outward distances as a height on the page; all above the edge while it grows upward. */
  private double y(double out, double height) {
    return flow == Flow.UP ? -out - height : out;
  }

  /** Places a branch; gives where lines from its parent meet it. */
  private double place(Topic topic, double left, int level) {
    Cell cell = cell(topic);
    double out = rows.get(Math.min(level, rows.size() - 1));
    double band = bands.get(topic.id());
    double y = y(out, cell.height());
    deepest = Math.max(deepest, out + cell.height() + closedRoom(topic));
    List<Topic> children = children(topic);
    if (children.isEmpty()) {
      double x = left + (band - cell.width()) / 2;
      regions.put(cell, x, y, flow, placed);
      return x + cell.middle();
    }
    if (hangs(topic)) {
      hang(topic, left, y, out + cell.height());
      return left + cell.middle();
    }
    int at = placed.size();
    placed.add(null);
    List<Double> ends = new ArrayList<>();
    double below =
        children.stream().mapToDouble(c -> bands.get(c.id())).sum()
            + apart(topic) * (children.size() - 1);
    double next = left + (band - below) / 2;
    for (Topic child : children) {
      ends.add(place(child, next, level + 1));
      next += bands.get(child.id()) + apart(topic);
    }
    double wanted = (ends.get(0) + ends.get(ends.size() - 1)) / 2 - cell.middle();
    double x = Math.min(Math.max(wanted, left), left + band - cell.width());
    Connectors lines = new Connectors(flow, 0);
    double end = rows.get(level + 1);
    double spine = end - BRACE_GAP - Connectors.BRACE / 2;
    double axis = x + cell.middle();
    LineForm form = regions.form(topic, LineForm.BRACE);
    double stem = out + cell.height() + STEM / 2;
    Line line = regions.line(topic, lines.lines(form, stem, axis, spine, end, ends), x, y);
    Box toggle = lines.toggle(axis, spine).moved(-x, -y);
    placed.set(at, regions.placed(topic, x, y, flow, List.of(line), toggle));
    return axis;
  }

  private double closedRoom(Topic topic) {
    return sheet.closed(topic) ? Connectors.TOGGLE : 0;
  }

  /** A topic with its children as a list: below it, or above it, always read from the top. */
  private void hang(Topic topic, double left, double y, double out) {
    int at = placed.size();
    placed.add(null);
    Cell cell = cell(topic);
    double gap = LIST_GAP * regions.room(topic);
    List<Topic> children = children(topic);
    double height = children.stream().mapToDouble(c -> cell(c).height() + gap).sum();
    double top = y(out, height);
    Path.Pen pen = new Path.Pen();
    double rail = left + RAIL;
    double next = flow == Flow.UP ? top : top + gap;
    double first = 0;
    double last = 0;
    for (Topic child : children) {
      Cell own = cell(child);
      regions.put(own, left + HANG, next, Flow.LIST, placed);
      last = next + own.axis();
      first = child == children.get(0) ? last : first;
      pen.move(rail, last).line(left + HANG - 2, last);
      next += own.height() + gap;
    }
    double from = flow == Flow.UP ? y : y + cell.height();
    pen.move(rail, from).line(rail, flow == Flow.UP ? first : last);
    double middle = flow == Flow.UP ? from - RAIL : from + RAIL;
    Box toggle =
        new Box(
            rail - Connectors.TOGGLE / 2,
            middle - Connectors.TOGGLE / 2,
            Connectors.TOGGLE,
            Connectors.TOGGLE);
    Line line = regions.line(topic, pen.path(), left, y);
    placed.set(
        at, regions.placed(topic, left, y, Flow.LIST, List.of(line), toggle.moved(-left, -y)));
    deepest = Math.max(deepest, out + height);
  }
}
