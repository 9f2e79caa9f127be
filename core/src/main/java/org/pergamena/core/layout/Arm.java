package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.layout.Placed.Near;
import org.pergamena.core.map.Topic;

/**
 * The main branches on one side of the root. All distances are outward: from the root's edge to the
 * right, or to the left.
 */
final class Arm {
  private static final double STEM = 10;
  private static final double STEM_LEAST = 22;
  private static final double BRACE = 14;
  private static final double BRACE_GAP = 6;
  private static final double TOGGLE = 24;
  private static final double STROKE = 1.3;
  private static final double STEP = 16;

  /** From the outer edge of a column to the next column. */
  private static final double BETWEEN = STEM + STEM_LEAST + BRACE + BRACE_GAP;

  private final Sheet sheet;
  private final List<Topic> mains;
  private final boolean leftward;
  private final Map<UUID, Double> bands = new HashMap<>();

  /** Where the column of each level begins; that of the root's own level before its edge. */
  private final List<Double> columns = new ArrayList<>();

  private final double width;

  Arm(Sheet sheet, List<Topic> mains, boolean leftward) {
    this.sheet = sheet;
    this.mains = mains;
    this.leftward = leftward;
    List<Topic> all = new ArrayList<>();
    mains.forEach(main -> collect(main, all));
    this.width = setColumns(all);
    for (int i = all.size() - 1; i >= 0; i--) {
      Topic topic = all.get(i);
      double below = sheet.children(topic).stream().mapToDouble(c -> bands.get(c.id())).sum();
      double own = sheet.block(topic).height() + gap(topic);
      bands.put(topic.id(), Math.max(own, below + breath(topic)));
    }
  }

  private void collect(Topic topic, List<Topic> all) {
    all.add(topic);
    sheet.children(topic).forEach(child -> collect(child, all));
  }

  /** Each level begins beyond the widest topic of the level before that has children. */
  private double setColumns(List<Topic> all) {
    Map<Integer, Double> widest = new HashMap<>();
    Map<Integer, Double> reach = new HashMap<>();
    for (Topic topic : all) {
      double own = sheet.block(topic).width();
      reach.merge(sheet.level(topic), own + (sheet.closed(topic) ? TOGGLE : 0), Math::max);
      if (!sheet.children(topic).isEmpty()) {
        widest.merge(sheet.level(topic), own, Math::max);
      }
    }
    columns.add(0.0);
    columns.add(BETWEEN);
    for (int level = 1; widest.containsKey(level); level++) {
      columns.add(columns.get(level) + steady(widest.get(level)) + BETWEEN);
    }
    double farthest = 0;
    for (Map.Entry<Integer, Double> level : reach.entrySet()) {
      farthest = Math.max(farthest, columns.get(level.getKey()) + level.getValue());
    }
    return farthest;
  }

  /** A width in whole steps, so that columns stay where they are when a label changes a little. */
  private static double steady(double width) {
    return Math.ceil(width / STEP) * STEP;
  }

  /** Room between neighbours of a level. */
  private double gap(Topic topic) {
    return sheet.level(topic) <= 1 ? 10 : 2;
  }

  /** Room around a branch, so that branches part visibly. */
  private double breath(Topic topic) {
    if (sheet.children(topic).isEmpty()) {
      return 0;
    }
    return sheet.level(topic) == 1 ? 14 : sheet.level(topic) == 2 ? 6 : 0;
  }

  double height() {
    return mains.stream().mapToDouble(main -> bands.get(main.id())).sum();
  }

  double width() {
    return width;
  }

  private double x(double edge, double out) {
    return leftward ? edge - out : edge + out;
  }

  /** Places the branches from a height down; gives the heights of the first and the last axis. */
  double[] place(double edge, double top, List<Placed> placed) {
    double[] ends = new double[2];
    double y = top;
    for (int i = 0; i < mains.size(); i++) {
      ends[1] = place(mains.get(i), edge, y, placed);
      ends[0] = i == 0 ? ends[1] : ends[0];
      y += bands.get(mains.get(i).id());
    }
    return ends;
  }

