package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/**
 * A topic as it is drawn. Its items lie relative to its left upper corner, so that it is the same
 * wherever it stands.
 *
 * @param level 0 for the root
 * @param branch its main branch's place among the colours, below 0 as {@link
 *     org.pergamena.core.map.Numbering} has it
 * @param x of its left upper corner, in scene pixels
 * @param width of all that belongs to the topic itself; no two overlap
 * @param toggle where a pointer opens or closes the branch, relative; null without children
 * @param closed whether there are children that are not shown
 * @param flow where its children stand
 * @param near what the arrow keys lead to
 * @param again the topic that is shown again here, or null if it stands here itself
 */
public record Placed(
    UUID id,
    int level,
    int branch,
    double x,
    double y,
    double width,
    double height,
    List<Item> items,
    Box toggle,
    boolean closed,
    Flow flow,
    Near near,
    UUID again) {

  /**
   * The topics that the arrow keys lead to, each null if there is none; what a key leads to lies
   * that way.
   */
  public record Near(UUID left, UUID right, UUID up, UUID down) {
    static final Near NONE = new Near(null, null, null, null);
  }

  /** Around all that belongs to the topic itself. */
  public Box box() {
    return new Box(x, y, width, height);
  }

  /** Around all that is drawn of it, its lines to its children too, relative as its items are. */
  public Box reach() {
    Box all = new Box(0, 0, width, height);
    for (Item item : items) {
      if (item instanceof Item.Line line) {
        all = all.with(line.path().box());
      }
    }
    return all;
  }

  /** The same, standing elsewhere. */
  public Placed at(double newX, double newY) {
    return new Placed(
        id, level, branch, newX, newY, width, height, items, toggle, closed, flow, near, again);
  }

  /** The same with a line drawn below all else of it. */
  Placed under(Item line) {
    return drawn(List.of(line), items);
  }

  /** The same with more drawn of it, which takes up no room. */
  Placed with(List<Item> more) {
    return drawn(items, more);
  }

  /** The same with where a pointer opens or closes its branch. */
  Placed opened(Box newToggle) {
    return new Placed(
        id, level, branch, x, y, width, height, items, newToggle, closed, flow, near, again);
  }

  private Placed drawn(List<Item> below, List<Item> above) {
    List<Item> all = new ArrayList<>(below);
    all.addAll(above);
    return new Placed(
        id, level, branch, x, y, width, height, all, toggle, closed, flow, near, again);
  }

  Placed with(Near newNear) {
    return new Placed(
        id, level, branch, x, y, width, height, items, toggle, closed, flow, newNear, again);
  }
}
