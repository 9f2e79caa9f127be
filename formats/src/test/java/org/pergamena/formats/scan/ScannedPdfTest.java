package org.pergamena.formats.scan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.pergamena.core.source.PageBox;
import org.pergamena.core.source.Span;
import org.pergamena.formats.SourceReader;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.testing.Sheets;

/** With the program itself, which the test command installs. */
class ScannedPdfTest {
  /** A page with text and one that is only a picture of text. */
  private static byte[] scanned() throws Exception {
    Sheets sheets = new Sheets().page();
    sheets
        .line(72, 700, 20, FontName.HELVETICA_BOLD, "The ringing group")
        .line(72, 660, "Nineteen waders fed along the new creeks in the second winter.")
        .line(72, 644, "The warden counted them at every high water.");
    byte[] written = sheets.bytes();
    try (PDDocument from = Loader.loadPDF(written);
        PDDocument document = new PDDocument()) {
      document.importPage(from.getPage(0));
      BufferedImage picture = new PDFRenderer(from).renderImageWithDPI(0, 200, ImageType.GRAY);
      PDPage page = new PDPage(PDRectangle.LETTER);
      document.addPage(page);
      try (PDPageContentStream out = new PDPageContentStream(document, page)) {
        out.drawImage(LosslessFactory.createFromImage(document, picture), 0, 0, 612, 792);
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  @Test
  void words_of_a_scanned_page_are_found_where_they_stand_and_marked_as_such() throws Exception {
    assumeThat(Tesseract.installed()).as("tesseract").isPresent();
    ReadSource read = new SourceReader().read("scan.pdf", scanned(), share -> {});
    assertThat(read.scanned()).containsExactly(2);
    String text = read.text().text();
    int second = text.lastIndexOf("Nineteen waders fed along the new creeks");
    assertThat(read.text().locate(second).page()).isEqualTo(2);
    assertThat(read.omissions())
        .anySatisfy(o -> assertThat(o.reason()).startsWith("1 page is a scan, read by tesseract"));
    List<PageBox> boxes = read.layout().boxes(new Span(second, second + "Nineteen".length()));
    assertThat(boxes).hasSize(1);
    assertThat(boxes.get(0).left()).isBetween(68f, 78f);
    assertThat(boxes.get(0).top()).isBetween(110f, 132f);
  }
}
