package org.pergamena.core.distil;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Bag;

/**
 * Takes away topics that no name worth reading is found for: the text of such a leaf goes to the
 * leaf beside it that it has more words in common with, or stays with the topic above. Main
 * branches and what has a heading stay as they are.
 */
final class LeafJoiner {
  private final double least;
  private final ToDoubleFunction<Group> rating;

  /**
   * A joiner.
   *
   * @param least what the best name of a topic is to be rated at least, from 1 to 5
   * @param rating of the best name that a group could have
   */
  LeafJoiner(double least, ToDoubleFunction<Group> rating) {
    this.least = least;
    this.rating = rating;
  }

  /** The same tree of groups without leaves that cannot be named. */
  Group joined(Group root) {
    List<Group> branches = root.children().stream().map(this::below).toList();
    return new Group(root.heading(), root.own(), branches, root.aside());
  }

  private Group below(Group group) {
    if (group.aside() || group.children().isEmpty()) {
      return group;
    }
    List<Group> children = new ArrayList<>();
    group.children().forEach(child -> children.add(below(child)));
    List<Part> own = new ArrayList<>(group.own());
    int at = nextPoor(children);
    while (at >= 0) {
      int with = partner(children, at);
      if (with < 0) {
        own.addAll(children.remove(at).own());
      } else {
        Group first = children.get(Math.min(at, with));
        Group second = children.remove(Math.max(at, with));
        List<Part> both = new ArrayList<>(first.own());
        both.addAll(second.own());
        children.set(Math.min(at, with), new Group(null, both, List.of()));
      }
      at = nextPoor(children);
    }
    if (children.size() == 1 && free(children.get(0))) {
      own.addAll(children.remove(0).own());
    }
    return new Group(group.heading(), own, children, false);
  }

  /** Index of the leaf whose best name is rated lowest, if it is too low; else -1. */
  private int nextPoor(List<Group> children) {
    int poorest = -1;
    double lowest = least;
    for (int i = 0; i < children.size(); i++) {
      double rated = free(children.get(i)) ? rating.applyAsDouble(children.get(i)) : least;
      if (rated < lowest) {
        poorest = i;
        lowest = rated;
      }
    }
    return poorest;
  }

  /** Whether a group is a leaf that has to be named. */
  private static boolean free(Group group) {
    return group.heading() == null && !group.aside() && group.children().isEmpty();
  }

  /** The leaf right before or after another that has more words in common with it; -1 if none. */
  private static int partner(List<Group> children, int at) {
    boolean before = at > 0 && free(children.get(at - 1));
    boolean after = at + 1 < children.size() && free(children.get(at + 1));
    if (before && after) {
      Bag own = children.get(at).bag().normalised(stem -> 1);
      double near = own.dot(children.get(at - 1).bag().normalised(stem -> 1));
      double next = own.dot(children.get(at + 1).bag().normalised(stem -> 1));
      return near >= next ? at - 1 : at + 1;
    }
    return before ? at - 1 : after ? at + 1 : -1;
  }
}
