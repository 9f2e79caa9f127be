package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.pergamena.core.layout.Scene.Mark;
import org.pergamena.core.layout.Scene.PlacedText;
import org.pergamena.core.layout.Scene.PlacedTopic;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/**
 * Lays a map out with braces, the root at the left and each level in a column of its own, as
 * scholars drew the divisions of a subject.
 *
 * <p>Every branch has a band of the page to itself, as high as what is shown of it, so that no two
 * topics can meet whatever their sizes.
 */
public final class BraceLayout {
  private static final double MARGIN = 24;
  private static final double STEM = 10;
  private static final double STEM_LEAST = 22;
  private static final double BRACE = 14;
  private static final double BRACE_GAP = 6;
  private static final double TOGGLE = 24;

  private final TextMeasurer measurer;

  public BraceLayout(TextMeasurer measurer) {
    this.measurer = measurer;
  }

  /**
   * The scene of a map.
   *
   * @param closed topics whose branches are not shown
   * @param looks what is drawn of each topic beside its label
   */
  public Scene lay(TopicMap map, Set<UUID> closed, Function<Topic, TopicLook> looks) {
    return new Run(map, closed, looks).scene();
  }

  private final class Run {
    private final TopicMap map;
    private final Set<UUID> closed;
    private final Map<UUID, TopicBlock> blocks = new HashMap<>();
    private final Map<UUID, Double> bands = new HashMap<>();
    private final Map<UUID, Integer> levels = new HashMap<>();
    private final Map<UUID, Integer> branches;
    private final List<Topic> shown = new ArrayList<>();
    private final List<Double> columns = new ArrayList<>();
    private final List<PlacedTopic> placed = new ArrayList<>();

    Run(TopicMap map, Set<UUID> closed, Function<Topic, TopicLook> looks) {
      this.map = map;
      this.closed = closed;
      this.branches = Numbering.branches(map);
      show(map.root(), 0);
      setBlocks(looks);
      setColumns();
      for (int i = shown.size() - 1; i >= 0; i--) {
        Topic topic = shown.get(i);
        double below = openChildren(topic).stream().mapToDouble(c -> bands.get(c.id())).sum();
        double own = blocks.get(topic.id()).height() + gap(levels.get(topic.id()));
        bands.put(topic.id(), Math.max(own, below + breath(topic)));
      }
    }

    private void show(Topic topic, int level) {
      shown.add(topic);
      levels.put(topic.id(), level);
      for (Topic child : openChildren(topic)) {
        show(child, level + 1);
      }
    }

    private List<Topic> openChildren(Topic topic) {
      return closed.contains(topic.id()) ? List.of() : map.children(topic);
    }

    private void setBlocks(Function<Topic, TopicLook> looks) {
      Map<UUID, TopicLook> look = new HashMap<>();
      Map<Integer, Double> numberWidths = new HashMap<>();
      for (Topic topic : shown) {
        int level = levels.get(topic.id());
        TopicLook own = looks.apply(topic);
        look.put(topic.id(), own);
        double width = measurer.width(own.number(), TopicBlock.numberStyle(level));
        numberWidths.merge(level, width, Math::max);
      }
      for (Topic topic : shown) {
        int level = levels.get(topic.id());
        int hidden = isClosed(topic) ? map.preorder(topic).size() - 1 : 0;
        blocks.put(
            topic.id(),
            TopicBlock.set(
                topic.label(),
                look.get(topic.id()),
                level,
                numberWidths.get(level),
                hidden,
                measurer));
      }
    }

    private boolean isClosed(Topic topic) {
      return closed.contains(topic.id()) && !topic.children().isEmpty();
    }

    /** Each level begins right of the widest topic of the level before that has children. */
    private void setColumns() {
      columns.add(MARGIN);
      Map<Integer, Double> widest = new HashMap<>();
      for (Topic topic : shown) {
        if (!openChildren(topic).isEmpty()) {
          widest.merge(levels.get(topic.id()), blocks.get(topic.id()).width(), Math::max);
        }
      }
      for (int level = 0; widest.containsKey(level); level++) {
        columns.add(columns.get(level) + widest.get(level) + STEM + STEM_LEAST + BRACE + BRACE_GAP);
      }
    }

