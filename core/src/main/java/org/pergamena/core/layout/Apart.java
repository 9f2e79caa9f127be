package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.Topic;

/**
 * Lays topics where a person put them, beside a tree that stands: those that lie loose, by where
 * the root is, and those that stand off their parents. Each has what is below it with it, and is
 * moved down as far as it takes to cover nothing.
 */
final class Apart {
  private static final double APART = 12;
  private static final double TOUCH = 3;

  private final Regions regions;
  private final Sheet sheet;
  private final List<Placed> all;
  private final Map<UUID, Integer> at = new HashMap<>();

  private Apart(Regions regions, List<Placed> tree) {
    this.regions = regions;
    this.sheet = regions.sheet();
    this.all = new ArrayList<>();
    tree.forEach(this::add);
  }

  /** Adds them to what is placed, the root first; everything moves so that nothing is cut off. */
  static List<Placed> laid(Regions regions, List<Placed> tree, double margin) {
    List<Topic> topics = regions.sheet().apart();
    if (topics.isEmpty()) {
      return tree;
    }
    Apart apart = new Apart(regions, tree);
    topics.forEach(apart::lay);
    double left = margin;
    double top = margin;
    for (Placed each : apart.all) {
      Box reach = each.reach();
      left = Math.min(left, each.x() + reach.x());
      top = Math.min(top, each.y() + reach.y());
    }
    return moved(apart.all, margin - left, margin - top);
  }

  private void add(Placed placed) {
    at.put(placed.id(), all.size());
    all.add(placed);
  }

  private void lay(Topic topic) {
    boolean loose = sheet.map().loose(topic);
    Look look = topic.content().look();
    int anchor = loose ? 0 : at.get(topic.parent());
    Look.Spot spot = loose ? look.spot() : look.off();
    Flow from = loose ? Flow.RIGHT : flow(all.get(anchor), topic, spot);
    List<Placed> branch = regions.lay(topic, from).placed();
    Placed first = branch.get(0);
    double dx = all.get(anchor).x() + spot.x() - first.x();
    double dy = all.get(anchor).y() + spot.y() - first.y();
    List<Placed> moved = moved(branch, dx, dy);
    for (double down = down(moved); down > 0; down = down(moved)) {
      moved = moved(moved, 0, down);
    }
    moved.forEach(this::add);
    if (!loose) {
      all.set(anchor, joined(all.get(anchor), topic, moved.get(0)));
    }
  }

  /** On which side of its parent a topic stands. */
  private Flow flow(Placed parent, Topic topic, Look.Spot off) {
    TopicBlock block = sheet.block(topic);
    if (off.x() >= parent.width()) {
      return Flow.RIGHT;
    } else if (off.x() + block.width() <= 0) {
      return Flow.LEFT;
    }
    return off.y() >= 0 ? Flow.DOWN : Flow.UP;
  }

  /** The parent with its line to a topic that stands off it. */
  private Placed joined(Placed parent, Topic topic, Placed child) {
    Topic above = sheet.map().topic(topic.parent());
    Box one = parent.box();
    Box other = child.box();
    boolean right = other.x() >= one.right();
    boolean beside = right || other.right() <= one.x();
    double childAxis = child.y() + sheet.block(topic).axis();
    double parentAxis = parent.y() + sheet.block(above).axis();
    double[] start = {right ? one.right() : one.x(), parentAxis};
    double[] end = {right ? other.x() + TOUCH : other.right() - TOUCH, childAxis};
    if (!beside) {
      boolean under = other.y() >= one.y();
      double x = Math.max(one.x(), Math.min(one.right(), other.middleX()));
      start = new double[] {x, under ? one.bottom() : one.y()};
      end = new double[] {other.middleX(), under ? other.y() : other.bottom()};
    }
    Path.Pen pen = new Path.Pen().move(start[0], start[1]);
    double[] from = run(pen, regions.form(above, LineForm.CURVE), beside, start, end);
    if (regions.arrows(above)) {
      Connectors.head(pen, end[0], end[1], end[0] - from[0], end[1] - from[1]);
    }
    Line line = regions.line(above, pen.path(), parent.x(), parent.y());
    Placed joined = parent.under(line);
    return joined.toggle() != null ? joined : joined.opened(toggle(start, parent));
  }

  /** Draws a line; gives where its last part comes from. */
  private static double[] run(
      Path.Pen pen, LineForm form, boolean beside, double[] start, double[] end) {
    if (form == LineForm.STRAIGHT) {
      pen.line(end[0], end[1]);
      return start;
    }
    double[] middle = {(start[0] + end[0]) / 2, (start[1] + end[1]) / 2};
    double[] first =
        beside ? new double[] {middle[0], start[1]} : new double[] {start[0], middle[1]};
    double[] last = beside ? new double[] {middle[0], end[1]} : new double[] {end[0], middle[1]};
    if (form == LineForm.ELBOW) {
      pen.line(first[0], first[1]).line(last[0], last[1]).line(end[0], end[1]);
    } else {
      pen.curve(first[0], first[1], middle[0], middle[1]).curve(last[0], last[1], end[0], end[1]);
    }
    return last;
  }

  private static Box toggle(double[] start, Placed parent) {
    double half = Connectors.TOGGLE / 2;
    return new Box(
        start[0] - parent.x() - half,
        start[1] - parent.y() - half,
        Connectors.TOGGLE,
        Connectors.TOGGLE);
  }

  /**
   * How far a branch must go down to be clear of the lowest that it covers; 0 if it covers none.
   */
  private double down(List<Placed> branch) {
    Box own = around(branch);
    double down = 0;
    for (Placed other : all) {
      Box box = other.box();
      if (box.overlaps(own)) {
        down = Math.max(down, box.bottom() + APART - own.y());
      }
    }
    return down;
  }

  private static Box around(List<Placed> placed) {
    Box box = placed.get(0).box();
    for (Placed each : placed) {
      box = box.with(each.box());
    }
    return box;
  }

  private static List<Placed> moved(List<Placed> placed, double dx, double dy) {
    return dx == 0 && dy == 0
        ? placed
        : placed.stream().map(each -> each.at(each.x() + dx, each.y() + dy)).toList();
  }
}
