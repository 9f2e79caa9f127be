package org.pergamena.core.layout;

import java.util.List;

/**
 * A branch that is laid out, the left upper corner of all of it at the origin.
 *
 * @param axis the height at which a line from the side meets its first topic
 * @param placed every parent before its children, the topic that it begins with first
 */
record Group(double width, double height, double axis, List<Placed> placed) {
  Placed first() {
    return placed.get(0);
  }

  /** Where a line from above or below meets its first topic. */
  double middle() {
    return first().box().middleX();
  }
}
