package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Fan;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.Stroke;
import org.pergamena.core.map.Topic;

/**
 * The parts of a map that are laid out in one way each. A branch with a layout of its own is one
 * thing for the layout around it.
 */
final class Regions {
  private static final double STROKE = 1.3;
  private static final double ROOT_STROKE = 1.7;

  /** A branch that opens to one side has half a circle. */
  private static final int HALF = 180;

  private final Sheet sheet;
  private final Map<Seen, Cell> cells = new HashMap<>();

  /** A topic by where the topics around it stand: a branch is laid out away from them. */
  private record Seen(UUID topic, Flow from) {}

  Regions(Sheet sheet) {
    this.sheet = sheet;
  }

  Sheet sheet() {
    return sheet;
  }

  /** All that is shown, from its first topic on. */
  Group whole() {
    Topic root = sheet.first();
    List<Topic> mains = sheet.children(root);
    return switch (sheet.arrangement(root).layout()) {
      case BOTH_SIDES -> BraceRegion.bothSides(this, root, mains);
      case LEFTWARD -> BraceRegion.lay(this, root, List.of(), mains);
      case RADIAL -> new RadialRegion(this, root, fan(root)).lay();
      case DOWNWARD -> new RowRegion(this, root, false, null).lay();
      case UPWARD -> new RowRegion(this, root, true, null).lay();
      default -> lay(root, Flow.RIGHT);
    };
  }

  private Fan fan(Topic topic) {
    Fan fan = sheet.arrangement(topic).fan();
    return fan == null ? Fan.WHOLE : fan;
  }

  /**
   * A branch, in its own way as far as that leaves its first topic within reach.
   *
   * @param from where the topics around it stand
   */
  Group lay(Topic topic, Flow from) {
    LayoutKind kind = sheet.arrangement(topic).layout();
    boolean up = kind == LayoutKind.UPWARD && from != Flow.DOWN;
    return switch (kind) {
      case BRACES, BOTH_SIDES, LEFTWARD -> BraceRegion.away(this, topic, from);
      case DOWNWARD, UPWARD -> new RowRegion(this, topic, up || from == Flow.UP, from).lay();
      case RADIAL -> new RadialRegion(this, topic, towards(from, fan(topic))).lay();
      case INDENTED -> new ListRegion(this, topic, from == Flow.UP).lay();
      case BY_TIME -> new TimeRegion(this, topic).lay();
      case SIDE_BY_SIDE ->
          sheet.children(topic).size() < 2
              ? BraceRegion.away(this, topic, Flow.RIGHT)
              : new SideRegion(this, topic).lay();
    };
  }

  private static Fan towards(Flow from, Fan fan) {
    int spread = Math.min(HALF, fan.spread());
    int middle =
        switch (from) {
          case RIGHT, LIST -> 90;
          case DOWN -> 180;
          case LEFT -> 270;
          case UP -> 360;
        };
    return new Fan((middle - spread / 2 + 360) % 360, spread);
  }

  /** What a region that grows one way places for a topic of it. */
  Cell cell(Topic topic, Flow from) {
    Seen seen = new Seen(topic.id(), from);
    Cell cell = cells.get(seen);
    if (cell == null) {
      cell =
          sheet.foreign(topic)
              ? Cell.of(topic, lay(topic, from))
              : Cell.of(topic, sheet.block(topic));
      cells.put(seen, cell);
    }
    return cell;
  }

  /** The children that the region of a topic itself places. */
  List<Topic> children(Topic topic) {
    return sheet.foreign(topic) ? List.of() : sheet.children(topic);
  }

  /** The form of the lines below a topic. */
  LineForm form(Topic topic, LineForm usual) {
    LineForm given = sheet.style(topic).line().form();
    LineForm laid = sheet.arrangement(topic).lines();
    return given != null ? given : laid != null ? laid : usual;
  }

  /** How much room there is around a topic, in times of the usual. */
  double room(Topic topic) {
    Arrangement arrangement = sheet.arrangement(topic);
    return arrangement.spacing() == null ? 1 : arrangement.spacing().factor();
  }

