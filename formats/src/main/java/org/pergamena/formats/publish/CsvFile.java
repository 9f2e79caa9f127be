package org.pergamena.formats.publish;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

/** One table as a CSV file (RFC 4180), safe to open in a spreadsheet. */
public final class CsvFile {
  private CsvFile() {}

  /** The bytes of a table; its first row names the columns. */
  public static byte[] of(List<String> head, List<List<String>> rows) {
    List<List<Object>> all = new ArrayList<>();
    all.add(List.copyOf(head));
    rows.forEach(row -> all.add(List.copyOf(row)));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      SheetFiles.csv(new Sheets("", all), out);
    } catch (IOException e) {
      throw new UncheckedIOException("A table in memory cannot be written.", e);
    }
    return out.toByteArray();
  }
}
