package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.layout.Placed.Near;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.Topic;

/**
 * Finds what the arrow keys lead to: inward the parent, outward a child, across the next of the
 * same level. Whatever a key leads to lies that way.
 */
final class Neighbours {
  private enum Way {
    LEFT,
    RIGHT,
    UP,
    DOWN
  }

  /** Topics among which one goes on across: of one region, level and side, or of one list. */
  private record Row(UUID region, int level, Flow flow, boolean left) {}

  private final Sheet sheet;
  private final List<Placed> placed;
  private final Map<UUID, Placed> byId;
  private final Map<UUID, UUID[]> slots;

  Neighbours(Sheet sheet, List<Placed> placed) {
    this.sheet = sheet;
    this.placed = placed;
    this.byId = new HashMap<>(2 * placed.size());
    this.slots = new HashMap<>(2 * placed.size());
    for (Placed topic : placed) {
      byId.put(topic.id(), topic);
      slots.put(topic.id(), new UUID[Way.values().length]);
    }
  }

  List<Placed> found() {
    placed.stream().filter(topic -> topic.again() == null).forEach(this::ordered);
    for (Placed topic : placed) {
      Placed parent = parent(topic);
      if (parent != null) {
        inward(topic, parent);
      }
      enter(topic);
    }
    rows().values().forEach(this::across);
    placed.forEach(this::outward);
    placed.stream().filter(this::apart).forEach(topic -> lead(parent(topic), topic));
    placed.stream().filter(this::apart).forEach(this::astray);
    List<Placed> all = new ArrayList<>();
    for (Placed topic : placed) {
      UUID[] own = slots.get(topic.id());
      all.add(
          topic.with(
              new Near(
                  own[Way.LEFT.ordinal()],
                  own[Way.RIGHT.ordinal()],
                  own[Way.UP.ordinal()],
                  own[Way.DOWN.ordinal()])));
    }
    return all;
  }

  private Placed parent(Placed topic) {
    UUID parent =
        topic.again() == null
            ? sheet.map().topic(topic.id()).parent()
            : sheet.map().also(topic.id()).parent();
    return parent == null ? null : byId.get(parent);
  }

  private void inward(Placed topic, Placed parent) {
    Flow flow = apart(topic) ? Flow.RIGHT : parent.flow();
    switch (flow) {
      case DOWN -> set(topic, Way.UP, parent);
      case UP -> set(topic, Way.DOWN, parent);
      case LIST -> set(topic, Way.LEFT, parent);
      default -> lead(topic, parent);
    }
  }

  /** Along a line of time, and beside each other, keys lead as things lie there. */
  private void ordered(Placed topic) {
    Topic parent = sheet.map().topic(topic.id());
    List<Placed> children = children(topic);
    LayoutKind kind = kind(parent);
    if (children.isEmpty() || kind == null) {
      return;
    }
    if (kind == LayoutKind.BY_TIME) {
      Placed before = topic;
      for (Placed next : alongX(children)) {
        set(before, Way.RIGHT, next);
        set(next, Way.LEFT, before);
        before = next;
      }
      return;
    }
    Placed left = children.get(0);
    Placed right = children.get(children.size() - 1);
    List<Placed> shared = children.subList(1, children.size() - 1);
    Placed above = topic;
    for (Placed next : shared) {
      set(above, Way.DOWN, next);
      set(next, Way.UP, above);
      set(next, Way.LEFT, left);
      set(next, Way.RIGHT, right);
      above = next;
    }
    set(topic, Way.DOWN, left);
    set(topic, Way.LEFT, left);
    set(topic, Way.RIGHT, right);
    for (Placed side : List.of(left, right)) {
      set(side, Way.UP, topic);
      set(side, side == left ? Way.RIGHT : Way.LEFT, shared.isEmpty() ? topic : shared.get(0));
    }
  }

  private static List<Placed> alongX(List<Placed> topics) {
    return topics.stream().sorted(Comparator.comparingDouble(Placed::x)).toList();
  }

  /** The layout of those below a topic, if it has an order of its own for keys; else null. */
  private LayoutKind kind(Topic topic) {
    boolean begins = topic == sheet.first() || begins(byId.get(topic.id()));
    LayoutKind kind = begins ? sheet.arrangement(topic).layout() : null;
    boolean two = sheet.children(topic).size() > 1;
    return kind == LayoutKind.BY_TIME || kind == LayoutKind.SIDE_BY_SIDE && two ? kind : null;
  }

  private boolean apart(Placed topic) {
    return topic.again() == null && sheet.apart(sheet.map().topic(topic.id()));
  }

  /** Whether a topic begins a region: keys across do not lead out of it. */
  private boolean begins(Placed topic) {
    return sheet.foreign(sheet.map().topic(topic.id())) || apart(topic);
  }

  /** A key leads from one topic to another, if none does yet. */
  private void lead(Placed from, Placed to) {
    Way way = way(from.box(), to.box());
    if (way != null) {
      set(from, way, to);
    }
  }

