package org.pergamena.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.junit.jupiter.api.Test;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.UnreadableException;

class PdfReaderTest {
  private static final int PAGES = 4;

  /** Pages with a running head, a heading, a paragraph of three lines and a page number. */
  private static PDDocument document() throws IOException {
    PDDocument document = new PDDocument();
    document.getDocumentInformation().setTitle("Ferrow survey");
    for (int page = 1; page <= PAGES; page++) {
      PDPage sheet = new PDPage();
      document.addPage(sheet);
      try (PDPageContentStream out = new PDPageContentStream(document, sheet)) {
        write(out, 60, 760, 9, FontName.HELVETICA, "Estuary board - report " + page);
        write(out, 60, 700, 18, FontName.HELVETICA_BOLD, "Chapter " + "ABCD".charAt(page - 1));
        write(out, 60, 670, 11, FontName.HELVETICA, "The tide left a film of mud on page " + page);
        write(out, 60, 655, 11, FontName.HELVETICA, "of the marsh, and the sedi-");
        write(out, 60, 640, 11, FontName.HELVETICA, "ment rose by some millimetres.");
        write(out, 60, 600, 11, FontName.HELVETICA, "Another paragraph that runs on");
        write(out, 300, 40, 9, FontName.HELVETICA, "" + page);
      }
    }
    return document;
  }

  private static void write(
      PDPageContentStream out, float x, float y, float size, FontName font, String words)
      throws IOException {
    out.beginText();
    out.setFont(new PDType1Font(font), size);
    out.newLineAtOffset(x, y);
    out.showText(words);
    out.endText();
  }

  private static byte[] bytes(PDDocument document) throws IOException {
    try (document) {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    }
  }

  private static ReadSource read(byte[] bytes) throws UnreadableException {
    return new SourceReader().read("survey.pdf", bytes, share -> {});
  }

  @Test
  void heads_and_numbers_are_removed_hyphens_joined_headings_and_pages_found() throws Exception {
    ReadSource read = read(bytes(document()));
    SourceText text = read.text();
    assertThat(read.title()).isEqualTo("Ferrow survey");
    assertThat(text.text())
        .doesNotContain("Estuary board")
        .contains("and the sediment rose by some millimetres.")
        .doesNotContain("sedi-");
    List<String> headings =
        text.blocks().stream()
            .filter(block -> block.kind() == Block.Kind.HEADING && block.level() == 1)
            .map(block -> text.text().substring(block.start(), block.end()))
            .toList();
    assertThat(headings).containsExactly("Chapter A", "Chapter B", "Chapter C", "Chapter D");
    assertThat(text.pages()).hasSize(PAGES);
    int third = text.text().indexOf("on page 3");
    assertThat(text.locate(third).citation()).isEqualTo("p. 3");
    assertThat(text.locate(third).section()).isEqualTo("Chapter C");
  }

  @Test
  void paragraphs_part_where_the_lines_part() throws Exception {
    SourceText text = read(bytes(document())).text();
    List<String> paragraphs = new ArrayList<>();
    for (Block block : text.blocks()) {
      if (block.kind() == Block.Kind.PARAGRAPH) {
        paragraphs.add(text.text().substring(block.start(), block.end()));
      }
    }
    assertThat(paragraphs).hasSize(2 * PAGES);
    assertThat(paragraphs.get(1)).isEqualTo("Another paragraph that runs on");
  }

  @Test
  void a_table_of_contents_is_left_out() throws Exception {
    PDDocument document = document();
    PDPage contents = new PDPage();
    document.getPages().insertBefore(contents, document.getPage(0));
    try (PDPageContentStream out = new PDPageContentStream(document, contents)) {
      write(out, 60, 700, 18, FontName.HELVETICA_BOLD, "Contents");
      write(out, 60, 670, 11, FontName.HELVETICA, "Chapter A . . . . . . . . . . . . 2");
      write(out, 60, 655, 11, FontName.HELVETICA, "Chapter B 3");
      write(out, 60, 640, 11, FontName.HELVETICA, "Chapter C 4");
    }
    SourceText text = read(bytes(document)).text();
    assertThat(text.text())
        .startsWith("Chapter A")
        .doesNotContain("Contents")
        .doesNotContain(". . .");
    assertThat(text.locate(0).citation()).isEqualTo("p. 2");
  }

  @Test
  void progress_comes_page_by_page() throws Exception {
    List<Double> shares = new ArrayList<>();
    new SourceReader().read("survey.pdf", bytes(document()), shares::add);
    assertThat(shares).hasSizeGreaterThanOrEqualTo(PAGES).isSorted().endsWith(1.0);
  }

  @Test
  void a_locked_document_is_refused() throws Exception {
    PDDocument document = document();
    document.protect(new StandardProtectionPolicy("owner", "user", new AccessPermission()));
    byte[] locked = bytes(document);
    assertThatThrownBy(() -> read(locked)).hasMessageContaining("password");
  }

  @Test
  void pages_without_text_are_refused() throws Exception {
    PDDocument document = new PDDocument();
    document.addPage(new PDPage());
    byte[] blank = bytes(document);
    assertThatThrownBy(() -> read(blank)).hasMessageContaining("The 1 page has no text");
  }
}
