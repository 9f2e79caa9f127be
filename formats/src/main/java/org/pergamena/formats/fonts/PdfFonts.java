package org.pergamena.formats.fonts;

import java.io.IOException;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The faces that ship as fonts of a PDF, of which it keeps what it uses. */
public final class PdfFonts {
  private PdfFonts() {}

  /** A face, for one document. */
  public static PDFont of(Faces.FontFile file, PDDocument document) throws IOException {
    TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(file.bytes()));
    font.setEnableGsub(false); // letters that are joined are not found as letters
    return PDType0Font.load(document, font, true);
  }
}
