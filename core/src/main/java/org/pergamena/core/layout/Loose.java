package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.Topic;

/**
 * Lays topics that lie loose beside a tree that stands: each where it was put, with what is below
 * it, moved down as far as it takes to cover nothing.
 */
final class Loose {
  private static final double APART = 12;

  private Loose() {}

  /** Adds them to what is placed, the root first; everything moves so that nothing is cut off. */
  static List<Placed> laid(Regions regions, List<Placed> tree, double margin) {
    Sheet sheet = regions.sheet();
    if (sheet.loose().isEmpty()) {
      return tree;
    }
    Placed root = tree.get(0);
    List<Placed> all = new ArrayList<>(tree);
    for (Topic topic : sheet.loose()) {
      Look.Spot spot = topic.content().look().spot();
      List<Placed> branch = regions.lay(topic, Flow.RIGHT).placed();
      Placed first = branch.get(0);
      double dx = root.x() + spot.x() - first.x();
      double dy = root.y() + spot.y() - first.y();
      List<Placed> moved = moved(branch, dx, dy);
      for (double down = down(moved, all); down > 0; down = down(moved, all)) {
        moved = moved(moved, 0, down);
      }
      all.addAll(moved);
    }
    double left = all.stream().mapToDouble(p -> p.x() + p.reach().x()).min().orElse(margin);
    double top = all.stream().mapToDouble(p -> p.y() + p.reach().y()).min().orElse(margin);
    return moved(all, Math.max(0, margin - left), Math.max(0, margin - top));
  }

  /**
   * How far a branch must go down to be clear of the lowest that it covers; 0 if it covers none.
   */
  private static double down(List<Placed> branch, List<Placed> others) {
    Box own = around(branch);
    double down = 0;
    for (Placed other : others) {
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
