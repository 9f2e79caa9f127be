package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class ReferencesTest {
  private static final String BIB =
      "@book{rook2029, author = {Rook, Ada}, title = {Silt and sense}, year = 2029}\n"
          + "@book{broken, title = {No end\n";

  private static void bring(DeskPage desk, String button, String name, String text) {
    FileChooser chooser =
        desk.page().waitForFileChooser(() -> desk.sheet().getByText(button).click());
    chooser.setFiles(new FilePayload(name, "text/plain", text.getBytes(StandardCharsets.UTF_8)));
  }

  @Test
  void a_list_is_brought_a_style_chosen_and_the_list_saved(DeskPage desk) throws IOException {
    desk.open();
    desk.button("References\u2026").click();
    Locator works = desk.sheet().getByRole(AriaRole.LIST).first();
    assertThat(works).containsText("Castellan, I. (2031, October 14). The night the wall");
    bring(desk, "Bring a list\u2026", "works.bib", BIB);
    assertThat(desk.sheet().getByText("1 work came.")).isVisible();
    assertThat(desk.sheet().getByText("Line 2: The entry @book")).isVisible();
    assertThat(desk.sheet().getByText("Rook, A. (2029). Silt and sense.")).isVisible();
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    desk.sheet().getByLabel("Style").selectOption("chicago-notes");
    assertThat(desk.sheet().getByText("Rook, Ada. Silt and Sense. 2029.")).isVisible();
    Download saved = desk.page().waitForDownload(() -> desk.sheet().getByText("BibTeX").click());
    assertThat(Files.readString(saved.path()))
        .contains("@book{rook2029")
        .contains("Silt and sense");
    desk.sheet().getByText("Where they are cited").click();
    assertThat(desk.sheet().getByText(Pattern.compile("^0 in notes, \\d+ by passages")))
        .isVisible();
  }

  @Test
  void a_work_is_found_in_the_catalogue_and_cited_in_a_note(DeskPage desk) {
    desk.open();
    desk.button("References\u2026").click();
    desk.sheet().getByText("Find in a catalogue\u2026").click();
    desk.sheet().getByLabel("Title").fill("carbon");
    desk.sheet().getByText("Find", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(desk.sheet().getByText(Pattern.compile("works found in"))).isVisible();
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    Locator found = desk.sheet().getByLabel("Found works");
    String first = found.getByRole(AriaRole.LISTITEM).first().innerText();
    String author = first.substring(0, first.indexOf(','));
    found.getByText("Put on the shelf").first().click();
    assertThat(found.getByText("on the shelf", new Locator.GetByTextOptions().setExact(true)))
        .isVisible();
    desk.sheet().getByLabel("Close", new Locator.GetByLabelOptions().setExact(true)).click();

    Locator note = desk.page().getByRole(AriaRole.TEXTBOX).and(desk.page().getByLabel("Note"));
    note.click();
    note.pressSequentially("It stays in the mud @" + author.toLowerCase().replaceAll("[^a-z]", ""));
    assertThat(desk.page().getByLabel("Works to cite")).isVisible();
    desk.page().keyboard().press("Enter");
    Locator citation = note.getByRole(AriaRole.BUTTON);
    assertThat(citation).isVisible();
    citation.click();
    desk.sheet().getByLabel("Number or time").fill("12");
    assertThat(desk.sheet().getByText(Pattern.compile("^\\(" + author + ".*, p\\. 12\\)$")))
        .isVisible();
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    desk.sheet().getByText("Cite", new Locator.GetByTextOptions().setExact(true)).last().click();
    assertThat(citation).hasText(Pattern.compile("^\\(" + author + ".*, p\\. 12\\)$"));
    desk.page().reload();
    assertThat(citation).hasText(Pattern.compile("^\\(" + author + ".*, p\\. 12\\)$"));
  }
}
