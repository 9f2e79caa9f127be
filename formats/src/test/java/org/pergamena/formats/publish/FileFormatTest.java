package org.pergamena.formats.publish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.math.BigInteger;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CancellationException;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.pergamena.core.layout.Backdrop;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.progress.Progress;
import org.pergamena.formats.picture.Paper;
import org.pergamena.formats.table.Cells;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

class FileFormatTest {
  private static Publication publication(int scale) {
    return Published.scaled(scale);
  }

  private static byte[] written(FileFormat format) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    format.write(publication(2), out);
    return out.toByteArray();
  }

  private static byte[] onPaper(String paper) throws IOException {
    Form form = Form.USUAL.on(Paper.of(paper).orElseThrow());
    return Published.written(FileFormat.PDF, Published.with(form));
  }

  private static String text(FileFormat format) throws IOException {
    return new String(written(format), StandardCharsets.UTF_8);
  }

  private static Document xml(byte[] bytes) throws Exception {
    DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
    factory.setNamespaceAware(true);
    return factory.newDocumentBuilder().parse(new ByteArrayInputStream(bytes));
  }

  @ParameterizedTest
  @EnumSource(FileFormat.class)
  void every_format_is_written_and_known_by_its_ending(FileFormat format) throws IOException {
    assertThat(written(format)).hasSizeGreaterThan(60);
    assertThat(FileFormat.of(format.ending())).contains(format);
    assertThat(FileFormat.of("exe")).isEmpty();
  }

  @Test
  void plain_text_is_indented_and_has_notes_passages_and_links() throws IOException {
    assertThat(text(FileFormat.TXT))
        .startsWith("The marsh\n  1 Wall\n    1.1 Age & <state> (thin)\n      | In years.\n")
        .contains("      | \u201cThe wall is old.\u201d \u2014 Survey <report>")
        .contains("      | fills -> Creeks (2)\n");
  }

  @Test
  void an_outline_is_xml_with_its_notes_and_passages() throws Exception {
    Document opml = xml(written(FileFormat.OPML));
    assertThat(opml.getDocumentElement().getAttribute("version")).isEqualTo("2.0");
    assertThat(opml.getElementsByTagName("title").item(0).getTextContent()).isEqualTo("The marsh");
    Element age = (Element) opml.getElementsByTagName("outline").item(2);
    assertThat(age.getAttribute("text")).isEqualTo("Age & <state>");
    assertThat(age.getAttribute("_note")).isEqualTo(Published.NOTE.substring(1));
    assertThat(age.getAttributeNS("urn:pergamena:opml:1", "number")).isEqualTo("1.1");
    assertThat(((Element) age.getElementsByTagName("outline").item(0)).getAttribute("text"))
        .contains("The wall is old.");
  }

  @Test
  void a_latex_source_has_its_marks_taken_for_words() throws IOException {
    String tex = text(FileFormat.TEX);
    assertThat(tex)
        .contains("\\title{The marsh\\\\\\large A survey}")
        .contains("\\subsection[Age \\& <state>]{Age \\& <state> \\textit{\\small thin}}")
        .contains("Ask \\textbf{the warden}, \\textit{soon}, at ")
        .contains("\\href{https://example.org/w}{her page}")
        .contains("\u201cThe wall is old.\u201d (Estuary Board, 2025)")
        .contains("\\item[] Estuary Board. (2025). \\textit{Survey <report>}.")
        .contains("meant it (see Pell, 2029, p. 3).")
        .endsWith("\\end{document}\n");
    assertThat(tex.split("begin\\{", -1)).hasSameSizeAs(tex.split("end\\{", -1));
  }

  @Test
  void a_graph_has_a_node_a_topic_and_an_edge_a_line() throws Exception {
    Document graph = xml(written(FileFormat.GRAPHML));
    assertThat(graph.getElementsByTagName("node").getLength()).isEqualTo(4);
    assertThat(graph.getElementsByTagName("edge").getLength()).isEqualTo(4);
    Element last = (Element) graph.getElementsByTagName("edge").item(3);
    assertThat(last.getAttribute("source")).isEqualTo("t" + Published.AGE);
    assertThat(last.getTextContent()).isEqualTo("fillslink");
  }

  @Test
  void the_table_of_topics_comes_in_again_and_the_workbook_has_four() throws Exception {
    List<List<String>> rows = Cells.of(text(FileFormat.CSV).replace("\uFEFF", ""));
    assertThat(rows.get(3).subList(0, 4))
        .containsExactly("1.1", "Age & <state>", "Wall", "In years.");
    assertThat(rows.get(3).get(4)).isEqualTo(Published.NOTE);
    try (XSSFWorkbook book = new XSSFWorkbook(new ByteArrayInputStream(written(FileFormat.XLSX)))) {
      assertThat(book.getNumberOfSheets()).isEqualTo(4);
      assertThat(book.getSheet("Passages").getRow(1).getCell(2).getStringCellValue())
          .isEqualTo("The wall is old.");
      assertThat(book.getSheet("Relations").getRow(1).getCell(1).getStringCellValue())
          .isEqualTo("fills");
      assertThat(book.getSheet("Sources").getRow(1).getCell(2).getStringCellValue())
          .isEqualTo("{Estuary Board}");
    }
  }

  @Test
  void a_drawing_keeps_text_as_text_and_has_its_pictures_within() throws Exception {
    Document svg = xml(written(FileFormat.SVG));
    assertThat(svg.getElementsByTagName("text").getLength()).isGreaterThan(4);
    Element image = (Element) svg.getElementsByTagName("image").item(0);
    assertThat(image.getAttributeNS("http://www.w3.org/1999/xlink", "href"))
        .startsWith("data:image/svg+xml;base64,");
    assertThat(svg.getElementsByTagName("title").item(0).getTextContent()).isEqualTo("The marsh");
  }

  @Test
  void a_pdf_is_one_page_whose_text_is_found_with_a_bookmark_for_each_topic() throws IOException {
    try (PDDocument pdf = Loader.loadPDF(onPaper("fit"))) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(1);
      assertThat(pdf.getPage(0).getMediaBox().getWidth())
          .isCloseTo((float) (publication(1).scene().width() * 0.75), within(1f));
      assertThat(new PDFTextStripper().getText(pdf)).contains("The marsh", "Age & <state>");
      var root = pdf.getDocumentCatalog().getDocumentOutline().getFirstChild();
      assertThat(root.getTitle()).isEqualTo("The marsh");
      assertThat(root.getFirstChild().getFirstChild().getTitle()).isEqualTo("Age & <state>");
    }
  }

  @Test
  void pictures_of_pixels_have_the_size_of_the_scene_and_too_large_ones_say_why_not()
      throws IOException {
    BufferedImage png = ImageIO.read(new ByteArrayInputStream(written(FileFormat.PNG)));
    BufferedImage jpg = ImageIO.read(new ByteArrayInputStream(written(FileFormat.JPG)));
    assertThat(jpg.getWidth()).isEqualTo(png.getWidth());
    assertThat(jpg.getHeight()).isEqualTo((int) Math.ceil(publication(2).scene().height() * 2));
    Scene huge =
        new Scene(1_500, 1_500, Backdrop.plain("#ffffff"), List.of(), List.of(), List.of());
    Publication large = with(huge, Progress.NONE);
    assertThatThrownBy(() -> FileFormat.JPG.write(large, new ByteArrayOutputStream()))
        .hasMessageContaining("Choose PNG");
  }

  private static Publication with(Scene scene, Progress progress) {
    Publication one = publication(8);
    return new Publication(
        one.front(),
        one.published(),
        one.sources(),
        one.works(),
        () -> scene,
        one.gallery(),
        one.store(),
        one.form(),
        progress);
  }

  @Test
  void a_pdf_is_stopped_before_its_first_page_is_there() {
    Progress stopping =
        (step, share) -> {
          if (step.equals("Breaking lines")) {
            throw new CancellationException();
          }
        };
    Scene scene = publication(2).scene();
    assertThatThrownBy(
            () -> FileFormat.PDF.write(with(scene, stopping), new ByteArrayOutputStream()))
        .isInstanceOf(CancellationException.class);
  }

  @Test
  void a_page_has_all_within_it_and_asks_for_nothing() throws IOException {
    org.jsoup.nodes.Document page = Jsoup.parse(text(FileFormat.HTML));
    assertThat(page.select("script[src], link, img[src^=http], iframe")).isEmpty();
    assertThat(page.select("meta[http-equiv=Content-Security-Policy]").attr("content"))
        .startsWith("default-src 'none'");
    assertThat(page.title()).isEqualTo("The marsh");
    assertThat(page.select("header p").text()).contains("A survey", "Estuary Board");
    org.jsoup.nodes.Element details = page.getElementById("o" + Published.AGE);
    assertThat(details.selectFirst("summary").text()).isEqualTo("1.1 Age & <state> thin");
    assertThat(details.select("p.note strong").text()).isEqualTo("the warden");
    assertThat(details.select("blockquote p").first().text())
        .isEqualTo("She said & meant it (see Pell, 2029, p. 3).");
    assertThat(details.select("blockquote cite").text()).isEqualTo("(Estuary Board, 2025)");
    assertThat(details.select("p.relation a").attr("href")).isEqualTo("#o" + Published.CREEKS);
    assertThat(page.select(".references li").eachText())
        .containsExactly("Estuary Board. (2025). Survey <report>.", "Pell, J. (2029). Silt.");
    assertThat(page.select("body > footer a").attr("href")).isEqualTo("https://example.org/us");
    assertThat(page.getElementById("t" + Published.AGE)).as("on the drawing").isNotNull();
    assertThat(written(FileFormat.HTML).length).isLessThan(500_000);
  }

  @Test
  void a_text_document_has_headings_contents_notes_quotes_pictures_and_sources()
      throws IOException {
    try (XWPFDocument document =
        new XWPFDocument(new ByteArrayInputStream(written(FileFormat.DOCX)))) {
      List<XWPFParagraph> all = document.getParagraphs();
      assertThat(styled(all, "Title")).containsExactly("The marsh");
      assertThat(styled(all, "Subtitle")).containsExactly("A survey", "Estuary Board", "2026");
      assertThat(styled(all, "TOC2")).hasSize(1).first().asString().startsWith("1.1 Age & <state>");
      assertThat(styled(all, "Heading1"))
          .containsExactly("1 Wall", "2 Creeks  unsupported", "References");
      assertThat(styled(all, "Heading2").get(0)).isEqualTo("1.1 Age & <state>  thin");
      assertThat(styled(all, "Quote"))
          .containsExactly("\u201cThe wall is old.\u201d (Estuary Board, 2025)");
      assertThat(styled(all, "Reference"))
          .containsExactly("Estuary Board. (2025). Survey <report>.", "Pell, J. (2029). Silt.");
      assertThat(styled(all, "Caption")).containsExactly("The map: The marsh", "A fish");
      XWPFParagraph note =
          all.stream().filter(p -> p.getText().startsWith("Ask")).findFirst().orElseThrow();
      assertThat(note.getRuns()).anyMatch(run -> run.isBold() && run.text().equals("the warden"));
      assertThat(note.getRuns()).anyMatch(run -> run.isItalic() && run.text().equals("soon"));
      assertThat(document.getHyperlinks())
          .extracting(link -> link.getURL())
          .contains("https://example.org/w");
      assertThat(all.stream().filter(p -> p.getNumID() != null).map(XWPFParagraph::getText))
          .containsExactly("First", "Second", "below");
      assertThat(document.getStyles().getStyle("Quote").getCTStyle().getPPr().getInd().getLeft())
          .isEqualTo(BigInteger.valueOf(480));
      assertThat(document.getAllPictures()).as("the map twice, and the fish").hasSize(3);
      assertThat(document.getFooterList().get(0).getText()).contains("1");
    }
  }

  @Test
  void a_text_document_has_footnotes_where_the_style_or_the_person_wants_them() throws IOException {
    for (Publication publication :
        List.of(
            Published.with(Form.USUAL, "apa", true),
            Published.with(Form.USUAL, "chicago-notes", false))) {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      FileFormat.DOCX.write(publication, out);
      try (XWPFDocument document = new XWPFDocument(new ByteArrayInputStream(out.toByteArray()))) {
        assertThat(styled(document.getParagraphs(), "Quote").get(0))
            .startsWith("\u201cThe wall is old.\u201d[footnoteRef:");
        assertThat(document.getFootnotes())
            .extracting(note -> note.getParagraphs().get(0).getText())
            .anyMatch(words -> words.contains("Estuary Board"))
            .anyMatch(words -> words.contains("see") && words.contains("Pell"));
      }
    }
  }

  private static List<String> styled(List<XWPFParagraph> all, String style) {
    return all.stream()
        .filter(paragraph -> style.equals(paragraph.getStyle()))
        .map(XWPFParagraph::getText)
        .toList();
  }
}
