package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.map.Topic;

/**
 * Lays a branch out with braces, each level in a column of its own, as scholars drew the divisions
 * of a subject: its first topic at the left, at the right, or in the middle with its branches on
 * both sides.
 *
 * <p>Every branch has a band of the page to itself, as high as what is shown of it, so that no two
 * topics can meet whatever their sizes.
 */
final class BraceRegion {
  private static final double LEAST_ROOM = 10;

  private BraceRegion() {}

  /** The first half of the branches to the right, the rest to the left. */
  static Group bothSides(Regions regions, Topic root, List<Topic> mains) {
    if (mains.size() < 2) {
      return lay(regions, root, mains, List.of());
    }
    double whole = new Arm(regions, root, mains, Flow.RIGHT).height();
    double least = Double.MAX_VALUE;
    int cut = 1;
    for (int i = 1; i < mains.size(); i++) {
      double right = new Arm(regions, root, mains.subList(0, i), Flow.RIGHT).height();
      double higher = Math.max(right, whole - right);
      if (higher < least) {
        least = higher;
        cut = i;
      }
    }
    return lay(regions, root, mains.subList(0, cut), mains.subList(cut, mains.size()));
  }

  /** A topic with its branches away from those around it. */
  static Group away(Regions regions, Topic topic, Flow from) {
    List<Topic> children = regions.sheet().children(topic);
    return from == Flow.LEFT
        ? lay(regions, topic, List.of(), children)
        : lay(regions, topic, children, List.of());
  }

  /** Some branches to the right of a topic, some to its left. */
  static Group lay(Regions regions, Topic root, List<Topic> toTheRight, List<Topic> toTheLeft) {
    Sheet sheet = regions.sheet();
    TopicBlock block = sheet.block(root);
    Arm right = new Arm(regions, root, toTheRight, Flow.RIGHT);
    Arm left = new Arm(regions, root, toTheLeft, Flow.LEFT);
    double room = sheet.level(root) == 0 ? LEAST_ROOM : 0;
    double band = Math.max(block.height() + room, Math.max(right.height(), left.height()));
    double x = left.width();
    List<Placed> placed = new ArrayList<>();
    placed.add(null);
    double outer = x + block.width();
    List<Double> axes = right.place(outer, (band - right.height()) / 2, placed);
    List<Double> others = left.place(x, (band - left.height()) / 2, placed);
    List<Double> alone = toTheLeft.isEmpty() ? axes : toTheRight.isEmpty() ? others : List.of();
    double middle = alone.isEmpty() ? band / 2 : (alone.get(0) + alone.get(alone.size() - 1)) / 2;
    double lower = block.height() - block.axis();
    double axis = Math.min(Math.max(middle, block.axis()), band - lower);
    double y = axis - block.axis();
    List<Line> lines = new ArrayList<>();
    Box toggle = null;
    Flow flow = toTheRight.isEmpty() && !toTheLeft.isEmpty() ? Flow.LEFT : Flow.RIGHT;
    if (!others.isEmpty()) {
      Arm.Drawn drawn = left.lines(root, x, 0, axis, others);
      lines.add(regions.line(root, drawn.path(), x, y));
      toggle = drawn.toggle().moved(-x, -y);
    }
    if (!axes.isEmpty()) {
      Arm.Drawn drawn = right.lines(root, outer, 0, axis, axes);
      lines.add(regions.line(root, drawn.path(), x, y));
      toggle = drawn.toggle().moved(-x, -y);
    }
    placed.set(
        0,
        lines.isEmpty()
            ? regions.leaf(root, x, y, flow)
            : regions.placed(root, x, y, flow, lines, toggle));
    double width = x + block.width() + right.width();
    return new Group(width, band, axis, placed);
  }
}
