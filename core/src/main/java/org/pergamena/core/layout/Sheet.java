package org.pergamena.core.layout;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/** The open part of a map, each topic set in type, ready to be placed. */
public final class Sheet {
  private final TopicMap map;
  private final Set<UUID> closed;
  private final Palette palette;
  private final TextMeasurer measurer;
  private final Map<UUID, Integer> branches;
  private final Map<UUID, Integer> levels = new HashMap<>();
  private final Map<UUID, TopicBlock> blocks = new HashMap<>();
  private final Map<UUID, List<Topic>> below = new HashMap<>();
  private final List<Topic> shown = new ArrayList<>();

  /**
   * Sets a map in type.
   *
   * @param closed topics whose branches are not shown
   * @param looks what is drawn of each topic beside its label
   */
  public Sheet(
      TopicMap map,
      Set<UUID> closed,
      Function<Topic, TopicLook> looks,
      Palette palette,
      TextMeasurer measurer) {
    this.map = map;
    this.closed = closed;
    this.palette = palette;
    this.measurer = measurer;
    this.branches = Numbering.branches(map);
    show();
    set(looks);
  }

  private void show() {
    Deque<Topic> open = new ArrayDeque<>(List.of(map.root()));
    levels.put(map.root().id(), 0);
    while (!open.isEmpty()) {
      Topic topic = open.pop();
      shown.add(topic);
      List<Topic> children = children(topic);
      for (int i = children.size() - 1; i >= 0; i--) {
        levels.put(children.get(i).id(), levels.get(topic.id()) + 1);
        open.push(children.get(i));
      }
    }
  }

  private void set(Function<Topic, TopicLook> looks) {
    Map<UUID, TopicLook> look = new HashMap<>();
    Map<Integer, Double> numberWidths = new HashMap<>();
    for (Topic topic : shown) {
      TopicLook own = looks.apply(topic);
      look.put(topic.id(), own);
      int level = level(topic);
      double width = measurer.width(own.number(), TopicBlock.numberStyle(level));
      numberWidths.merge(level, width, Math::max);
    }
    for (Topic topic : shown) {
      int hidden = closed(topic) ? map.preorder(topic).size() - 1 : 0;
      TopicBlock.Setting setting =
          new TopicBlock.Setting(
              level(topic), numberWidths.get(level(topic)), hidden, branch(topic), palette);
      blocks.put(
          topic.id(), TopicBlock.set(topic.content(), look.get(topic.id()), setting, measurer));
    }
  }

  TopicMap map() {
    return map;
  }

  Palette palette() {
    return palette;
  }

  TextMeasurer measurer() {
    return measurer;
  }

  /** All topics that are shown, every parent before its children. */
  List<Topic> shown() {
    return shown;
  }

  /** The children that are shown. */
  List<Topic> children(Topic topic) {
    return below.computeIfAbsent(
        topic.id(), id -> closed.contains(id) ? List.of() : map.children(topic));
  }

  boolean closed(Topic topic) {
    return closed.contains(topic.id()) && !topic.children().isEmpty();
  }

  int level(Topic topic) {
    return levels.get(topic.id());
  }

  int branch(Topic topic) {
    return branches.get(topic.id());
  }

  TopicBlock block(Topic topic) {
    return blocks.get(topic.id());
  }
}
