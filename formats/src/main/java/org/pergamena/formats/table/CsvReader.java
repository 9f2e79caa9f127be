package org.pergamena.formats.table;

import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.formats.document.Rows;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;

/** Reads comma, semicolon or tab separated values (RFC 4180): a row a paragraph. */
public final class CsvReader {
  private CsvReader() {}

  /**
   * Reads a table whose first row names the columns.
   *
   * @throws UnreadableException naming the line that is not right
   */
  public static ReadSource read(String text) throws UnreadableException {
    SourceTextBuilder source = new SourceTextBuilder();
    CSVFormat format =
        CSVFormat.DEFAULT.builder().setDelimiter(delimiter(text)).setIgnoreEmptyLines(true).get();
    long line = 1;
    int number = 0;
    try (CSVParser rows = CSVParser.parse(new StringReader(text), format)) {
      List<String> header = null;
      for (CSVRecord row : rows) {
        line = rows.getCurrentLineNumber() + 1;
        number++;
        if (header == null) {
          header = row.toList();
        } else {
          source.block(
              Block.Kind.PARAGRAPH, 0, Rows.sentence(header, row.toList()), "row " + number);
        }
      }
    } catch (IOException | RuntimeException e) {
      throw new UnreadableException(
          "The table cannot be read from line "
              + line
              + " on, perhaps a quotation mark is missing there. Mend it and add the file again.",
          e);
    }
    return ReadSource.of(SourceKind.TABLE, Facts.NONE, source.build());
  }

  /** Whichever of tab, semicolon and comma the first line has most of. */
  private static char delimiter(String text) {
    String first = text.lines().findFirst().orElse("");
    char best = ',';
    for (char candidate : new char[] {'\t', ';', ','}) {
      if (count(first, candidate) > count(first, best)) {
        best = candidate;
      }
    }
    return best;
  }

  private static long count(String text, char wanted) {
    return text.chars().filter(c -> c == wanted).count();
  }
}
