package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.Topic;

/**
 * Lays a branch out downward or upward: what is below its first topic in a row, and from each of
 * these the rest as a list. A row for each level would soon be wider than any screen; who wants
 * another one gives a branch this layout too.
 */
final class RowRegion {
  private static final double STEM = 8;
  private static final double STEM_LEAST = 14;
  private static final double BRACE_GAP = 5;
  private static final double APART = 30;

  private final Regions regions;
  private final Sheet sheet;
  private final Topic root;
  private final boolean up;
  private final Flow from;

  /**
   * Lays nothing yet.
   *
   * @param from where the topics around it stand; beside them its first topic stays next to them,
   *     null where it stands over the middle of its row
   */
  RowRegion(Regions regions, Topic root, boolean up, Flow from) {
    this.from = from;
    this.regions = regions;
    this.sheet = regions.sheet();
    this.root = root;
    this.up = up;
  }

  /** What hangs in the row: a branch in its own way, or as a list. */
  private Cell hung(Topic topic) {
    return sheet.foreign(topic)
        ? regions.cell(topic, up ? Flow.UP : Flow.DOWN)
        : Cell.of(topic, new ListRegion(regions, topic, up).lay());
  }

  Group lay() {
    TopicBlock block = sheet.block(root);
    Flow flow = up ? Flow.UP : Flow.DOWN;
    List<Cell> row = sheet.children(root).stream().map(this::hung).toList();
    if (row.isEmpty()) {
      double closed = sheet.closed(root) ? Connectors.TOGGLE : 0;
      double y = up ? closed : 0;
      return new Group(
          block.width(),
          block.height() + closed,
          y + block.axis(),
          List.of(regions.leaf(root, 0, y, flow)));
    }
    double apart = APART * regions.room(root);
    double wide = row.stream().mapToDouble(Cell::width).sum() + apart * (row.size() - 1);
    double width = Math.max(wide, block.width());
    double way = (STEM + STEM_LEAST) * regions.room(root) + Connectors.BRACE + BRACE_GAP;
    double high = row.stream().mapToDouble(Cell::height).max().orElse(0);
    List<Placed> placed = new ArrayList<>();
    placed.add(null);
    List<Double> ends = new ArrayList<>();
    double x = (width - wide) / 2;
    for (Cell cell : row) {
      double y = up ? high - cell.height() : block.height() + way;
      regions.put(cell, x, y, flow, placed);
      ends.add(x + cell.middle());
      x += cell.width() + apart;
    }
    double half = block.width() / 2;
    double wanted = wanted(width, ends);
    double axis = Math.min(Math.max(wanted, half), width - half);
    double y = up ? high + way : 0;
    double edge = up ? y : block.height();
    Connectors lines = new Connectors(flow, edge, regions.arrows(root));
    double spine = way - BRACE_GAP - Connectors.BRACE / 2;
    LineForm form = regions.form(root, LineForm.BRACE);
    double left = axis - half;
    Line line = regions.line(root, lines.lines(form, STEM / 2, axis, spine, way, ends), left, y);
    Box toggle = lines.toggle(axis, spine).moved(-left, -y);
    placed.set(0, regions.placed(root, left, y, flow, List.of(line), toggle));
    return new Group(width, block.height() + way + high, y + block.axis(), placed);
  }

  private double wanted(double width, List<Double> ends) {
    if (from == Flow.RIGHT || from == Flow.LIST) {
      return 0;
    }
    return from == Flow.LEFT ? width : (ends.get(0) + ends.get(ends.size() - 1)) / 2;
  }
}
