package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.pergamena.core.reply.Reply.Why;
import org.pergamena.core.reply.Sheet.Row;

/**
 * Lines of a reply that stand together.
 *
 * @param fenced whether they stand between the marks of a block of code
 */
record Block(boolean fenced, List<Row> rows) {
  Block {
    rows = List.copyOf(rows);
  }

  /** A reply in its blocks; the marks around those of code are left. */
  static List<Block> of(List<Row> rows, Sheet sheet) {
    List<Block> blocks = new ArrayList<>();
    List<Row> now = new ArrayList<>();
    Row open = null;
    for (Row row : rows) {
      if (!Shapes.fence(row.text())) {
        now.add(row);
        continue;
      }
      sheet.leave(row, Why.FORM);
      blocks.add(new Block(open != null, now));
      now.clear();
      boolean bare = row.text().strip().replaceAll("[`~]", "").isBlank();
      if (open != null && !bare) {
        unended(open, sheet);
      }
      open = open != null && bare ? null : row;
    }
    if (open != null) {
      unended(open, sheet);
    }
    blocks.add(new Block(open != null, now));
    return blocks.stream().filter(b -> !b.bare()).collect(Collectors.toList());
  }

  private static void unended(Row open, Sheet sheet) {
    sheet.repair(
        open.number(), "a block of code begins and does not end, the reply may be cut off");
  }

  private boolean bare() {
    return rows.stream().allMatch(Row::blank);
  }
}
