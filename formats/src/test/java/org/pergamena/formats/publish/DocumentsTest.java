package org.pergamena.formats.publish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import javax.swing.text.DefaultStyledDocument;
import javax.swing.text.Document;
import javax.swing.text.rtf.RTFEditorKit;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFPictureShape;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFTextShape;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFStyle;
import org.jsoup.Jsoup;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.pergamena.formats.SourceReader;
import org.pergamena.formats.picture.Paper;
import org.pergamena.formats.picture.Pixels;

class DocumentsTest {
  private static byte[] written(FileFormat format, Form form) throws IOException {
    return Published.written(format, Published.with(form));
  }

  private static Map<String, byte[]> unpacked(byte[] zip) throws IOException {
    Map<String, byte[]> parts = new HashMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        parts.put(entry.getName(), in.readAllBytes());
      }
    }
    return parts;
  }

  private static byte[] onPaper(String paper) throws IOException {
    return written(FileFormat.PDF, Form.USUAL.on(Paper.of(paper).orElseThrow()));
  }

  @Test
  void an_open_document_has_headings_contents_footnotes_and_the_map_as_lines() throws Exception {
    byte[] odt = Published.written(FileFormat.ODT, Published.with(Form.USUAL, "apa", true));
    assertThat(new String(odt, 30, 47, StandardCharsets.US_ASCII))
        .as("known by its beginning")
        .contains("mimetypeapplication/vnd.oasis.opendocument.text".substring(0, 39));
    Map<String, byte[]> parts = unpacked(odt);
    assertThat(parts).containsKeys("styles.xml", "META-INF/manifest.xml", "Pictures/1.svg");
    var content =
        Jsoup.parse(
            new String(parts.get("content.xml"), StandardCharsets.UTF_8), Parser.xmlParser());
    assertThat(content.select("text|h").eachText())
        .containsExactly("1 Wall", "1.1 Age & <state> thin", "2 Creeks unsupported", "References");
    assertThat(content.select("text|table-of-content text|a").eachText())
        .containsExactly("1 Wall", "1.1 Age & <state>", "2 Creeks");
    assertThat(content.select("text|note-body").eachText())
        .containsExactly("(see Pell, 2029, p. 3)", "(Estuary Board, 2025)");
    assertThat(content.select("text|p").eachAttr("text:style-name"))
        .filteredOn("Reference"::equals)
        .hasSize(2);
    String svg = new String(parts.get("Pictures/1.svg"), StandardCharsets.UTF_8);
    assertThat(svg).doesNotContain("<text").contains("<path");
    var read = new SourceReader().read("map.odt", odt, share -> {});
    assertThat(read.text().text()).contains("Ask the warden, soon").contains("The wall is old.");
  }

  @Test
  void rich_text_is_read_by_others() throws Exception {
    byte[] rtf = Published.written(FileFormat.RTF, Published.with(Form.USUAL));
    Document document = new DefaultStyledDocument();
    new RTFEditorKit().read(new ByteArrayInputStream(rtf), document, 0);
    String text = document.getText(0, document.getLength());
    assertThat(text)
        .contains("1.1 Age & <state>")
        .contains("\u201cThe wall is old.\u201d (Estuary Board, 2025)")
        .contains("Pell, J. (2029). Silt.")
        .contains("Ask the warden, soon");
    assertThat(RtfReport.escaped("a{b}\\\u4e2d\ud83d\ude00\n"))
        .isEqualTo("a\\{b\\}\\\\\\u20013?\\u-10179?\\u-8704?\\line ");
    byte[] noted = Published.written(FileFormat.RTF, Published.with(Form.USUAL, "apa", true));
    assertThat(new String(noted, StandardCharsets.US_ASCII))
        .contains("{\\footnote")
        .satisfies(
            all ->
                assertThat(all.replaceAll("\\\\[{}]", "").chars().filter(c -> c == '{').count())
                    .isEqualTo(
                        all.replaceAll("\\\\[{}]", "").chars().filter(c -> c == '}').count()));
  }

  @Test
  void slides_show_the_map_its_branches_and_topics_and_cite_in_their_notes() throws IOException {
    try (XMLSlideShow show =
        new XMLSlideShow(
            new ByteArrayInputStream(Published.written(FileFormat.PPTX, Published.scaled(1))))) {
      List<XSLFSlide> slides = show.getSlides();
      assertThat(slides.stream().map(XSLFSlide::getTitle))
          .containsExactly(null, "The marsh", "Wall", "Age & <state>", "Creeks", "References");
      for (int with : new int[] {1, 2, 4}) {
        assertThat(slides.get(with).getShapes()).anyMatch(XSLFPictureShape.class::isInstance);
      }
      String age = words(slides.get(3).getShapes());
      assertThat(age).contains("In years.").contains("The wall is old.");
      assertThat(words(slides.get(3).getNotes().getShapes()))
          .contains("\u201cThe wall is old.\u201d (Estuary Board, 2025)");
      assertThat(words(slides.get(5).getShapes())).contains("Pell, J. (2029). Silt.");
    }
  }

  private static String words(List<?> shapes) {
    StringBuilder words = new StringBuilder();
    for (Object shape : shapes) {
      if (shape instanceof XSLFTextShape text) {
        words.append(text.getText()).append('\n');
      }
    }
    return words.toString();
  }

  @Test
  void the_report_as_pdf_has_pages_contents_bookmarks_and_tags() throws IOException {
    byte[] pdf = Published.written(FileFormat.PDF, Published.with(Form.USUAL, "apa", true));
    try (PDDocument document = Loader.loadPDF(pdf)) {
      PDFTextStripper stripper = new PDFTextStripper();
      stripper.setSortByPosition(true);
      String text = stripper.getText(document);
      assertThat(text)
          .contains("Contents", "1.1 Age & <state>", "\u201cThe wall is old.\u201d", "References")
          .contains("(Estuary Board, 2025)")
          .containsPattern("1 Wall[ .]*4")
          .containsPattern("2 *\\(Estuary Board");
      assertThat(document.getNumberOfPages()).isGreaterThanOrEqualTo(4);
      assertThat(document.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
      assertThat(document.getDocumentCatalog().getStructureTreeRoot().getKids()).isNotEmpty();
      assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo("en");
      var first = document.getDocumentCatalog().getDocumentOutline().getFirstChild();
      assertThat(first.getTitle()).isEqualTo("1 Wall");
      assertThat(first.getFirstChild().getTitle()).isEqualTo("1.1 Age & <state>");
    }
  }

  @Test
  void the_drawing_is_laid_on_paper_of_a_size_or_over_several_pages() throws IOException {
    try (PDDocument one = Loader.loadPDF(onPaper("A3"))) {
      assertThat(one.getNumberOfPages()).isEqualTo(1);
      assertThat(one.getPage(0).getMediaBox().getWidth()).isBetween(1190f, 1191f);
      assertThat(new PDFTextStripper().getText(one)).contains("Age & <state>");
    }
    try (PDDocument tiles = Loader.loadPDF(onPaper("A5-tiles"))) {
      assertThat(tiles.getNumberOfPages()).isGreaterThan(0);
      assertThat(tiles.getPage(0).getMediaBox().getWidth()).isBetween(595f, 596f);
      assertThat(tiles.getDocumentCatalog().getDocumentOutline().getFirstChild().getTitle())
          .isEqualTo("The marsh");
    }
    assertThat(Paper.of("A9")).isEmpty();
    assertThat(Paper.of("report")).contains(Paper.REPORT);
  }

  @Test
  void webp_is_as_large_as_the_png_and_can_be_clear() throws IOException {
    Form clear = Form.USUAL.of(new Pixels(1, 0, true));
    BufferedImage webp = ImageIO.read(new ByteArrayInputStream(written(FileFormat.WEBP, clear)));
    BufferedImage png = ImageIO.read(new ByteArrayInputStream(written(FileFormat.PNG, clear)));
    assertThat(webp.getWidth()).isEqualTo(png.getWidth());
    assertThat(webp.getHeight()).isEqualTo(png.getHeight());
    assertThat(webp.getRGB(0, 0) >>> 24).isZero();
    assertThat(webp.getRGB(60, png.getHeight() / 2)).isEqualTo(png.getRGB(60, png.getHeight() / 2));
  }

  @ParameterizedTest
  @EnumSource(FileFormat.class)
  void every_format_can_be_looked_at_first(FileFormat format) throws IOException {
    Preview.Shown shown = Preview.of(format, Published.scaled(1));
    if (shown.type().startsWith("image")) {
      BufferedImage image = ImageIO.read(new ByteArrayInputStream(shown.bytes()));
      assertThat(image.getWidth()).isBetween(80, 1500);
    } else {
      assertThat(new String(shown.bytes(), StandardCharsets.UTF_8)).contains("The marsh");
    }
  }

  @Test
  void our_templates_differ_and_ones_own_keeps_its_styles() throws IOException {
    for (Template template : Template.ours()) {
      assertThat(Template.of(template.key())).contains(template);
      try (XWPFDocument document =
          new XWPFDocument(
              new ByteArrayInputStream(written(FileFormat.DOCX, Form.USUAL.by(template))))) {
        assertThat(face(document.getStyles().getStyle("BodyText"))).isEqualTo(template.reading());
      }
    }
    byte[] own = own();
    Template template = Template.own(own);
    template.requireSound();
    try (XWPFDocument document =
        new XWPFDocument(
            new ByteArrayInputStream(written(FileFormat.DOCX, Form.USUAL.by(template))))) {
      assertThat(face(document.getStyles().getStyle("BodyText"))).isEqualTo("Courier New");
      assertThat(document.getParagraphs().get(0).getText()).isEqualTo("The marsh");
      assertThat(document.getParagraphs()).noneMatch(p -> p.getText().contains("Lorem"));
    }
    assertThatThrownBy(() -> Template.own(new byte[] {1, 2}).requireSound())
        .hasMessageContaining("Bring a .docx");
    assertThat(Template.own(own)).isEqualTo(template).hasSameHashCodeAs(template);
  }

  private static String face(XWPFStyle style) {
    return style.getCTStyle().getRPr().getRFontsArray(0).getAscii();
  }

  private static byte[] own() throws IOException {
    try (XWPFDocument document = new XWPFDocument();
        ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      Template courier = new Template("x", "x", "Courier New", "Courier New", 11, 1, null);
      WordStyles.define(document, courier);
      document.createParagraph().createRun().setText("Lorem");
      document.write(out);
      return out.toByteArray();
    }
  }
}
