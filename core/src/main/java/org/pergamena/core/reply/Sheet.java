package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.outline.Outline.Repair;
import org.pergamena.core.outline.OutlineLine;
import org.pergamena.core.reply.Reply.Left;
import org.pergamena.core.reply.Reply.Linked;
import org.pergamena.core.reply.Reply.Why;

/** What has been understood of a reply so far. */
final class Sheet {
  /** A line as it stands in the reply. */
  record Row(int number, String text) {
    boolean blank() {
      return text.isBlank();
    }

    /** How far it is indented, in code units. */
    int indent() {
      return text.length() - text.stripLeading().length();
    }
  }

  private final List<OutlineLine> lines = new ArrayList<>();
  private final List<Linked> links = new ArrayList<>();
  private final List<Repair> repairs = new ArrayList<>();
  private final List<Left> left = new ArrayList<>();
  private final Words formal = new Words();

  void line(OutlineLine line) {
    lines.add(line);
  }

  void link(Linked link) {
    String from = Words.line(link.from());
    String to = Words.line(link.to());
    if (!from.isEmpty() && !to.isEmpty()) {
      links.add(new Linked(link.line(), from, Words.line(link.phrase()), to));
    }
  }

  void repair(int line, String sentence) {
    repairs.add(new Repair(line, sentence));
  }

  void leave(Row row, Why why) {
    if (!row.blank()) {
      left.add(new Left(row.number(), row.text().strip(), why));
    }
  }

  void leave(List<Row> rows, Why why) {
    rows.forEach(row -> leave(row, why));
  }

  /** Words that say how something is written, the keys of an object. */
  void formal(String words) {
    formal.add(words);
  }

  /** The last line is a heading that only names what follows; it is no topic. */
  void unhead() {
    while (!lines.isEmpty() && lines.get(lines.size() - 1).text().isBlank()) {
      lines.remove(lines.size() - 1);
    }
    if (!lines.isEmpty() && Shapes.heading(lines.get(lines.size() - 1))) {
      OutlineLine head = lines.remove(lines.size() - 1);
      left.add(new Left(head.number(), head.text().strip(), Why.FORM));
    }
  }

  List<OutlineLine> lines() {
    return lines;
  }

  List<Linked> links() {
    return links;
  }

  List<Repair> repairs() {
    return repairs;
  }

  List<Left> left() {
    return left;
  }

  Words formal() {
    return formal;
  }
}
