package org.pergamena.formats.table;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** The cells of comma, semicolon or tab separated values (RFC 4180). */
public final class Cells {
  /** What is wrong with a table, and from which line on. */
  public static final class BrokenTableException extends Exception {
    private static final long serialVersionUID = 1;

    BrokenTableException(long line, Exception cause) {
      super(
          "The table cannot be read from line "
              + line
              + " on, perhaps a quotation mark is missing there.",
          cause);
    }
  }

  private Cells() {}

  /**
   * Rows of cells; empty lines are left out.
   *
   * @throws BrokenTableException naming the line that is not right
   */
  public static List<List<String>> of(String text) throws BrokenTableException {
    return read(text, true);
  }

  /**
   * The same with a row without cells for each empty line, so that rows can be told by number.
   *
   * @throws BrokenTableException naming the line that is not right
   */
  public static List<List<String>> rows(String text) throws BrokenTableException {
    return read(text, false);
  }

  private static List<List<String>> read(String text, boolean ignoringEmpty)
      throws BrokenTableException {
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(delimiter(text))
            .setIgnoreEmptyLines(ignoringEmpty)
            .get();
    long line = 1;
    List<List<String>> rows = new ArrayList<>();
    try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
      for (CSVRecord row : parser) {
        line = parser.getCurrentLineNumber() + 1;
        rows.add(row.stream().map(Cells::bare).toList());
      }
    } catch (IOException | RuntimeException e) {
      throw new BrokenTableException(line, e);
    }
    return rows;
  }

  /**
   * A cell that no spreadsheet takes for a formula: what begins like one gets an apostrophe before
   * it, which is taken away where it is read again.
   */
  public static Object guarded(Object cell) {
    String words = cell.toString();
    boolean formula = !words.isEmpty() && "=+-@\t\r".indexOf(words.charAt(0)) >= 0;
    return formula || words.startsWith("'") ? "'" + words : cell;
  }

  private static String bare(String cell) {
    boolean guarded = cell.length() > 1 && cell.charAt(0) == '\'';
    return guarded && "=+-@\t\r'".indexOf(cell.charAt(1)) >= 0 ? cell.substring(1) : cell;
  }

  /** A tab if the first line has one, as sentences have none; else what it has most of. */
  private static char delimiter(String text) {
    String first = text.lines().findFirst().orElse("");
    return first.indexOf('\t') >= 0 ? '\t' : count(first, ';') > count(first, ',') ? ';' : ',';
  }

  private static long count(String text, char wanted) {
    return text.chars().filter(c -> c == wanted).count();
  }
}
