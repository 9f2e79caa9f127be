package org.pergamena.core.reply;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.outline.OutlineLine;
import org.pergamena.core.reply.Reply.Why;
import org.pergamena.core.reply.Sheet.Row;

/** Finds in one block of a reply what was asked for, and leaves what stands around it. */
final class Blocks {
  private static final Pattern SIGN =
      Pattern.compile(
          "(\\s*)([\\p{So}\\u2190-\\u21ff])[\\ufe0f\\u200d]*\\s+(\\S.*)", Pattern.DOTALL);
  private static final Pattern SETEXT = Pattern.compile("\\s{0,3}(={3,}|-{3,})\\s*");
  private static final String[] MARKS = {"-", "\u2022", "\u25e6", "\u25aa"};
  private static final int HEAD_WORDS = 8;
  private static final int PROSE_WORDS = 12;

  private final Block block;
  private final List<Row> rows;
  private final Sheet sheet;

  /** Whether another block of code holds what was asked for. */
  private final boolean outside;

  /** Marks in whose place signs stand, if there are several kinds of them. */
  private final Map<String, String> signs = new HashMap<>();

  private final boolean marked;

  /** Whether items are numbered as 1.2, so that a number alone is a mark too. */
  private final boolean dotted;

  /** The last row that is an item, a heading or of a table. */
  private int last = -1;

  private boolean lastIsHead;

  /** Whether text after the last topic has begun. */
  private boolean over;

  private Blocks(Block block, Sheet sheet, boolean outside) {
    this.block = block;
    this.rows = block.rows();
    this.sheet = sheet;
    this.outside = outside;
    signs();
    dotted = rows.stream().anyMatch(row -> Shapes.dotted(row.text()));
    int first = -1;
    for (int i = 0; i < rows.size(); i++) {
      if (structural(i)) {
        first = first < 0 ? i : first;
        last = i;
        lastIsHead = head(i);
      }
    }
    this.marked = first >= 0;
  }

  /** Reads a block into what was understood. */
  static void read(Block block, Sheet sheet, boolean outside) {
    Blocks blocks = new Blocks(block, sheet, outside);
    if (blocks.marked) {
      blocks.marked();
    } else {
      Plain.read(block, sheet, outside);
    }
  }

  private String text(int i) {
    return rows.get(i).text();
  }

  private boolean head(int i) {
    return i + 1 < rows.size() && setext(i)
        || Shapes.heading(text(i))
        || rows.get(i).indent() == 0 && Shapes.bold(text(i));
  }

  private boolean structural(int i) {
    String text = text(i);
    return !text.isBlank()
        && !Shapes.rule(text)
        && (written(text)
            || head(i)
            || sign(text) != null
            || Tables.at(rows, i)
            || Drawn.at(rows, i)
            || JsonText.at(rows, i));
  }

  private boolean written(String text) {
    return Shapes.marked(text) || dotted && Shapes.numbered(text);
  }

  /** Signs that stand before lines more than once each, two kinds or more, tell levels. */
  private void signs() {
    Map<String, Integer> counts = new LinkedHashMap<>();
    rows.forEach(
        row -> {
          Matcher found = SIGN.matcher(row.text());
          if (found.matches()) {
            counts.merge(found.group(2), 1, Integer::sum);
          }
        });
    boolean levels = counts.size() > 1 && counts.values().stream().allMatch(c -> c > 1);
    for (String sign : counts.keySet()) {
      signs.put(sign, MARKS[levels ? Math.min(signs.size(), MARKS.length - 1) : 0]);
    }
  }

  /** A line that begins with a sign as an item; null if it does not. */
  private String sign(String text) {
    Matcher found = SIGN.matcher(text);
    return found.matches()
            && signs.containsKey(found.group(2))
            && !Shapes.words(found.group(3), PROSE_WORDS)
        ? found.group(1) + signs.get(found.group(2)) + " " + found.group(3)
        : null;
  }

  private void marked() {
    int first = 0;
    while (!structural(first)) {
      first++;
    }
    lead(first);
    int i = first;
    while (i < rows.size()) {
      i = next(i);
    }
  }

