package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.layout.Placed.Near;
import org.pergamena.core.map.Topic;

/**
 * Lays a map out with braces, each level in a column of its own, as scholars drew the divisions of
 * a subject: the root at the left, or in the middle with its main branches on both sides.
 *
 * <p>Every branch has a band of the page to itself, as high as what is shown of it, so that no two
 * topics can meet whatever their sizes.
 */
final class BraceLayout {
  private static final double MARGIN = 24;
  private static final double ROOT_STROKE = 1.7;

  /** From here outward a topic is dropped under another, as a share of its width. */
  private static final double OUTWARD = 0.6;

  private static final List<DropZone> ZONES = zones();

  private BraceLayout() {}

  /** The outer part of a topic and its middle mean under it, the rest beside it. */
  private static List<DropZone> zones() {
    List<DropZone> zones = new ArrayList<>();
    for (boolean leftward : new boolean[] {false, true}) {
      double inner = leftward ? 1 - OUTWARD : 0;
      double outer = leftward ? 0 : OUTWARD;
      DropZone.Edge out = leftward ? DropZone.Edge.LEFT : DropZone.Edge.RIGHT;
      zones.add(
          new DropZone(
              leftward, DropZone.Where.UNDER, new Box(outer, -0.2, 1 - OUTWARD, 1.4), out));
      zones.add(
          new DropZone(leftward, DropZone.Where.UNDER, new Box(inner, 0.3, OUTWARD, 0.4), out));
      zones.add(
          new DropZone(
              leftward,
              DropZone.Where.BEFORE,
              new Box(inner, -0.4, OUTWARD, 0.7),
              DropZone.Edge.TOP));
      zones.add(
          new DropZone(
              leftward,
              DropZone.Where.AFTER,
              new Box(inner, 0.7, OUTWARD, 0.7),
              DropZone.Edge.BOTTOM));
    }
    return List.copyOf(zones);
  }

  /** The root at the left. */
  static Scene oneSide(Sheet sheet) {
    return lay(sheet, sheet.children(sheet.map().root()), List.of());
  }

  /** The root in the middle, the first half of the main branches right of it, the rest left. */
  static Scene bothSides(Sheet sheet) {
    List<Topic> mains = sheet.children(sheet.map().root());
    if (mains.size() < 2) {
      return oneSide(sheet);
    }
    double whole = new Arm(sheet, mains, false).height();
    double least = Double.MAX_VALUE;
    int cut = 1;
    for (int i = 1; i < mains.size(); i++) {
      double right = new Arm(sheet, mains.subList(0, i), false).height();
      double higher = Math.max(right, whole - right);
      if (higher < least) {
        least = higher;
        cut = i;
      }
    }
    return lay(sheet, mains.subList(0, cut), mains.subList(cut, mains.size()));
  }

  private static Scene lay(Sheet sheet, List<Topic> toTheRight, List<Topic> toTheLeft) {
    Topic root = sheet.map().root();
    TopicBlock block = sheet.block(root);
    Arm right = new Arm(sheet, toTheRight, false);
    Arm left = new Arm(sheet, toTheLeft, true);
    double band = Math.max(block.height() + 10, Math.max(right.height(), left.height()));
    double rootX = MARGIN + left.width();
    List<Placed> placed = new ArrayList<>();
    placed.add(null);
    double[] ends =
        right.place(rootX + block.width(), MARGIN + (band - right.height()) / 2, placed);
    double[] others = left.place(rootX, MARGIN + (band - left.height()) / 2, placed);
    double middle =
        toTheRight.isEmpty() || !toTheLeft.isEmpty() ? MARGIN + band / 2 : (ends[0] + ends[1]) / 2;
    double lower = block.height() - block.axis();
    double axis = Math.min(Math.max(middle, MARGIN + block.axis()), MARGIN + band - lower);
    double y = axis - block.axis();
    List<Item> items = new ArrayList<>(block.items());
    String ink = sheet.palette().ink();
    Box toggle = null;
    if (!toTheRight.isEmpty()) {
      Path brace = right.brace(rootX + block.width(), block.width(), 0, axis, ends);
      items.add(0, new Line(brace.moved(-rootX, -y), ink, ROOT_STROKE, List.of()));
      toggle = right.toggle(rootX + block.width(), block.width(), 0, axis).moved(-rootX, -y);
    }
    if (!toTheLeft.isEmpty()) {
      Path brace = left.brace(rootX, block.width(), 0, axis, others);
      items.add(0, new Line(brace.moved(-rootX, -y), ink, ROOT_STROKE, List.of()));
    }
    if (sheet.closed(root)) {
      toggle = right.closedToggle(block.width(), block.axis());
      items.add(new Line(right.stub(block.width(), block.axis()), ink, ROOT_STROKE, List.of()));
    }
    placed.set(
        0,
        new Placed(
            root.id(),
            0,
            sheet.branch(root),
            rootX,
            y,
            block.width(),
            block.height(),
            items,
            toggle,
            sheet.closed(root),
            false,
            Near.NONE,
            null));
    List<Placed> all = Loose.laid(sheet, placed, MARGIN);
    List<Placed> topics = inOrder(sheet, Neighbours.found(sheet, all));
    Crossings.Drawn drawn = Crossings.drawn(sheet, topics);
    Box bent = drawn.bent();
    if (bent != null && (bent.x() < MARGIN || bent.y() < MARGIN)) {
      double dx = Math.max(0, MARGIN - bent.x());
      double dy = Math.max(0, MARGIN - bent.y());
      List<Placed> moved = topics.stream().map(t -> t.at(t.x() + dx, t.y() + dy)).toList();
      drawn = Crossings.drawn(sheet, moved);
    }
    return scene(drawn, MARGIN + band);
  }

  private static Scene scene(Crossings.Drawn drawn, double lowest) {
    double end = 0;
    double low = lowest;
    for (Placed topic : drawn.topics()) {
      end = Math.max(end, topic.x() + topic.width());
      low = Math.max(low, topic.y() + topic.height());
    }
    if (drawn.bent() != null) {
      end = Math.max(end, drawn.bent().right());
      low = Math.max(low, drawn.bent().bottom());
    }
    return new Scene(
        Math.ceil(end + MARGIN), Math.ceil(low + MARGIN), drawn.topics(), drawn.links(), ZONES);
  }

  /**
   * In the order of the map, then those that are shown again: an order that anybody can restore.
   */
  private static List<Placed> inOrder(Sheet sheet, List<Placed> placed) {
    if (sheet.loose().isEmpty() && sheet.map().also().isEmpty()) {
      return placed;
    }
    Map<UUID, Placed> byId = new HashMap<>(2 * placed.size());
    placed.forEach(each -> byId.put(each.id(), each));
    List<Placed> ordered = new ArrayList<>();
    sheet.map().preorder().forEach(topic -> ordered.add(byId.get(topic.id())));
    sheet.map().also().forEach(also -> ordered.add(byId.get(also.id())));
    ordered.removeIf(Objects::isNull);
    return ordered;
  }
}
