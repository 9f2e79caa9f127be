package org.pergamena.core.reply;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.pergamena.core.reply.Reply.Why;
import org.pergamena.core.reply.Sheet.Row;

/** Finds tables among the rows of a reply: of Markdown, parted by tabs, commas or semicolons. */
final class Tables {
  private static final Pattern LINE = Pattern.compile("\\s*+\\|?\\s*+:?-{2,}+:?[\\s|:-]*+");
  private static final int LEAST_COMMAS = 2;

  /** The cells of one row. */
  record Cells(Row row, List<String> cells) {
    String cell(int column) {
      return column >= 0 && column < cells.size() ? cells.get(column) : "";
    }
  }

  private Tables() {}

  /** Whether a row is of a table, as far as that can be told from it and the next. */
  static boolean at(List<Row> rows, int i) {
    return piped(rows, i) || tabbed(rows, i) || comma(rows, i) != 0;
  }

  /** Reads the table that begins at a row; the row after it. */
  static int read(List<Row> rows, int i, Sheet sheet) {
    if (piped(rows, i)) {
      return pipes(rows, i, sheet);
    }
    char comma = tabbed(rows, i) ? '\t' : comma(rows, i);
    return comma == 0 ? i : delimited(rows, i, comma, sheet);
  }

  private static boolean bars(List<Row> rows, int i) {
    if (i >= rows.size()) {
      return false;
    }
    String text = rows.get(i).text().strip();
    return text.length() > 2 && text.startsWith("|") && text.endsWith("|") && !Drawn.branch(text);
  }

  private static boolean ruled(List<Row> rows, int i) {
    if (i >= rows.size()) {
      return false;
    }
    String text = rows.get(i).text();
    return text.indexOf('|') >= 0 && LINE.matcher(text).matches();
  }

  private static boolean piped(List<Row> rows, int i) {
    boolean head = rows.get(i).text().indexOf('|') >= 0 && ruled(rows, i + 1);
    boolean among = bars(rows, i) && (bars(rows, i + 1) || i > 0 && bars(rows, i - 1));
    return head || among || ruled(rows, i) && i > 0 && rows.get(i - 1).text().indexOf('|') >= 0;
  }

  private static int pipes(List<Row> rows, int from, Sheet sheet) {
    List<Cells> table = new ArrayList<>();
    boolean headed = ruled(rows, from + 1);
    int i = from;
    while (i < rows.size() && rows.get(i).text().indexOf('|') >= 0) {
      if (ruled(rows, i)) {
        sheet.leave(rows.get(i), Why.FORM);
      } else {
        table.add(new Cells(rows.get(i), cells(rows.get(i).text())));
      }
      i++;
    }
    headed &= !table.isEmpty();
    if (!headed && table.size() > 1) {
      headed = TableReader.names(table.get(0).cells());
      sheet.repair(
          rows.get(from).number(),
          headed
              ? "the line below the head of the table is missing, its first row taken as the head"
              : "the table has no head, its first column taken as the topics");
    }
    TableReader.read(table, headed, sheet);
    return i;
  }

  /** The cells between bars; a bar after a backslash is a letter. */
  private static List<String> cells(String text) {
    String row = text.strip();
    row = row.startsWith("|") ? row.substring(1) : row;
    List<String> cells = new ArrayList<>();
    StringBuilder cell = new StringBuilder();
    for (int i = 0; i < row.length(); i++) {
      char c = row.charAt(i);
      if (c == '\\' && i + 1 < row.length() && row.charAt(i + 1) == '|') {
        cell.append('|');
        i++;
      } else if (c == '|') {
        cells.add(cell.toString().strip());
        cell.setLength(0);
      } else {
        cell.append(c);
      }
    }
    if (!cell.toString().isBlank()) {
      cells.add(cell.toString().strip());
    }
    return cells.stream().map(c -> c.replaceAll("(?i)<br\\s{0,3}/?>", " ")).toList();
  }

  private static boolean tabbed(List<Row> rows, int i) {
    return tabs(rows, i) > 0 && (tabs(rows, i + 1) > 0 || i > 0 && tabs(rows, i - 1) > 0);
  }

  /** How many tabs stand within a line that begins with words. */
  private static int tabs(List<Row> rows, int i) {
    if (i >= rows.size() || rows.get(i).indent() > 0 || Shapes.marked(rows.get(i).text())) {
      return 0;
    }
    return (int) rows.get(i).text().chars().filter(c -> c == '\t').count();
  }

  /** What parts the cells of a table that begins here, whose head says what it is; or 0. */
  private static char comma(List<Row> rows, int i) {
    String head = rows.get(i).text();
    if (head.isBlank() || head.length() > 300 || i + 1 >= rows.size()) {
      return 0;
    }
    for (char comma : new char[] {',', ';'}) {
      List<String> names = List.of(head.split(String.valueOf(comma), -1));
      int next = rows.get(i + 1).text().split(String.valueOf(comma), -1).length;
      if (names.size() >= LEAST_COMMAS && next >= names.size() && TableReader.names(names)) {
        return comma;
      }
    }
    return 0;
  }

  private static int delimited(List<Row> rows, int from, char comma, Sheet sheet) {
    int to = from;
    while (to < rows.size() && rows.get(to).text().indexOf(comma) >= 0) {
      to++;
    }
    List<Cells> table = new ArrayList<>();
    CSVFormat format = CSVFormat.DEFAULT.builder().setDelimiter(comma).get();
    for (Row row : rows.subList(from, to)) {
      table.add(new Cells(row, cells(row, format, sheet)));
    }
    TableReader.read(table, TableReader.names(table.get(0).cells()), sheet);
    return to;
  }

  private static List<String> cells(Row row, CSVFormat format, Sheet sheet) {
    try (CSVParser parser = CSVParser.parse(new StringReader(row.text()), format)) {
      List<CSVRecord> records = parser.getRecords();
      return records.isEmpty() ? List.of() : records.get(0).stream().map(String::strip).toList();
    } catch (IOException | RuntimeException e) {
      sheet.repair(row.number(), "a quotation mark in the table is not closed, taken as a letter");
      return List.of(row.text().split(format.getDelimiterString(), -1));
    }
  }
}
