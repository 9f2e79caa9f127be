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
import org.pergamena.core.map.Also;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/** The open part of a map, each topic set in type, ready to be placed. */
public final class Sheet {
  /** A topic that is shown, with its place and its type. */
  private static final class Cell {
    private final int level;
    private final int branch;
    private final List<Topic> children;
    private final Arrangement arrangement;
    private TopicBlock block;
    private Style style;

    Cell(int level, int branch, List<Topic> children, Arrangement arrangement) {
      this.level = level;
      this.branch = branch;
      this.children = children;
      this.arrangement = arrangement;
    }
  }

  private static final double IN_ROWS = 0.7;
  private static final double ON_RINGS = 0.65;

  private final TopicMap map;
  private final Topic first;
  private final Set<UUID> closed;
  private final Typesetter typesetter;
  private final Map<UUID, Cell> cells;
  private final List<Topic> shown = new ArrayList<>();
  private final List<Topic> apart = new ArrayList<>();

  /** The topics that are shown again, by the identity of their being so. */
  private final Map<UUID, Topic> again = new HashMap<>();

  /**
   * Sets a map in type.
   *
   * @param focus the branch that is shown as if it were the whole, null for the whole
   * @param closed topics whose branches are not shown
   * @param looks what is drawn of each topic beside its label
   */
  public Sheet(
      TopicMap map,
      UUID focus,
      Set<UUID> closed,
      Function<Topic, TopicLook> looks,
      Typesetter typesetter) {
    this.map = map;
    this.first = focus == null || !map.has(focus) ? map.root() : map.topic(focus);
    this.closed = closed;
    this.typesetter = typesetter;
    this.cells = new HashMap<>(2 * map.size());
    show();
    set(looks);
  }

  private void show() {
    Map<UUID, Integer> branches = Numbering.branches(map);
    Map<UUID, List<Topic>> guests = new HashMap<>();
    for (Also also : map.also()) {
      Topic guest =
          new Topic(also.id(), also.parent(), List.of(), map.topic(also.topic()).content());
      again.put(guest.id(), map.topic(also.topic()));
      guests.computeIfAbsent(also.parent(), id -> new ArrayList<>()).add(guest);
    }
    Deque<Topic> open = new ArrayDeque<>(List.of(first));
    while (!open.isEmpty()) {
      Topic topic = open.pop();
      shown.add(topic);
      if (apart(topic)) {
        apart.add(topic);
      }
      List<Topic> children = new ArrayList<>();
      List<Topic> aside = new ArrayList<>();
      if (!closed(topic) && !again.containsKey(topic.id())) {
        map.children(topic).forEach(child -> (apart(child) ? aside : children).add(child));
        children.addAll(guests.getOrDefault(topic.id(), List.of()));
      }
      int level = begins(topic) ? 0 : cell(topic.parent()).level + 1;
      UUID own = again.containsKey(topic.id()) ? again.get(topic.id()).id() : topic.id();
      cells.put(topic.id(), new Cell(level, branches.get(own), children, arranged(topic)));
      for (int i = aside.size() - 1; i >= 0; i--) {
        open.push(aside.get(i));
      }
      for (int i = children.size() - 1; i >= 0; i--) {
        open.push(children.get(i));
      }
    }
  }

  private Arrangement arranged(Topic topic) {
    if (begins(topic)) {
      return given(topic);
    }
    Arrangement around = cell(topic.parent()).arrangement;
    return again.containsKey(topic.id())
        ? around
        : topic.content().look().arrangement().within(around);
  }

  /** What holds for a topic by all that is given above it, shown or not. */
  private Arrangement given(Topic topic) {
    return topic.parent() == null
        ? map.look().arrangement()
        : topic.content().look().arrangement().within(given(map.topic(topic.parent())));
  }

  private void set(Function<Topic, TopicLook> looks) {
    List<TopicLook> look = new ArrayList<>(shown.size());
    Map<Integer, Double> numberWidths = new HashMap<>();
    for (Topic topic : shown) {
      Topic guest = again.get(topic.id());
      TopicLook own = guest == null ? looks.apply(topic) : looks.apply(guest).asGuest();
      look.add(own);
      int level = level(topic);
      double width = typesetter.width(own.number(), TopicBlock.numberStyle(level));
      numberWidths.merge(level, width, Math::max);
    }
    for (int i = 0; i < look.size(); i++) {
      Topic topic = shown.get(i);
      Cell cell = cell(topic.id());
      int hidden = closed(topic) ? map.preorder(topic).size() - 1 : 0;
      TopicBlock.Setting setting =
          new TopicBlock.Setting(
              cell.level,
              numberWidths.get(cell.level),
              hidden,
              cell.branch,
              again.containsKey(topic.id()),
              widening(cell.arrangement));
      cell.style = look.get(i).style();
      cell.block = typesetter.set(topic.content(), look.get(i), setting);
    }
  }

  /** How many times as wide as usual labels grow: in rows they are less wide. */
  private static double widening(Arrangement arrangement) {
    LayoutKind kind = arrangement.layout();
    boolean rows = kind == LayoutKind.DOWNWARD || kind == LayoutKind.UPWARD;
    double usual = rows ? IN_ROWS : kind == LayoutKind.RADIAL ? ON_RINGS : 1;
    return arrangement.labels() == null ? usual : usual * arrangement.labels().factor();
  }

  private Cell cell(UUID topic) {
    return cells.get(topic);
  }

  TopicMap map() {
    return map;
  }

  /** The topic with which what is shown begins: the root, or the branch in focus. */
  Topic first() {
    return first;
  }

  private boolean begins(Topic topic) {
    return topic.id().equals(first.id());
  }

  Backdrop backdrop() {
    return Backdrop.of(map.look().paper(), typesetter);
  }

  Palette palette() {
    return typesetter.palette();
  }

  /** Width of a line in scene pixels. */
  double width(String text, TextStyle style) {
    return typesetter.width(text, style);
  }

  /** Whether a person put a topic elsewhere than it would be laid out. */
  boolean apart(Topic topic) {
    return !begins(topic)
        && !again.containsKey(topic.id())
        && (map.loose(topic) || topic.content().look().off() != null);
  }

  /** The topics that a person put elsewhere, every one after what it stands off. */
  List<Topic> apart() {
    return apart;
  }

  /** The topic that is shown again there, or null if it stands there itself. */
  UUID again(Topic topic) {
    Topic guest = again.get(topic.id());
    return guest == null ? null : guest.id();
  }

  /** All topics that are shown, every parent before its children. */
  List<Topic> shown() {
    return shown;
  }

  /** The children that are shown. */
  List<Topic> children(Topic topic) {
    return cell(topic.id()).children;
  }

  /** How a topic and what is below it is laid out, with what is given around it. */
  Arrangement arrangement(Topic topic) {
    return cell(topic.id()).arrangement;
  }

  /** Whether what is shown of a topic's branch is laid out in a way of its own. */
  boolean foreign(Topic topic) {
    return !begins(topic)
        && !again.containsKey(topic.id())
        && !children(topic).isEmpty()
        && topic.content().look().arrangement().layout() != null;
  }

  boolean closed(Topic topic) {
    boolean alone = begins(topic) && topic.parent() != null;
    return closed.contains(topic.id()) && !topic.children().isEmpty() && !alone;
  }

  int level(Topic topic) {
    return cell(topic.id()).level;
  }

  int branch(Topic topic) {
    return cell(topic.id()).branch;
  }

  /** How it looks by hand and by rule. */
  Style style(Topic topic) {
    return cell(topic.id()).style;
  }

  TopicBlock block(Topic topic) {
    return cell(topic.id()).block;
  }
}