  /** Whether the lines below a topic end in heads. */
  boolean arrows(Topic topic) {
    return Boolean.TRUE.equals(sheet.style(topic).line().arrows());
  }

  /** A line from a topic to its children, relative to where the topic stands. */
  Line line(Topic topic, Path path, double x, double y) {
    double usual = sheet.level(topic) == 0 ? ROOT_STROKE : STROKE;
    Stroke given = sheet.style(topic).line();
    double strength = given.strength() == null ? 1 : given.strength().factor();
    double width = usual * strength * sheet.palette().weight();
    String ink =
        given.colour() == null
            ? sheet.palette().pigment(sheet.branch(topic))
            : sheet.palette().colour(given.colour());
    return new Line(path.moved(-x, -y), ink, width, List.of());
  }

  /**
   * A topic that stands.
   *
   * @param lines to its children, drawn below its label; may be empty
   * @param toggle relative to its left upper corner, null without children
   */
  Placed placed(Topic topic, double x, double y, Flow flow, List<Line> lines, Box toggle) {
    TopicBlock block = sheet.block(topic);
    List<Item> items = new ArrayList<>(lines);
    items.addAll(block.items());
    return new Placed(
        topic.id(),
        sheet.level(topic),
        sheet.branch(topic),
        x,
        y,
        block.width(),
        block.height(),
        items,
        toggle,
        sheet.closed(topic),
        flow,
        Placed.Near.NONE,
        sheet.again(topic));
  }

  /** A topic without children that are shown, with where it is opened if it is closed. */
  Placed leaf(Topic topic, double x, double y, Flow flow) {
    TopicBlock block = sheet.block(topic);
    if (!sheet.closed(topic)) {
      return placed(topic, x, y, flow, List.of(), null);
    }
    boolean row = flow == Flow.DOWN || flow == Flow.UP;
    double edge =
        switch (flow) {
          case RIGHT, LIST -> block.width();
          case DOWN -> block.height();
          case LEFT, UP -> 0;
        };
    Connectors lines = new Connectors(flow, edge, false);
    double axis = row ? block.width() / 2 : block.axis();
    return placed(
        topic, x, y, flow, List.of(line(topic, lines.stub(axis), 0, 0)), lines.closedToggle(axis));
  }

  /**
   * Places a cell that has no children in its region; a branch of its own layout is met at its edge
   * by a line from there to its first topic.
   */
  void put(Cell cell, double x, double y, Flow flow, List<Placed> placed) {
    if (cell.group() == null) {
      placed.add(leaf(cell.topic(), x, y, flow));
      return;
    }
    int at = placed.size();
    putAlone(cell, x, y, placed);
    Placed first = cell.group().first();
    Path path = way(cell, flow);
    if (path != null) {
      Line line = line(cell.topic(), path, first.x(), first.y());
      placed.set(at, placed.get(at).under(line));
    }
  }

  /** Places a branch of its own layout without a line to it. */
  static void putAlone(Cell cell, double x, double y, List<Placed> placed) {
    cell.group().placed().forEach(each -> placed.add(each.at(each.x() + x, each.y() + y)));
  }

  /** From the edge of a branch that has its own layout to its first topic, if that is away. */
  private static Path way(Cell cell, Flow flow) {
    Box first = cell.group().first().box();
    double[] line =
        switch (flow) {
          case RIGHT, LIST -> new double[] {0, cell.axis(), first.x(), cell.axis()};
          case LEFT -> new double[] {cell.width(), cell.axis(), first.right(), cell.axis()};
          case DOWN -> new double[] {cell.middle(), 0, cell.middle(), first.y()};
          case UP -> new double[] {cell.middle(), cell.height(), cell.middle(), first.bottom()};
        };
    return Math.hypot(line[2] - line[0], line[3] - line[1]) < 1
        ? null
        : new Path.Pen().move(line[0], line[1]).line(line[2], line[3]).path();
  }
}