    /** Room between neighbours of a level. */
    private double gap(int level) {
      return level <= 1 ? 10 : 2;
    }

    /** Room around a branch, so that branches part visibly. */
    private double breath(Topic topic) {
      if (openChildren(topic).isEmpty()) {
        return 0;
      }
      return levels.get(topic.id()) == 1 ? 14 : levels.get(topic.id()) == 2 ? 6 : 0;
    }

    Scene scene() {
      place(map.root(), MARGIN);
      double right = 0;
      for (PlacedTopic topic : placed) {
        right = Math.max(right, topic.box().right());
      }
      double height = bands.get(map.root().id()) + 2 * MARGIN;
      return new Scene(Math.ceil(right + MARGIN), Math.ceil(height), List.copyOf(placed));
    }

    /** Places a branch in the band that begins at {@code top}; gives the height of its axis. */
    private double place(Topic topic, double top) {
      int at = placed.size();
      placed.add(null);
      TopicBlock block = blocks.get(topic.id());
      double band = bands.get(topic.id());
      List<Topic> children = openChildren(topic);
      double below = children.stream().mapToDouble(c -> bands.get(c.id())).sum();
      double y = top + (band - below) / 2;
      double first = 0;
      double last = 0;
      for (int i = 0; i < children.size(); i++) {
        last = place(children.get(i), y);
        first = i == 0 ? last : first;
        y += bands.get(children.get(i).id());
      }
      double middle = children.isEmpty() ? top + band / 2 : (first + last) / 2;
      double half = block.height() / 2;
      double axis = Math.min(Math.max(middle, top + half), top + band - half);
      placed.set(at, placed(topic, block, axis, first, last));
      return axis;
    }

    private PlacedTopic placed(
        Topic topic, TopicBlock block, double axis, double first, double last) {
      int level = levels.get(topic.id());
      double x = columns.get(level);
      double y = axis - block.axis();
      List<PlacedText> texts =
          block.texts().stream()
              .map(t -> new PlacedText(t.role(), t.text(), t.x() + x, t.y() + y, t.style()))
              .toList();
      List<Mark> marks =
          block.marks().stream().map(m -> new Mark(m.box().moved(x, y), m.ink())).toList();
      Box box = new Box(x, y, block.width(), block.height());
      boolean open = !openChildren(topic).isEmpty();
      double spine = open ? columns.get(level + 1) - BRACE_GAP - BRACE / 2 : 0;
      Path brace = open ? brace(box.right() + STEM / 2, axis, spine, first, last) : null;
      Box toggle = null;
      if (open) {
        toggle = new Box(spine - TOGGLE / 2, axis - TOGGLE / 2, TOGGLE, TOGGLE);
      } else if (isClosed(topic)) {
        toggle = new Box(box.right(), axis - TOGGLE / 2, TOGGLE, TOGGLE);
        brace = stub(box.right() + 3, axis);
      }
      return new PlacedTopic(
          topic.id(),
          level,
          branches.get(topic.id()),
          box,
          texts,
          marks,
          brace,
          toggle,
          isClosed(topic));
    }
  }

  /** A stem from the topic to the cusp, and the brace from its first child to its last. */
  private static Path brace(double from, double axis, double spine, double first, double last) {
    Path.Pen pen = new Path.Pen().move(from, axis);
    double half = BRACE / 2;
    if (last - first < 1) {
      return pen.line(spine + half, first).path();
    }
    pen.line(spine - half, axis);
    arm(pen, axis, spine, half, first);
    pen.move(spine - half, axis);
    arm(pen, axis, spine, half, last);
    return pen.path();
  }

  private static void arm(Path.Pen pen, double axis, double spine, double half, double end) {
    double way = end - axis;
    double bend = Math.copySign(Math.min(half, Math.abs(way) / 2), way);
    pen.curve(spine, axis, spine, axis + bend);
    pen.line(spine, end - bend);
    pen.curve(spine, end, spine + half, end);
  }

  /** The short brace after a closed topic. */
  private static Path stub(double from, double axis) {
    double half = BRACE / 2;
    Path.Pen pen = new Path.Pen();
    for (double end : new double[] {axis - 9, axis + 9}) {
      pen.move(from, axis);
      arm(pen, axis, from + half, half, end);
    }
    return pen.path();
  }
}
