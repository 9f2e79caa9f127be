package org.pergamena.core.layout;

import org.pergamena.core.map.Topic;

/**
 * What a region places as one: a topic, or a branch that is laid out in a way of its own.
 *
 * @param axis the height at which a line from the side meets it, from its upper edge
 * @param middle where a line from above or below meets it, from its left edge
 * @param group the branch, null for a topic
 */
record Cell(Topic topic, double width, double height, double axis, double middle, Group group) {
  static Cell of(Topic topic, TopicBlock block) {
    return new Cell(topic, block.width(), block.height(), block.axis(), block.width() / 2, null);
  }

  static Cell of(Topic topic, Group group) {
    return new Cell(topic, group.width(), group.height(), group.axis(), group.middle(), group);
  }
}
