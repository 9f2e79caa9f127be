package org.pergamena.formats.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.junit.jupiter.api.Test;

class FiguresTest {
  private static byte[] pdf() throws IOException {
    try (PDDocument pdf = new PDDocument()) {
      byte[] halves = Images.halves("png", 120, 60);
      PDImageXObject figure = PDImageXObject.createFromByteArray(pdf, halves, "f");
      PDImageXObject bullet =
          PDImageXObject.createFromByteArray(pdf, Images.halves("png", 8, 8), "b");
      for (int i = 0; i < 3; i++) {
        PDPage page = new PDPage();
        pdf.addPage(page);
        try (PDPageContentStream content = new PDPageContentStream(pdf, page)) {
          content.drawImage(bullet, 10, 10);
          if (i == 1) {
            content.drawImage(figure, 100, 100);
          }
        }
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      pdf.save(out);
      return out.toByteArray();
    }
  }

  private static byte[] packed() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("word/document.xml"));
      zip.write("<w/>".getBytes(StandardCharsets.UTF_8));
      zip.putNextEntry(new ZipEntry("word/media/image1.png"));
      zip.write(Images.halves("png", 90, 70));
      zip.putNextEntry(new ZipEntry("word/media/image2.png"));
      zip.write("damaged".getBytes(StandardCharsets.UTF_8));
      zip.putNextEntry(new ZipEntry("word/media/image3.jpeg"));
      zip.write(Images.halves("jpeg", 64, 64));
    }
    return out.toByteArray();
  }

  @Test
  void figures_of_a_pdf_are_found_with_their_pages_and_small_signs_are_none() throws Exception {
    assertThat(Figures.of(pdf())).containsExactly(new Figures.Figure(2, 120, 60));
    byte[] figure = Figures.image(pdf(), 0);
    assertThat(KeptImage.of(figure).width()).isEqualTo(120);
    assertThat(Images.at(figure, 0.1, 0.5)).isEqualTo(Color.RED);
    assertThatThrownBy(() -> Figures.image(pdf(), 1)).hasMessageContaining("any more");
  }

  @Test
  void figures_of_an_office_document_are_those_packed_with_it() throws Exception {
    assertThat(Figures.of(packed()))
        .containsExactly(new Figures.Figure(0, 90, 70), new Figures.Figure(0, 64, 64));
    assertThat(KeptImage.of(Figures.image(packed(), 1)).kind()).isEqualTo(ImageKind.JPEG);
  }

  @Test
  void figures_of_a_page_are_those_within_it() throws Exception {
    String image = Base64.getEncoder().encodeToString(Images.halves("png", 60, 60));
    String page =
        "<!doctype html><html><body><p>Words</p><img src='http://127.0.0.1/a.png'>"
            + "<img src='data:image/png;base64,"
            + image
            + "'></body></html>";
    assertThat(Figures.of(page.getBytes(StandardCharsets.UTF_8)))
        .containsExactly(new Figures.Figure(0, 60, 60));
    assertThat(Figures.of("Words alone.".getBytes(StandardCharsets.UTF_8))).isEmpty();
  }
}
