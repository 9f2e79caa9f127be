package org.pergamena.formats.publish;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;
import org.pergamena.formats.table.Cells;

/** Tables as files: CSV (RFC 4180, UTF-8 with a mark at its beginning) and XLSX (ECMA-376). */
final class SheetFiles {
  private static final int LONGEST_CELL = 32_767;
  private static final int WIDE = 60 * 256;
  private static final int USUAL = 18 * 256;

  private SheetFiles() {}

  /** Writes one table; the stream stays open. */
  static void csv(Sheets table, OutputStream out) throws IOException {
    Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
    writer.write('\uFEFF'); // so that a spreadsheet takes it for UTF-8
    CSVPrinter printer = new CSVPrinter(writer, CSVFormat.RFC4180);
    for (var row : table.rows()) {
      printer.printRecord(row.stream().map(Cells::guarded).toList());
    }
    printer.flush();
  }

  /** Writes tables as a workbook; the stream stays open. */
  static void xlsx(Iterable<Sheets> tables, OutputStream out) throws IOException {
    OfficeScratch.use();
    try (SXSSFWorkbook book = new SXSSFWorkbook(200)) {
      CellStyle head = book.createCellStyle();
      Font bold = book.createFont();
      bold.setBold(true);
      head.setFont(bold);
      for (Sheets table : tables) {
        Sheet sheet = book.createSheet(table.name());
        sheet.createFreezePane(0, 1);
        for (int i = 0; i < table.rows().size(); i++) {
          Row row = sheet.createRow(i);
          for (int j = 0; j < table.rows().get(i).size(); j++) {
            Cell cell = row.createCell(j);
            set(cell, table.rows().get(i).get(j));
            if (i == 0) {
              cell.setCellStyle(head);
              boolean words = table.rows().get(0).get(j).toString().matches("topic|passage|note");
              sheet.setColumnWidth(j, words ? WIDE : USUAL);
            }
          }
        }
      }
      book.write(out);
    }
  }

  private static void set(Cell cell, Object value) {
    if (value instanceof Number number) {
      cell.setCellValue(number.doubleValue());
    } else {
      String words = value.toString();
      cell.setCellValue(
          words.length() > LONGEST_CELL ? words.substring(0, LONGEST_CELL - 1) + "…" : words);
    }
  }
}
