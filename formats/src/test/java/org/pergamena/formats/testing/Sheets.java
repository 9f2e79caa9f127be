package org.pergamena.formats.testing;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;

/** Makes small PDF documents line by line. */
public final class Sheets implements AutoCloseable {
  private final PDDocument document = new PDDocument();
  private PDPageContentStream out;

  public PDDocument document() {
    return document;
  }

  /** Begins another page. */
  public Sheets page() throws IOException {
    if (out != null) {
      out.close();
    }
    PDPage sheet = new PDPage();
    document.addPage(sheet);
    out = new PDPageContentStream(document, sheet);
    return this;
  }

  /** A line of body text, 11 points. */
  public Sheets line(float x, float y, String words) throws IOException {
    return line(x, y, 11, FontName.HELVETICA, words);
  }

  public Sheets line(float x, float y, float size, FontName font, String words) throws IOException {
    out.beginText();
    out.setFont(new PDType1Font(font), size);
    out.newLineAtOffset(x, y);
    out.showText(words);
    out.endText();
    return this;
  }

  public byte[] bytes() throws IOException {
    if (out != null) {
      out.close();
      out = null;
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    document.save(bytes);
    return bytes.toByteArray();
  }

  @Override
  public void close() throws IOException {
    document.close();
  }
}
