package org.pergamena.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.junit.jupiter.api.Test;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.UnreadableException;
import org.pergamena.formats.testing.Sheets;

class PdfReaderTest {
  private static final int PAGES = 4;

  /** Pages with a running head, a heading, a paragraph of three lines and a page number. */
  private static Sheets document() throws IOException {
    Sheets sheets = new Sheets();
    sheets.document().getDocumentInformation().setTitle("Ferrow survey");
    for (int page = 1; page <= PAGES; page++) {
      sheets
          .page()
          .line(60, 760, 9, FontName.HELVETICA, "Estuary board - report " + page)
          .line(60, 700, 18, FontName.HELVETICA_BOLD, "Chapter " + "ABCD".charAt(page - 1))
          .line(60, 670, "The tide left a film of mud on page " + page)
          .line(60, 655, "of the marsh, and the sedi-")
          .line(60, 640, "ment rose by some millimetres.")
          .line(60, 600, "Another paragraph that runs on")
          .line(60, 500, 18, FontName.HELVETICA_BOLD, "n(t) / G(t)")
          .line(300, 40, 9, FontName.HELVETICA, "" + page);
    }
    return sheets;
  }

  private static ReadSource read(byte[] bytes) throws UnreadableException {
    return new SourceReader().read("survey.pdf", bytes, share -> {});
  }

  @Test
  void heads_and_numbers_are_removed_hyphens_joined_headings_and_pages_found() throws Exception {
    ReadSource read = read(document().bytes());
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
  void a_document_that_does_not_say_its_title_has_the_one_that_is_set_largest() throws Exception {
    Sheets sheets =
        new Sheets()
            .page()
            .line(60, 760, 9, FontName.HELVETICA, "Journal of the estuary, 12")
            .line(60, 700, 22, FontName.HELVETICA_BOLD, "Banks and tides")
            .line(60, 674, 22, FontName.HELVETICA_BOLD, "at Ferrow")
            .line(60, 640, "Jory Pell")
            .line(60, 600, 14, FontName.HELVETICA_BOLD, "1 Ordination")
            .line(60, 580, "The tide left a film of mud on the marsh, and it rose by some")
            .line(60, 566, "millimetres in each of the years that were measured.");
    assertThat(read(sheets.bytes()).title()).isEqualTo("Banks and tides at Ferrow");
    Sheets plain =
        new Sheets()
            .page()
            .line(60, 600, 14, FontName.HELVETICA_BOLD, "1 Ordination")
            .line(60, 580, "The tide left a film of mud on the marsh, and it rose by some")
            .line(60, 566, "millimetres in each of the years that were measured.");
    assertThat(read(plain.bytes()).title()).isNull();
  }

  @Test
  void paragraphs_part_where_the_lines_part() throws Exception {
    SourceText text = read(document().bytes()).text();
    List<String> paragraphs = new ArrayList<>();
    for (Block block : text.blocks()) {
      if (block.kind() == Block.Kind.PARAGRAPH) {
        paragraphs.add(text.text().substring(block.start(), block.end()));
      }
    }
    assertThat(paragraphs).hasSize(3 * PAGES);
    assertThat(paragraphs.get(1)).isEqualTo("Another paragraph that runs on");
  }

  @Test
  void a_table_of_contents_is_left_out() throws Exception {
    Sheets sheets = document();
    sheets
        .page()
        .line(60, 700, 18, FontName.HELVETICA_BOLD, "Contents")
        .line(60, 670, "Chapter A . . . . . . . . . . . . 2")
        .line(60, 655, "Chapter B 3")
        .line(60, 640, "Chapter C 4");
    byte[] bytes = sheets.bytes();
    try (PDDocument moved = Loader.loadPDF(bytes)) {
      PDPage contents = moved.getPage(PAGES);
      moved.removePage(PAGES);
      moved.getPages().insertBefore(contents, moved.getPage(0));
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      moved.save(out);
      bytes = out.toByteArray();
    }
    SourceText text = read(bytes).text();
    assertThat(text.text())
        .startsWith("Chapter A")
        .doesNotContain("Contents")
        .doesNotContain(". . .");
    assertThat(text.locate(0).citation()).isEqualTo("p. 2");
  }

  @Test
  void progress_comes_page_by_page() throws Exception {
    List<Double> shares = new ArrayList<>();
    new SourceReader().read("survey.pdf", document().bytes(), shares::add);
    assertThat(shares).hasSizeGreaterThanOrEqualTo(PAGES).isSorted().endsWith(1.0);
  }

  @Test
  void a_locked_document_is_refused() throws Exception {
    Sheets sheets = document();
    sheets
        .document()
        .protect(new StandardProtectionPolicy("owner", "user", new AccessPermission()));
    byte[] locked = sheets.bytes();
    assertThatThrownBy(() -> read(locked)).hasMessageContaining("password");
  }

  @Test
  void pages_without_text_are_refused() throws Exception {
    byte[] blank = new Sheets().page().bytes();
    assertThatThrownBy(() -> read(blank))
        .hasMessageContaining("There are no words in the document");
  }
}
