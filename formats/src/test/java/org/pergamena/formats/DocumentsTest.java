package org.pergamena.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFTextBox;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFStyle;
import org.junit.jupiter.api.Test;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTStyle;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;

class DocumentsTest {
  private static ReadSource read(String name, byte[] bytes) throws UnreadableException {
    return new SourceReader().read(name, bytes, share -> {});
  }

  private static List<String> blocks(SourceText text, Block.Kind kind) {
    return text.blocks().stream()
        .filter(block -> block.kind() == kind)
        .map(block -> text.text().substring(block.start(), block.end()))
        .toList();
  }

  /** A ZIP whose first entry is stored, as ODF and EPUB want their media type. */
  private static byte[] zip(String type, Map<String, String> files) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      byte[] mime = type.getBytes(StandardCharsets.US_ASCII);
      ZipEntry first = new ZipEntry("mimetype");
      CRC32 crc = new CRC32();
      crc.update(mime);
      first.setMethod(ZipEntry.STORED);
      first.setSize(mime.length);
      first.setCrc(crc.getValue());
      zip.putNextEntry(first);
      zip.write(mime);
      for (Map.Entry<String, String> file : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
      }
    }
    return out.toByteArray();
  }

  @Test
  void docx_has_headings_by_style_paragraphs_and_rows_of_tables() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (XWPFDocument document = new XWPFDocument()) {
      CTStyle style = CTStyle.Factory.newInstance();
      style.setStyleId("Heading1");
      style.addNewName().setVal("heading 1");
      document.createStyles().addStyle(new XWPFStyle(style));
      XWPFParagraph heading = document.createParagraph();
      heading.setStyle("Heading1");
      heading.createRun().setText("The old wall");
      document.createParagraph().createRun().setText("It was built by hand.");
      var table = document.createTable(1, 2);
      table.getRow(0).getCell(0).setText("Cost");
      table.getRow(0).getCell(1).setText("212,000");
      document.write(out);
    }
    ReadSource read = read("wall.docx", out.toByteArray());
    assertThat(read.kind()).isEqualTo(SourceKind.DOCUMENT);
    assertThat(blocks(read.text(), Block.Kind.HEADING)).containsExactly("The old wall");
    assertThat(blocks(read.text(), Block.Kind.PARAGRAPH))
        .containsExactly("It was built by hand.", "Cost | 212,000");
  }

  @Test
  void slides_are_cited_by_their_number() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (XMLSlideShow show = new XMLSlideShow()) {
      for (String words : List.of("Why the wall was breached", "What grew back")) {
        XSLFTextBox box = show.createSlide().createTextBox();
        box.setText(words);
      }
      show.write(out);
    }
    ReadSource read = read("talk.pptx", out.toByteArray());
    assertThat(read.kind()).isEqualTo(SourceKind.SLIDES);
    int second = read.text().text().indexOf("What grew back");
    assertThat(read.text().locate(second).citation()).isEqualTo("slide 2");
  }

  @Test
  void rows_of_a_sheet_carry_the_names_of_their_columns() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (XSSFWorkbook book = new XSSFWorkbook()) {
      var sheet = book.createSheet("Counts");
      String[][] rows = {{"Year", "Waders"}, {"first", "seven"}, {"fifth", "nineteen"}};
      for (int i = 0; i < rows.length; i++) {
        var row = sheet.createRow(i);
        row.createCell(0).setCellValue(rows[i][0]);
        row.createCell(1).setCellValue(rows[i][1]);
      }
      book.write(out);
    }
    ReadSource read = read("counts.xlsx", out.toByteArray());
    assertThat(read.kind()).isEqualTo(SourceKind.TABLE);
    assertThat(read.text().text()).contains("Year: fifth. Waders: nineteen.");
  }

  @Test
  void csv_is_read_whatever_parts_its_values() throws Exception {
    for (String text :
        List.of(
            "Year,Cost\n\"five, at last\",212\n",
            "Year;Cost\n\"five, at last\";212\n",
            "Year\tCost\nfive, at last\t212\n")) {
      ReadSource read = read("costs.csv", text.getBytes(StandardCharsets.UTF_8));
      assertThat(read.text().text()).isEqualTo("Year: five, at last. Cost: 212.");
    }
    assertThatThrownBy(
            () -> read("costs.csv", "a,b\n1,2\n\"3,4\n".getBytes(StandardCharsets.UTF_8)))
        .hasMessageContaining("line");
  }

  @Test
  void odt_has_headings_and_paragraphs() throws Exception {
    String content =
        "<?xml version=\"1.0\"?><office:document-content"
            + " xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\""
            + " xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\"><office:body><office:text>"
            + "<text:h text:outline-level=\"1\">Birds</text:h><text:p>They came back.</text:p>"
            + "</office:text></office:body></office:document-content>";
    byte[] bytes = zip("application/vnd.oasis.opendocument.text", Map.of("content.xml", content));
    ReadSource read = read("birds.odt", bytes);
    assertThat(blocks(read.text(), Block.Kind.HEADING)).containsExactly("Birds");
    assertThat(blocks(read.text(), Block.Kind.PARAGRAPH)).containsExactly("They came back.");
  }

  @Test
  void an_e_book_is_read_chapter_by_chapter() throws Exception {
    Map<String, String> files = new LinkedHashMap<>();
    files.put(
        "META-INF/container.xml",
        "<?xml version=\"1.0\"?><container version=\"1.0\""
            + " xmlns=\"urn:oasis:names:tc:opendocument:xmlns:container\"><rootfiles><rootfile"
            + " full-path=\"book.opf\" media-type=\"application/oebps-package+xml\"/></rootfiles>"
            + "</container>");
    files.put(
        "book.opf",
        "<?xml version=\"1.0\"?><package xmlns=\"http://www.idpf.org/2007/opf\" version=\"3.0\">"
            + "<metadata xmlns:dc=\"http://purl.org/dc/elements/1.1/\"><dc:title>Marshes</dc:title>"
            + "</metadata><manifest><item id=\"a\" href=\"a.xhtml\""
            + " media-type=\"application/xhtml+xml\"/></manifest><spine><itemref idref=\"a\"/></spine>"
            + "</package>");
    files.put(
        "a.xhtml",
        "<html xmlns=\"http://www.w3.org/1999/xhtml\"><head><title>A</title></head><body>"
            + "<h1>Mud</h1><p>It settles.</p></body></html>");
    ReadSource read = read("marshes.epub", zip("application/epub+zip", files));
    assertThat(read.kind()).isEqualTo(SourceKind.BOOK);
    assertThat(read.title()).isEqualTo("Marshes");
    assertThat(blocks(read.text(), Block.Kind.HEADING)).contains("Mud");
    assertThat(read.text().text()).contains("It settles.");
  }

  @Test
  void a_web_page_is_read_without_what_stands_around_its_article() throws Exception {
    String article =
        "<p>" + "The tide left a film of mud on the old fields of the parish. ".repeat(12) + "</p>";
    String html =
        "<!doctype html><html><head><title>Mud</title></head><body><nav><a href=x>Home</a> <a"
            + " href=y>Shop</a></nav><article><h1>The mud</h1>"
            + article
            + "<h2>Carbon<a class=headerlink>\u00b6</a></h2>"
            + article
            + "<ul><li>First&nbsp;point</li></ul></article><footer>Buy things</footer></body></html>";
    ReadSource read = read("mud.html", html.getBytes(StandardCharsets.UTF_8));
    assertThat(read.kind()).isEqualTo(SourceKind.WEB);
    assertThat(read.text().text())
        .doesNotContain("Shop")
        .doesNotContain("Buy things")
        .contains("film of mud");
    assertThat(blocks(read.text(), Block.Kind.HEADING)).contains("Carbon");
    assertThat(blocks(read.text(), Block.Kind.ITEM)).containsExactly("First point");
  }

  @Test
  void a_damaged_document_is_refused_with_a_sentence() throws Exception {
    byte[] odt = zip("application/vnd.oasis.opendocument.text", Map.of("content.xml", "<broken"));
    assertThatThrownBy(() -> read("x.odt", odt))
        .isInstanceOf(UnreadableException.class)
        .hasMessageEndingWith("add it again.");
  }

  private static String odf(String body) {
    return "<?xml version=\"1.0\"?><office:document-content"
        + " xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\""
        + " xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\""
        + " xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\"><office:body>"
        + "<office:text>"
        + body
        + "</office:text></office:body></office:document-content>";
  }

  @Test
  void lists_tables_and_notes_of_an_odt_are_each_what_they_are() throws Exception {
    String content =
        odf(
            "<text:p>The wall<text:note text:note-class=\"footnote\"><text:note-body><text:p>Built"
                + " twice.</text:p></text:note-body></text:note> is old.</text:p>"
                + "<text:list><text:list-item><text:p>It leaks.</text:p></text:list-item></text:list>"
                + "<table:table><table:table-row><table:table-cell><text:p>Cost</text:p>"
                + "</table:table-cell><table:table-cell><text:p>212</text:p></table:table-cell>"
                + "</table:table-row></table:table>");
    byte[] bytes = zip("application/vnd.oasis.opendocument.text", Map.of("content.xml", content));
    SourceText text = read("wall.odt", bytes).text();
    assertThat(blocks(text, Block.Kind.PARAGRAPH)).contains("The wall is old.", "Cost | 212");
    assertThat(blocks(text, Block.Kind.ITEM)).containsExactly("It leaks.");
    assertThat(blocks(text, Block.Kind.FOOTNOTE)).hasSize(1);
    assertThat(blocks(text, Block.Kind.FOOTNOTE).get(0)).contains("Built twice.");
  }

  @Test
  void rich_text_format_is_read_too() throws Exception {
    byte[] bytes =
        "{\\rtf1\\ansi The wall is old.\\par It leaks.\\par}".getBytes(StandardCharsets.US_ASCII);
    ReadSource read = read("wall.rtf", bytes);
    assertThat(read.kind()).isEqualTo(SourceKind.DOCUMENT);
    assertThat(blocks(read.text(), Block.Kind.PARAGRAPH))
        .containsExactly("The wall is old.", "It leaks.");
  }

  @Test
  void a_file_is_known_by_what_is_in_it_and_rows_are_cited_by_their_sheet() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (XSSFWorkbook book = new XSSFWorkbook()) {
      for (String name : List.of("Costs", "Counts")) {
        var sheet = book.createSheet(name);
        sheet.createRow(0).createCell(0).setCellValue("Year");
        sheet.createRow(1).createCell(0).setCellValue(name + " of the fifth");
      }
      book.write(out);
    }
    ReadSource read = read("misnamed.pptx", out.toByteArray());
    assertThat(read.kind()).isEqualTo(SourceKind.TABLE);
    assertThat(blocks(read.text(), Block.Kind.HEADING)).containsExactly("Costs", "Counts");
    int second = read.text().text().indexOf("Counts of the fifth");
    assertThat(read.text().locate(second).citation()).isEqualTo("Counts, row 2");
  }
}
