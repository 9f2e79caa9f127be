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
 * The branches on one side of a topic. All distances are outward: from the topic's edge to the
 * right, or to the left.
 */
final class Arm {
  private static final double STEM = 10;
  private static final double STEM_LEAST = 22;
  private static final double BRACE_GAP = 6;
  private static final double STEP = 16;

  private final Regions regions;
  private final Sheet sheet;
  private final Topic root;
  private final List<Topic> mains;
  private final Flow flow;
  private final Map<UUID, Double> bands = new HashMap<>();

  /** From the outer edge of a column to the next column. */
  private final double between;

  /** Where the column of each level below the root begins; that of the root before its edge. */
  private final List<Double> columns = new ArrayList<>();

  private final double width;

  Arm(Regions regions, Topic root, List<Topic> mains, Flow flow) {
    this.regions = regions;
    this.sheet = regions.sheet();
    this.root = root;
    this.mains = mains;
    this.flow = flow;
    this.between = (STEM + STEM_LEAST) * regions.room(root) + Connectors.BRACE + BRACE_GAP;
    List<Topic> all = new ArrayList<>();
    mains.forEach(main -> collect(main, all));
    this.width = setColumns(all);
    for (int i = all.size() - 1; i >= 0; i--) {
      Topic topic = all.get(i);
      double own = cell(topic).height() + gap(topic);
      bands.put(topic.id(), Math.max(own, below(topic) + breath(topic)));
    }
  }

  private void collect(Topic topic, List<Topic> all) {
    all.add(topic);
    regions.children(topic).forEach(child -> collect(child, all));
  }

  private Cell cell(Topic topic) {
    return regions.cell(topic, flow);
  }

  private int level(Topic topic) {
    return sheet.level(topic) - sheet.level(root);
  }

  private double below(Topic topic) {
    return regions.children(topic).stream().mapToDouble(c -> bands.get(c.id())).sum();
  }

  /** Each level begins beyond the widest topic of the level before that has children. */
  private double setColumns(List<Topic> all) {
    Map<Integer, Double> widest = new HashMap<>();
    Map<Integer, Double> reach = new HashMap<>();
    for (Topic topic : all) {
      double own = cell(topic).width();
      double toggle = sheet.closed(topic) ? Connectors.TOGGLE : 0;
      reach.merge(level(topic), own + toggle, Math::max);
      if (!regions.children(topic).isEmpty()) {
        widest.merge(level(topic), own, Math::max);
      }
    }
    columns.add(0.0);
    columns.add(between);
    for (int level = 1; widest.containsKey(level); level++) {
      columns.add(columns.get(level) + steady(widest.get(level)) + between);
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
    return (sheet.level(topic) <= 1 ? 10 : 2) * regions.room(topic);
  }

  /** Room around a branch, so that branches part visibly. */
  private double breath(Topic topic) {
    if (regions.children(topic).isEmpty()) {
      return 0;
    }
    double usual = sheet.level(topic) == 1 ? 14 : sheet.level(topic) == 2 ? 6 : 0;
    return usual * regions.room(topic);
  }

  double height() {
    return mains.stream().mapToDouble(main -> bands.get(main.id())).sum();
  }

  double width() {
    return width;
  }

  private double x(double edge, double out) {
    return flow == Flow.LEFT ? edge - out : edge + out;
  }

  /** Places the branches from a height down; gives the heights of their axes. */
  List<Double> place(double edge, double top, List<Placed> placed) {
    List<Double> axes = new ArrayList<>();
    double y = top;
    for (Topic main : mains) {
      axes.add(place(main, edge, y, placed));
      y += bands.get(main.id());
    }
    return axes;
  }

  private double place(Topic topic, double edge, double top, List<Placed> placed) {
    int at = placed.size();
    placed.add(null);
    Cell cell = cell(topic);
    double band = bands.get(topic.id());
    List<Double> axes = new ArrayList<>();
    double y = top + (band - below(topic)) / 2;
    for (Topic child : regions.children(topic)) {
      axes.add(place(child, edge, y, placed));
      y += bands.get(child.id());
    }
    double part = gap(topic) / 2;
    double highest = top + part + cell.axis();
    double lowest = top + band - part - (cell.height() - cell.axis());
    double alone = top + (band - cell.height()) / 2 + cell.axis();
    double middle = axes.isEmpty() ? alone : (axes.get(0) + axes.get(axes.size() - 1)) / 2;
    double axis = Math.min(Math.max(middle, highest), lowest);
    double inner = x(edge, columns.get(level(topic)));
    double left = flow == Flow.LEFT ? inner - cell.width() : inner;
    if (axes.isEmpty()) {
      placed.remove(at);
      regions.put(cell, left, axis - cell.axis(), flow, placed);
    } else {
      double outer = columns.get(level(topic)) + cell.width();
      placed.set(
          at, parent(topic, left, axis - cell.axis(), lines(topic, edge, outer, axis, axes)));
    }
    return axis;
  }

  private Placed parent(Topic topic, double left, double y, Drawn drawn) {
    Line line = regions.line(topic, drawn.path(), left, y);
    return regions.placed(topic, left, y, flow, List.of(line), drawn.toggle().moved(-left, -y));
  }

  /** Lines on the page, and where they are closed. */
  record Drawn(Path path, Box toggle) {}

  /** The lines from a topic to its children. */
  Drawn lines(Topic topic, double edge, double outer, double axis, List<Double> axes) {
    Connectors lines = new Connectors(flow, edge, regions.arrows(topic));
    double end = columns.get(level(topic) + 1);
    double spine = end - BRACE_GAP - Connectors.BRACE / 2;
    LineForm form = regions.form(topic, LineForm.BRACE);
    return new Drawn(
        lines.lines(form, outer + STEM / 2, axis, spine, end, axes), lines.toggle(axis, spine));
  }
}
