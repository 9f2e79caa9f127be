package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.file.StandardCopyOption.REPLACE_EXISTING;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class ExportTest {
  @Test
  void markdown_is_saved_with_evidence_as_footnotes(DeskPage desk) throws IOException {
    desk.open();
    desk.button("Export").click();
    Download saved =
        desk.page().waitForDownload(() -> desk.page().getByText("Save the Markdown").click());
    assertThat(saved.suggestedFilename()).isEqualTo("Letting the sea back in at Ferrow.md");
    assertThat(Files.readString(saved.path()))
        .startsWith("# Letting the sea back in at Ferrow")
        .containsPattern("\\[\\^1]: \u201c.+\u201d \u2014 .+, (p\\. \\d+|\\d+:\\d\\d|.+)");
  }

  @Test
  void a_branch_is_saved_as_a_document_with_a_title_page_and_the_wish_is_remembered(DeskPage desk)
      throws IOException {
    desk.open();
    String label = desk.read(desk.main(0));
    desk.button("Export").click();
    desk.sheet().getByText("Word document").click();
    desk.sheet().getByText("\u201c" + label + "\u201d and below").click();
    desk.sheet().getByText("Passages", new Locator.GetByTextOptions().setExact(true)).click();
    desk.sheet().getByLabel("Author").fill("Estuary Board");
    assertThat(desk.sheet().getByText("Save the Word document")).isVisible();
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    Download saved =
        desk.page().waitForDownload(() -> desk.sheet().getByText("Save the Word document").click());
    assertThat(saved.suggestedFilename()).isEqualTo(label + ".docx");
    try (XWPFDocument document = new XWPFDocument(Files.newInputStream(saved.path()))) {
      List<String> lines = document.getParagraphs().stream().map(XWPFParagraph::getText).toList();
      assertThat(lines).startsWith(label, "Estuary Board");
      assertThat(lines).noneMatch(line -> line.startsWith("\u201c"));
    }
    desk.button("Export").click();
    assertThat(desk.sheet().getByText("Save the Word document")).isVisible();
    assertThat(desk.sheet().getByLabel("Author")).hasValue("Estuary Board");
  }

  @Test
  void a_page_opens_alone_without_the_network_and_is_searched(DeskPage desk) throws IOException {
    desk.open();
    String leaf = desk.someLeaf().getAttribute("data-topic");
    desk.button("Export").click();
    desk.sheet().getByText("Page that opens alone").click();
    Download saved =
        desk.page()
            .waitForDownload(
                () -> desk.sheet().getByText("Save the Page that opens alone").click());
    Path file = Files.copy(saved.path(), Files.createTempFile("map", ".html"), REPLACE_EXISTING);
    BrowserContext elsewhere = desk.page().context().browser().newContext();
    elsewhere.setOffline(true);
    Page page = elsewhere.newPage();
    page.navigate(file.toUri().toString());
    Locator details = page.locator("[id=o" + leaf + "]");
    assertThat(details.locator("blockquote").first()).isHidden();
    page.locator("[id=t" + leaf + "] text").first().click();
    assertThat(details.locator("blockquote").first()).isVisible();
    page.getByLabel("Find").fill("tidal prism");
    assertThat(page.locator("output")).hasText(Pattern.compile("^[1-9]\\d* found$"));
    assertThat(details).isHidden();
    assertThat(DemonstrationTest.serious(new DeskPage(page, ""))).isEmpty();
    elsewhere.close();
    Files.delete(file);
  }

  @Test
  void a_picture_says_its_pixels_beforehand_and_has_them(DeskPage desk) throws IOException {
    desk.open();
    desk.button("Export").click();
    Locator dialog = desk.page().getByRole(AriaRole.DIALOG);
    dialog.getByText("PNG picture").click();
    dialog.getByText("3\u00d7").click();
    dialog.getByText("What is open now").click();
    Pattern said = Pattern.compile("will be ([\\d,]+) \u00d7 ([\\d,]+) pixels");
    assertThat(dialog.getByRole(AriaRole.STATUS)).containsText(said);
    Matcher size = said.matcher(dialog.getByRole(AriaRole.STATUS).innerText());
    assertThat(size.find()).isTrue();
    Download saved =
        desk.page().waitForDownload(() -> desk.page().getByText("Save the PNG picture").click());
    BufferedImage image = ImageIO.read(saved.path().toFile());
    assertThat(image.getWidth()).isEqualTo(Integer.parseInt(size.group(1).replace(",", "")));
    assertThat(image.getHeight()).isEqualTo(Integer.parseInt(size.group(2).replace(",", "")));
  }

  @Test
  void a_report_is_looked_at_first_and_saved_as_pdf_with_its_references(DeskPage desk)
      throws IOException {
    desk.open();
    desk.button("Export").click();
    desk.sheet().getByText("PDF report").click();
    desk.sheet().getByText("Citations as footnotes").click();
    assertThat(desk.sheet().getByAltText("The first pages")).isVisible();
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    Download saved =
        desk.page().waitForDownload(() -> desk.sheet().getByText("Save the PDF report").click());
    assertThat(saved.suggestedFilename()).endsWith(".pdf");
    try (PDDocument pdf = Loader.loadPDF(saved.path().toFile())) {
      assertThat(new PDFTextStripper().getText(pdf))
          .contains("References")
          .contains("Castellan, I. (2031, October 14).");
    }
  }

  @Test
  void a_whole_map_is_saved_and_brought_in_again(DeskPage desk) {
    desk.open();
    String title = desk.title().textContent();
    int topics = desk.page().locator("[role=treeitem]").count();
    desk.button("Export").click();
    desk.sheet().getByText("Whole map, to move it").click();
    Download saved =
        desk.page()
            .waitForDownload(
                () -> desk.sheet().getByText("Save the Whole map, to move it").click());
    String before = desk.page().url();
    desk.page().getByLabel(title + ": your maps").click();
    FileChooser chooser =
        desk.page()
            .waitForFileChooser(
                () -> desk.page().getByText("Bring a map from a file\u2026").click());
    chooser.setFiles(saved.path());
    desk.page().waitForURL(url -> !url.equals(before));
    assertThat(desk.title()).hasText(title);
    assertThat(desk.page().locator("[role=treeitem]")).hasCount(topics);
    assertThat(desk.page().getByText("Seven sources")).isVisible();
  }
}
