package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.outline.Outline;
import org.pergamena.core.outline.Outline.Item;
import org.pergamena.core.outline.Outline.Repair;
import org.pergamena.core.outline.OutlineReader;
import org.pergamena.core.reply.Reply.Left;
import org.pergamena.core.reply.Reply.Point;
import org.pergamena.core.reply.Reply.Why;
import org.pergamena.core.reply.Sheet.Row;

/**
 * Reads what a text assistant answered, with whatever stands around it: blocks of code, headings
 * and lists in any mixture, tables, JSON, indented diagrams, RTF and OPML. No word is dropped
 * unseen: what became no point is listed.
 *
 * <pre>{@code
 * Reply reply = ReplyReader.read("Sure! Here it is:\n- Wall [p3f9a2c]\n", false);
 * }</pre>
 */
public final class ReplyReader {
  private static final int LONGEST_LINE = 100;
  private static final Pattern ESCAPED = Pattern.compile("\\\\([*_#`~\\[\\]>.!-])");
  private static final Pattern JOINED = Pattern.compile("^(#{1,6})([\\p{L}\\p{N}])");
  private static final Pattern SPACED = Pattern.compile("^#{1,6}\\s");
  private static final Pattern BREAK = Pattern.compile("(?i)<br\\s{0,3}/?>");
  private static final Pattern NUMBERED =
      Pattern.compile(
          "^[\\s#>*_+|-]*\\(?(\\d{1,3}(\\.\\d{1,3}){0,40}|[ivxIVX]{1,4})[.)]?[*_]*\\s+");

  private ReplyReader() {}

  /**
   * The text in which the lines of a reply are counted: as it is, or taken out of RTF.
   *
   * @param reply as it was pasted
   */
  public static String text(String reply) {
    String clean = Words.clean(reply.replace("\r\n", "\n").replace('\r', '\n'));
    return RtfText.is(clean) ? Words.clean(RtfText.of(clean)) : clean;
  }

  /**
   * Reads a reply; never fails.
   *
   * @param pairs whether each point was asked for as a label and what is to be said of it
   */
  public static Reply read(String reply, boolean pairs) {
    String text = text(reply);
    if (text.stripLeading().startsWith("<") && text.toLowerCase(Locale.ROOT).contains("<opml")) {
      return opml(text);
    }
    Sheet sheet = new Sheet();
    if (!text.equals(reply) && RtfText.is(reply.stripLeading())) {
      sheet.repair(1, "written as RTF; its text was taken out, and lines are counted in that");
    }
    List<Row> rows = rows(text);
    List<Block> blocks = Block.of(spaced(rows, sheet), sheet);
    boolean coded = blocks.stream().anyMatch(block -> block.fenced() && block.rows().size() > 1);
    for (Block block : blocks) {
      Blocks.read(block, sheet, coded && !block.fenced());
    }
    Outline outline = OutlineReader.read(sheet.lines(), new Leads(pairs)::end);
    Points points =
        new Points(
            outline.items(), line -> sheet.repair(line, "signs before labels were taken away"));
    List<Point> all = points.all();
    List<Repair> repairs = new ArrayList<>(outline.repairs());
    repairs.addAll(sheet.repairs());
    repairs.sort(Comparator.comparingInt(Repair::line));
    return new Reply(all, sheet.links(), repairs, left(rows, all, sheet));
  }

  private static Reply opml(String text) {
    Outline outline = OutlineReader.read(text);
    List<Item> items = new ArrayList<>();
    int deeper = outline.title() == null ? 0 : 1;
    if (deeper == 1) {
      items.add(new Item(1, 1, outline.title(), ""));
    }
    outline
        .items()
        .forEach(i -> items.add(new Item(i.line(), i.level() + deeper, i.label(), i.note())));
    List<Left> left = new ArrayList<>();
    if (items.isEmpty()) {
      rows(text).stream()
          .filter(row -> !row.blank())
          .forEach(row -> left.add(new Left(row.number(), row.text().strip(), Why.UNREAD)));
    }
    return new Reply(new Points(items, line -> {}).all(), List.of(), outline.repairs(), left);
  }

  /** The lines of a text; blanks that do not break become such that do, marks of quoting go. */
  private static List<Row> rows(String text) {
    String[] lines = text.split("\n", -1);
    boolean quoted = lines.length > 1;
    boolean any = false;
    for (String line : lines) {
      quoted &= line.isBlank() || line.startsWith(">");
      any |= line.startsWith(">");
    }
    List<Row> rows = new ArrayList<>();
    for (int i = 0; i < lines.length; i++) {
      String line = lines[i].replace('\u00a0', ' ').replace('\u3000', ' ').stripTrailing();
      line = ESCAPED.matcher(line).replaceAll("$1");
      line = quoted && any && line.startsWith(">") ? line.replaceFirst("^>+ ?", "") : line;
      rows.add(new Row(i + 1, line));
    }
    return rows;
  }

  /** Headings whose marks stand against their words, if they are of several levels. */
  private static List<Row> spaced(List<Row> rows, Sheet sheet) {
    long levels =
        rows.stream()
            .filter(row -> JOINED.matcher(row.text()).lookingAt())
            .map(row -> row.text().lastIndexOf('#', 6))
            .distinct()
            .count();
    if (levels < 2 || rows.stream().anyMatch(row -> SPACED.matcher(row.text()).lookingAt())) {
      return rows;
    }
    List<Row> all = new ArrayList<>();
    for (Row row : rows) {
      Matcher joined = JOINED.matcher(row.text());
      if (joined.find()) {
        sheet.repair(row.number(), "no space after the marks of a heading, put in");
      }
      all.add(new Row(row.number(), joined.replaceFirst("$1 $2")));
    }
    return all;
  }

  /** What was left, and every line with words that are found nowhere. */
  private static List<Left> left(List<Row> rows, List<Point> points, Sheet sheet) {
    Words there = sheet.formal();
    for (Point point : points) {
      there.add(point.label());
      there.add(point.definition());
      there.add(point.note());
      point.cites().forEach(there::add);
    }
    sheet
        .links()
        .forEach(
            link -> {
              there.add(link.from());
              there.add(link.phrase());
              there.add(link.to());
            });
    List<Left> left = new ArrayList<>(sheet.left());
    boolean[] known = new boolean[rows.size() + 1];
    left.forEach(each -> known[each.line()] = true);
    for (Row row : rows) {
      if (!known[row.number()] && !row.blank()) {
        Optional<String> ordinal = ordinal(row.text());
        String words = row.text().substring(ordinal.map(String::length).orElse(0));
        boolean whole = there.take(BREAK.matcher(words).replaceAll(" "));
        if (!whole) {
          left.add(new Left(row.number(), row.text().strip(), Why.UNREAD));
        }
      }
    }
    left.sort(Comparator.comparingInt(Left::line));
    return left;
  }

  private static Optional<String> ordinal(String line) {
    String near = line.length() > LONGEST_LINE ? line.substring(0, LONGEST_LINE) : line;
    Matcher found = NUMBERED.matcher(near);
    return found.find() ? Optional.of(found.group()) : Optional.empty();
  }
}
