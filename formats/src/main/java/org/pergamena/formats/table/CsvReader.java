package org.pergamena.formats.table;

import java.util.List;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.formats.document.Rows;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;
import org.pergamena.formats.table.Cells.BrokenTableException;

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
    try {
      List<List<String>> rows = Cells.of(text);
      for (int i = 1; i < rows.size(); i++) {
        String sentence = Rows.sentence(rows.get(0), rows.get(i));
        source.block(Block.Kind.PARAGRAPH, 0, sentence, "row " + (i + 1));
      }
    } catch (BrokenTableException e) {
      throw new UnreadableException(e.getMessage() + " Mend it and add the file again.", e);
    }
    return ReadSource.of(SourceKind.TABLE, Facts.NONE, source.build());
  }
}