  /** What stands before the first topic: the title, or what an assistant says. */
  private void lead(int first) {
    int title = -1;
    for (int i = first - 1; i >= 0 && title < 0; i--) {
      title = rows.get(i).blank() || Shapes.rule(text(i)) ? title : i;
      if (title >= 0 && !title(title)) {
        title = -2;
        break;
      }
    }
    for (int i = 0; i < first; i++) {
      if (i == title) {
        sheet.line(OutlineLine.heading(rows.get(i).number(), withoutColon(text(i))));
      } else {
        sheet.leave(rows.get(i), Shapes.rule(text(i)) ? Why.FORM : Why.AROUND);
      }
    }
  }

  private boolean title(int i) {
    String text = text(i).strip();
    boolean colon = text.endsWith(":");
    return !outside
        && !Chat.is(text)
        && !text.matches(".{0,200}[.!?]\\s.{0,200}")
        && !Shapes.words(text, HEAD_WORDS)
        && (colon ? block.fenced() || !Shapes.words(text, 4) : !Shapes.sentence(text));
  }

  private static String withoutColon(String text) {
    String words = text.strip();
    return words.endsWith(":") ? words.substring(0, words.length() - 1) : words;
  }

  /** Reads what stands at a row; the row after it. */
  private int next(int i) {
    Row row = rows.get(i);
    if (row.blank()) {
      sheet.line(OutlineLine.written(row.number(), ""));
      return i + 1;
    }
    if (Shapes.item(row.text())) {
      sheet.line(OutlineLine.written(row.number(), row.text()));
      return i + 1;
    }
    int beyond = JsonText.read(rows, i, sheet);
    beyond = beyond == i ? Tables.read(rows, i, sheet) : beyond;
    beyond = beyond == i ? Drawn.read(rows, i, sheet) : beyond;
    if (beyond > i) {
      return beyond;
    }
    if (Shapes.rule(row.text())) {
      over |= i > last;
      sheet.leave(row, Why.FORM);
      return i + 1;
    }
    if (i + 1 < rows.size() && setext(i)) {
      boolean upper = text(i + 1).strip().startsWith("=");
      sheet.line(OutlineLine.written(row.number(), (upper ? "# " : "## ") + row.text().strip()));
      sheet.leave(rows.get(i + 1), Why.FORM);
      return i + 2;
    }
    if (row.indent() == 0 && Shapes.bold(row.text())) {
      sheet.line(OutlineLine.heading(row.number(), withoutColon(row.text().strip())));
      return i + 1;
    }
    String sign = written(row.text()) ? null : sign(row.text());
    if (sign != null || written(row.text())) {
      sheet.line(OutlineLine.written(row.number(), sign == null ? row.text() : sign));
      return i + 1;
    }
    return text(row, i);
  }

  private boolean setext(int i) {
    String text = text(i).strip();
    return SETEXT.matcher(text(i + 1)).matches()
        && !Shapes.marked(text(i))
        && rows.get(i).indent() == 0
        && !Chat.is(text)
        && !Shapes.words(text, HEAD_WORDS)
        && !Shapes.sentence(text)
        && (i == 0 || rows.get(i - 1).blank());
  }

  /** A line without a mark: a heading, a note, or what an assistant says. */
  private int text(Row row, int i) {
    boolean listed = i + 1 < rows.size() && listed(i + 1);
    boolean said = row.indent() == 0 && Chat.is(row.text());
    boolean leads = listed && row.text().strip().endsWith(":");
    if (listed && (said && Chat.offers(row.text()) || outside && leads)) {
      return around(i);
    }
    if (leads && !said && row.indent() == 0 && !Shapes.words(row.text(), 6)) {
      sheet.line(OutlineLine.heading(row.number(), withoutColon(row.text())));
      return i + 1;
    }
    boolean apart = i > last && !lastIsHead && row.indent() == 0 && i > 0;
    boolean after = over || apart && rows.get(i - 1).blank();
    over |= after;
    if (said || after || outside) {
      sheet.leave(row, Why.AROUND);
    } else {
      sheet.line(OutlineLine.text(row.number(), row.text().strip()));
    }
    return i + 1;
  }

  private boolean listed(int from) {
    int i = from;
    while (i < rows.size() && rows.get(i).blank()) {
      i++;
    }
    return i < rows.size() && (Shapes.item(text(i)) || sign(text(i)) != null);
  }

  /** Leaves a line and the list below it. */
  private int around(int from) {
    int i = from;
    sheet.leave(rows.get(i++), Why.AROUND);
    while (i < rows.size()
        && (rows.get(i).blank() || Shapes.item(text(i)) || rows.get(i).indent() > 0)) {
      sheet.leave(rows.get(i++), Why.AROUND);
    }
    return i;
  }
}
