package org.pergamena.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.junit.jupiter.api.Test;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.PageBox;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.testing.Sheets;

/** What stands where on a page: columns, notes, captions, and the rectangles of words. */
class PdfPageTest {
  private static final List<String> LEFT =
      List.of(
          "The wall was breached in the",
          "autumn, when the tides were",
          "high and the wind stood",
          "in the east. The first flood",
          "came over the old fields at",
          "night and left a film of",
          "mud on the winter barley.");
  private static final List<String> RIGHT =
      List.of(
          "Two years later glasswort",
          "grew where barley had been",
          "sown, and waders fed along",
          "the new creeks. The warden",
          "counted them at every high",
          "water and wrote the sums",
          "down in her green book.");

  private static ReadSource read(Sheets sheets) throws Exception {
    try (sheets) {
      return new SourceReader().read("survey.pdf", sheets.bytes(), share -> {});
    }
  }

  private static Sheets twoColumns() throws IOException {
    Sheets sheets = new Sheets().page();
    sheets.line(60, 740, 18, FontName.HELVETICA_BOLD, "What the tide brought to the marsh");
    for (int i = 0; i < LEFT.size(); i++) {
      sheets.line(60, 700 - 14 * i, LEFT.get(i));
      sheets.line(320, 700 - 14 * i, RIGHT.get(i));
    }
    return sheets;
  }

  private static List<String> blocks(SourceText text, Block.Kind kind) {
    return text.blocks().stream().filter(b -> b.kind() == kind).map(text::words).toList();
  }

  @Test
  void columns_are_read_one_after_the_other() throws Exception {
    SourceText text = read(twoColumns()).text();
    assertThat(text.text())
        .contains(String.join(" ", LEFT))
        .contains(String.join(" ", RIGHT))
        .contains("winter barley.");
    assertThat(text.text().indexOf("green book")).isGreaterThan(text.text().indexOf("barley."));
    assertThat(blocks(text, Block.Kind.HEADING))
        .containsExactly("What the tide brought to the marsh");
  }

  @Test
  void words_are_found_again_at_their_place_on_the_page() throws Exception {
    ReadSource read = read(twoColumns());
    int at = read.text().text().indexOf("glasswort");
    List<PageBox> boxes = read.layout().boxes(new Span(at, at + "glasswort".length()));
    assertThat(boxes).hasSize(1);
    PageBox box = boxes.get(0);
    assertThat(box.page()).isEqualTo(1);
    assertThat(box.left()).isBetween(360f, 400f);
    assertThat(box.right()).isBetween(box.left() + 30, box.left() + 70);
    assertThat((box.top() + box.bottom()) / 2).isBetween(80f, 95f);
    int start = read.text().text().indexOf("autumn");
    assertThat(read.layout().boxes(new Span(start, start + 60))).hasSizeGreaterThan(2);
  }

  @Test
  void notes_and_captions_stand_apart_from_the_text() throws Exception {
    Sheets sheets = new Sheets().page();
    for (int i = 0; i < LEFT.size(); i++) {
      sheets.line(60, 700 - 14 * i, LEFT.get(i) + " " + RIGHT.get(i));
    }
    sheets.line(60, 560, 9, FontName.HELVETICA_OBLIQUE, "Figure 2. The breach at low water.");
    sheets.line(60, 520, "The text of the page runs on below the picture of the breach.");
    sheets.line(60, 90, 8, FontName.HELVETICA, "1 Counted from the hide at Ferrow Point.");
    SourceText text = read(sheets).text();
    assertThat(blocks(text, Block.Kind.CAPTION))
        .containsExactly("Figure 2. The breach at low water.");
    assertThat(blocks(text, Block.Kind.FOOTNOTE))
        .containsExactly("1 Counted from the hide at Ferrow Point.");
  }

  @Test
  void bookmarks_name_the_headings_whatever_their_size() throws Exception {
    Sheets sheets = new Sheets();
    PDDocumentOutline outline = new PDDocumentOutline();
    for (String heading : List.of("The old wall", "The breach", "The creeks")) {
      sheets.page().line(60, 700, heading);
      for (int i = 0; i < LEFT.size(); i++) {
        sheets.line(60, 660 - 14 * i, LEFT.get(i) + " " + RIGHT.get(i));
      }
      PDOutlineItem item = new PDOutlineItem();
      item.setTitle(heading);
      PDPageFitDestination place = new PDPageFitDestination();
      place.setPage(sheets.document().getPage(sheets.document().getNumberOfPages() - 1));
      item.setDestination(place);
      outline.addLast(item);
    }
    sheets.document().getDocumentCatalog().setDocumentOutline(outline);
    assertThat(blocks(read(sheets).text(), Block.Kind.HEADING))
        .containsExactly("The old wall", "The breach", "The creeks");
  }

  @Test
  void what_is_left_out_is_told_with_an_example() throws Exception {
    Sheets sheets = new Sheets();
    for (int page = 1; page <= 4; page++) {
      sheets.page().line(60, 760, 9, FontName.HELVETICA, "Estuary board - report");
      for (int i = 0; i < LEFT.size(); i++) {
        sheets.line(60, 660 - 14 * i, LEFT.get(i) + " " + page + " " + RIGHT.get(i));
      }
    }
    ReadSource read = read(sheets);
    assertThat(read.language()).isEqualTo("eng");
    assertThat(read.omissions())
        .anySatisfy(
            omission -> {
              assertThat(omission.reason()).isEqualTo("4 running heads and page numbers");
              assertThat(omission.example()).isEqualTo("Estuary board - report");
            });
  }
}