  private static Way way(Box from, Box to) {
    if (to.x() >= from.right()) {
      return Way.RIGHT;
    } else if (to.right() <= from.x()) {
      return Way.LEFT;
    } else if (to.y() >= from.bottom()) {
      return Way.DOWN;
    }
    return to.bottom() <= from.y() ? Way.UP : null;
  }

  private Topic topicOf(Placed placed) {
    return sheet.map().topic(placed.id());
  }

  private List<Placed> children(Placed topic) {
    return topic.again() != null
        ? List.of()
        : sheet.children(sheet.map().topic(topic.id())).stream()
            .map(child -> byId.get(child.id()))
            .toList();
  }

  /** Where no key to the side leads into a list, the one down does, whatever else is below. */
  private void enter(Placed topic) {
    List<Placed> children = children(topic);
    if (topic.flow() == Flow.LIST
        && !children.isEmpty()
        && !lies(topic.box(), Way.RIGHT, children.get(0).box())) {
      set(topic, Way.DOWN, children.get(0));
    }
  }

  /** The first child on each side, or the one in the middle of a row; in a list, the first. */
  private void outward(Placed topic) {
    List<Placed> children = children(topic);
    if (children.isEmpty()) {
      return;
    }
    Placed first = children.get(0);
    switch (topic.flow()) {
      case DOWN -> set(topic, Way.DOWN, children.get(children.size() / 2));
      case UP -> set(topic, Way.UP, children.get(children.size() / 2));
      case LIST -> {
        set(topic, Way.DOWN, first);
        set(topic, Way.UP, children.get(children.size() - 1));
        set(topic, Way.RIGHT, first);
      }
      default -> children.forEach(child -> lead(topic, child));
    }
  }

  private Map<Row, List<Placed>> rows() {
    Map<Row, List<Placed>> rows = new HashMap<>();
    for (Placed topic : placed) {
      Placed parent = parent(topic);
      if (parent != null && !apart(topic) && kind(topicOf(parent)) == null) {
        rows.computeIfAbsent(row(topic, parent), key -> new ArrayList<>()).add(topic);
      }
    }
    return rows;
  }

  private Row row(Placed topic, Placed parent) {
    Flow flow = parent.flow();
    if (flow == Flow.LIST) {
      return new Row(listOf(parent), 0, flow, false);
    }
    boolean left = topic.box().middleX() < parent.box().middleX();
    boolean columns = flow == Flow.RIGHT || flow == Flow.LEFT;
    return new Row(regionOf(parent), topic.level(), columns ? Flow.RIGHT : flow, columns && left);
  }

  /** What stands apart is led to and from by whatever is nearest above and below. */
  private void astray(Placed topic) {
    for (Way way : List.of(Way.UP, Way.DOWN)) {
      placed.stream()
          .filter(other -> other != topic && way(topic.box(), other.box()) == way)
          .min(Comparator.comparingDouble(other -> distance(topic.box(), other.box())))
          .ifPresent(other -> set(topic, way, other));
    }
  }

  private static double distance(Box one, Box other) {
    return Math.hypot(one.middleX() - other.middleX(), one.middleY() - other.middleY());
  }

  /** The first topic of the region that places the children of a topic. */
  private UUID regionOf(Placed topic) {
    Placed at = topic;
    while (true) {
      Placed above = parent(at);
      if (above == null || begins(at)) {
        return at.id();
      }
      at = above;
    }
  }

  /** The topic with which a list begins that goes through another. */
  private UUID listOf(Placed topic) {
    Placed at = topic;
    while (true) {
      Placed above = parent(at);
      if (above == null || above.flow() != Flow.LIST || begins(at)) {
        return at.id();
      }
      at = above;
    }
  }

  private void across(List<Placed> row) {
    Flow flow = parent(row.get(0)).flow();
    boolean lying = flow == Flow.DOWN || flow == Flow.UP;
    List<Placed> sorted = new ArrayList<>(row);
    sorted.sort(
        lying
            ? Comparator.comparingDouble(Placed::x)
            : Comparator.comparingDouble((Placed p) -> p.box().middleY()));
    if (flow == Flow.LIST) {
      set(sorted.get(0), Way.UP, byId.get(listOf(parent(row.get(0)))));
    }
    for (int i = 1; i < sorted.size(); i++) {
      Placed one = sorted.get(i - 1);
      Placed other = sorted.get(i);
      Way on = lying ? Way.RIGHT : Way.DOWN;
      Way back = lying ? Way.LEFT : Way.UP;
      set(one, on, other);
      set(other, back, one);
    }
  }

  /** Has a key lead to a topic, if it leads nowhere yet and the topic lies that way. */
  private void set(Placed from, Way way, Placed to) {
    UUID[] own = slots.get(from.id());
    if (own[way.ordinal()] == null && lies(from.box(), way, to.box())) {
      own[way.ordinal()] = to.id();
    }
  }

  private static boolean lies(Box from, Way way, Box to) {
    return switch (way) {
      case LEFT -> to.x() < from.x();
      case RIGHT -> to.right() > from.right();
      case UP -> to.y() < from.y();
      case DOWN -> to.y() > from.y();
    };
  }
}
