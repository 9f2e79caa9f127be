package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.map.Topic;

/**
 * Lays two subjects out beside each other: the first branch to the left, the last to the right, and
 * those between, which are what both share, in the middle between two braces. Their first topic
 * stands above all.
 */
final class SideRegion {
  private static final double STEM = 40;
  private static final double GAP = 14;
  private static final double BESIDE = 22;
  private static final double BRACE = Connectors.BRACE;

  private final Regions regions;
  private final Sheet sheet;
  private final Topic root;

  SideRegion(Regions regions, Topic root) {
    this.regions = regions;
    this.sheet = regions.sheet();
    this.root = root;
  }

  Group lay() {
    List<Topic> children = sheet.children(root);
    Group left = side(children.get(0), Flow.LEFT);
    Group right = side(children.get(children.size() - 1), Flow.RIGHT);
    List<Group> shared = new ArrayList<>();
    for (Topic topic : children.subList(1, children.size() - 1)) {
      shared.add(
          sheet.foreign(topic)
              ? regions.lay(topic, Flow.DOWN)
              : new ListRegion(regions, topic, false).lay());
    }
    TopicBlock block = sheet.block(root);
    double high = shared.stream().mapToDouble(g -> g.height() + GAP).sum() - GAP;
    double wide = shared.stream().mapToDouble(Group::width).max().orElse(0);
    double between = shared.isEmpty() ? 2 * BESIDE : wide + 2 * (BESIDE + BRACE);
    double middle = Math.max(high / 2, Math.max(left.axis(), right.axis()));
    double axis = block.height() + STEM + middle;
    double begin = Math.max(0, block.width() / 2 - left.width() - between / 2);
    double inner = begin + left.width();
    double farther = inner + between;
    double centre = inner + between / 2;
    List<Placed> placed = new ArrayList<>();
    List<Placed> firsts = new ArrayList<>();
    placed.add(null);
    firsts.add(put(left, begin, axis - left.axis(), placed));
    double y = axis - high / 2;
    for (Group group : shared) {
      firsts.add(put(group, inner + BESIDE + BRACE, y, placed));
      y += group.height() + GAP;
    }
    firsts.add(put(right, farther, axis - right.axis(), placed));
    Path.Pen pen = new Path.Pen().move(centre, block.height());
    lines(pen, centre, block.height(), firsts);
    if (!shared.isEmpty()) {
      embrace(pen, inner, axis, high, true);
      embrace(pen, farther, axis, high, false);
    }
    double x = centre - block.width() / 2;
    double half = Connectors.TOGGLE / 2;
    Box toggle =
        new Box(block.width() / 2 - half, block.height(), Connectors.TOGGLE, Connectors.TOGGLE);
    Line line = regions.line(root, pen.path(), x, 0);
    placed.set(0, regions.placed(root, x, 0, Flow.DOWN, List.of(line), toggle));
    double width = Math.max(farther + right.width(), centre + block.width() / 2);
    double low = Math.max(high / 2, lower(left, right));
    return new Group(width, axis + low, block.axis(), placed);
  }

  private static double lower(Group left, Group right) {
    return Math.max(left.height() - left.axis(), right.height() - right.axis());
  }

  private Group side(Topic topic, Flow flow) {
    return sheet.foreign(topic) ? regions.lay(topic, flow) : BraceRegion.away(regions, topic, flow);
  }

  /** Places a branch; gives its first topic. */
  private static Placed put(Group group, double x, double y, List<Placed> placed) {
    int at = placed.size();
    group.placed().forEach(each -> placed.add(each.at(each.x() + x, each.y() + y)));
    return placed.get(at);
  }

  /** From the first topic to both subjects, and to the first of what they share. */
  private void lines(Path.Pen pen, double x, double y, List<Placed> firsts) {
    double rail = y + STEM / 2;
    pen.line(x, rail);
    for (int i : new int[] {0, firsts.size() - 1}) {
      Placed first = firsts.get(i);
      double at = first.box().middleX();
      double turn = Math.copySign(8, at - x);
      pen.move(x, rail).line(at - turn, rail).curve(at, rail, at, rail + 8);
      pen.line(at, first.y() - 2);
      if (regions.arrows(root)) {
        Connectors.head(pen, at, first.y() - 1, 0, 1);
      }
    }
    if (firsts.size() > 2) {
      Placed first = firsts.get(1);
      double at = Math.max(first.x(), Math.min(first.box().right(), x));
      pen.move(x, rail).line(at, first.y() - 2);
    }
  }

  /** A brace from a subject around what it shares with the other. */
  private static void embrace(Path.Pen pen, double edge, double axis, double high, boolean left) {
    double way = left ? 1 : -1;
    double cusp = edge + way * 4;
    double spine = edge + way * (BESIDE - 4);
    double inner = spine + way * BRACE / 2;
    double bend = Math.min(BRACE / 2, high / 4);
    for (double end : new double[] {axis - high / 2, axis + high / 2}) {
      double turn = Math.copySign(bend, end - axis);
      pen.move(cusp, axis).curve(spine, axis, spine, axis + turn);
      pen.line(spine, end - turn).curve(spine, end, inner, end);
    }
  }
}