  private double place(Topic topic, double edge, double top, List<Placed> placed) {
    int at = placed.size();
    placed.add(null);
    TopicBlock block = sheet.block(topic);
    double band = bands.get(topic.id());
    List<Topic> children = sheet.children(topic);
    double below = children.stream().mapToDouble(c -> bands.get(c.id())).sum();
    double y = top + (band - below) / 2;
    double[] ends = new double[2];
    for (int i = 0; i < children.size(); i++) {
      ends[1] = place(children.get(i), edge, y, placed);
      ends[0] = i == 0 ? ends[1] : ends[0];
      y += bands.get(children.get(i).id());
    }
    double part = gap(topic) / 2;
    double highest = top + part + block.axis();
    double lowest = top + band - part - (block.height() - block.axis());
    double alone = top + (band - block.height()) / 2 + block.axis();
    double middle = children.isEmpty() ? alone : (ends[0] + ends[1]) / 2;
    double axis = Math.min(Math.max(middle, highest), lowest);
    placed.set(at, placed(topic, edge, axis, ends));
    return axis;
  }

  private Placed placed(Topic topic, double edge, double axis, double[] ends) {
    TopicBlock block = sheet.block(topic);
    int level = sheet.level(topic);
    double inner = x(edge, columns.get(level));
    double left = leftward ? inner - block.width() : inner;
    double y = axis - block.axis();
    List<Item> items = block.items();
    String pigment = sheet.palette().pigment(sheet.branch(topic));
    Box toggle = null;
    if (!sheet.children(topic).isEmpty()) {
      Path brace = brace(edge, block.width(), level, axis, ends);
      items = with(new Line(brace.moved(-left, -y), pigment, STROKE, List.of()), items);
      toggle = toggle(edge, block.width(), level, axis).moved(-left, -y);
    } else if (sheet.closed(topic)) {
      toggle = closedToggle(block.width(), block.axis());
      items = with(new Line(stub(block.width(), block.axis()), pigment, STROKE, List.of()), items);
    }
    return new Placed(
        topic.id(),
        level,
        sheet.branch(topic),
        left,
        y,
        block.width(),
        block.height(),
        items,
        toggle,
        sheet.closed(topic),
        leftward,
        Near.NONE,
        sheet.again(topic));
  }

  private static List<Item> with(Item first, List<Item> items) {
    List<Item> all = new ArrayList<>();
    all.add(first);
    all.addAll(items);
    return all;
  }

  /** How far out the brace of a topic stands; the root's own edge is where distances begin. */
  private double spine(int level) {
    return columns.get(level + 1) - BRACE_GAP - BRACE / 2;
  }

  /** A stem from the topic to the cusp, and the brace from its first child to its last. */
  Path brace(double edge, double width, int level, double axis, double[] ends) {
    double outer = level == 0 ? 0 : columns.get(level) + width;
    double spine = spine(level);
    double half = BRACE / 2;
    Path.Pen pen = new Path.Pen().move(x(edge, outer + STEM / 2), axis);
    if (ends[1] - ends[0] < 1) {
      return pen.line(x(edge, spine + half), ends[0]).path();
    }
    pen.line(x(edge, spine - half), axis);
    arm(pen, edge, axis, spine, ends[0]);
    pen.move(x(edge, spine - half), axis);
    arm(pen, edge, axis, spine, ends[1]);
    return pen.path();
  }

  private void arm(Path.Pen pen, double edge, double axis, double spine, double end) {
    double half = BRACE / 2;
    double way = end - axis;
    double bend = Math.copySign(Math.min(half, Math.abs(way) / 2), way);
    double x = x(edge, spine);
    pen.curve(x, axis, x, axis + bend);
    pen.line(x, end - bend);
    pen.curve(x, end, x(edge, spine + half), end);
  }

  Box toggle(double edge, double width, int level, double axis) {
    return new Box(x(edge, spine(level)) - TOGGLE / 2, axis - TOGGLE / 2, TOGGLE, TOGGLE);
  }

  /** Where a closed topic is opened, relative to its left upper corner. */
  Box closedToggle(double width, double axis) {
    return new Box(leftward ? -TOGGLE : width, axis - TOGGLE / 2, TOGGLE, TOGGLE);
  }

  /** The short brace after a closed topic, relative to its left upper corner. */
  Path stub(double width, double axis) {
    double edge = leftward ? 0 : width;
    double from = 3;
    Path.Pen pen = new Path.Pen();
    for (double end : new double[] {axis - 9, axis + 9}) {
      pen.move(x(edge, from), axis);
      arm(pen, edge, axis, from + BRACE / 2, end);
    }
    return pen.path();
  }
}
