package org.pergamena.core.reply;

import java.util.List;
import org.pergamena.core.outline.OutlineLine;
import org.pergamena.core.reply.Reply.Why;
import org.pergamena.core.reply.Sheet.Row;

/** A block without any marks: lines that are indented or short are topics, sentences are not. */
final class Plain {
  private static final int PROSE_WORDS = 12;

  private Plain() {}

  static void read(Block block, Sheet sheet, boolean outside) {
    List<Row> rows = block.rows();
    int from = 0;
    int to = rows.size();
    while (from < to && around(rows.get(from), block)) {
      from++;
    }
    while (to > from && around(rows.get(to - 1), block)) {
      to--;
    }
    if (from >= to) {
      rows.forEach(row -> sheet.leave(row, Chat.is(row.text()) ? Why.AROUND : Why.UNREAD));
      return;
    }
    sheet.leave(rows.subList(0, from), Why.AROUND);
    List<Row> inner = rows.subList(from, to);
    if (outside || prose(inner)) {
      sheet.leave(inner, outside ? Why.AROUND : Why.UNREAD);
    } else {
      inner.forEach(row -> line(row, sheet));
    }
    sheet.leave(rows.subList(to, rows.size()), Why.AROUND);
  }

  private static boolean around(Row row, Block block) {
    if (row.blank() || Shapes.rule(row.text())) {
      return true;
    }
    boolean leads = !block.fenced() && row.text().strip().endsWith(":");
    boolean said = Shapes.sentence(row.text()) && Shapes.words(row.text(), 5);
    return row.indent() == 0 && (Chat.is(row.text()) || leads || said);
  }

  private static boolean prose(List<Row> rows) {
    if (rows.stream().anyMatch(row -> !row.blank() && row.indent() > 0)) {
      return false;
    }
    long lines = rows.stream().filter(row -> !row.blank()).count();
    long sentences =
        rows.stream()
            .filter(row -> Shapes.sentence(row.text()) || Shapes.words(row.text(), PROSE_WORDS))
            .count();
    return sentences * 2 >= lines;
  }

  private static void line(Row row, Sheet sheet) {
    String text = row.text();
    if (row.blank()) {
      return;
    }
    if (row.indent() == 0 && Chat.is(text)) {
      sheet.leave(row, Why.AROUND);
      return;
    }
    sheet.line(
        OutlineLine.written(row.number(), text.substring(0, row.indent()) + "- " + text.strip()));
  }
}
