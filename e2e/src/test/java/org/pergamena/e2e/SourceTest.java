package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** A source in the hands of a person: read, heard, described, replaced, taken out. */
@ExtendWith(Browsing.class)
class SourceTest {
  private static Locator dialog(DeskPage desk) {
    return desk.page().getByRole(AriaRole.DIALOG);
  }

  private static Locator dialogButton(DeskPage desk, String name) {
    return dialog(desk)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void a_pdf_is_read_as_its_real_pages_with_the_passage_marked(DeskPage desk) {
    desk.open();
    desk.button("Read Ferrow survey report").click();
    desk.button("Headings").click();
    desk.item("What grew back");
    assertThat(desk.reading().locator("[data-sought]")).hasText("What grew back");
    desk.button("Pages").click();
    Locator marked = desk.reading().locator("[data-page] [data-sought]");
    assertThat(marked).hasCount(1);
    assertThat(marked).isVisible();
    Locator page = desk.reading().locator("[data-page]:has([data-sought])");
    assertThat(page).hasAttribute("aria-label", Pattern.compile("Page [2-9]"));
    assertThat(page.locator("canvas")).isVisible();
    assertThat(desk.reading().locator("[data-page] button").first()).isVisible();
  }

  @Test
  void a_recording_plays_from_a_sentence_and_the_transcript_follows(DeskPage desk) {
    desk.open();
    desk.button("Read Wardens interview").click();
    desk.reading().getByText("Barley, mostly.").click();
    Locator player = desk.reading().locator("audio");
    desk.page().waitForCondition(() -> number(player, "e => e.currentTime") > 52.0);
    assertThat(number(player, "e => e.currentTime")).isBetween(52.0, 60.0);
    assertThat(desk.reading().locator("[data-now]").first()).isVisible();
    player.evaluate("e => e.pause()");
  }

  private static double number(Locator of, String expression) {
    return ((Number) of.evaluate(expression)).doubleValue();
  }

  @Test
  void words_are_found_in_one_source_and_in_all(DeskPage desk) {
    desk.open();
    desk.button("Read Marsh and memory").click();
    desk.page().getByPlaceholder("Find words").fill("marsh");
    desk.page().getByPlaceholder("Find words").press("Enter");
    assertThat(desk.reading().getByText(Pattern.compile("^1 of \\d+$"))).isVisible();
    desk.button("Search all sources\u2026").click();
    dialog(desk).getByLabel("Words").fill("inspection");
    assertThat(dialog(desk)).containsText("sources");
    dialog(desk).getByText("Harbour committee minutes").waitFor();
    dialog(desk)
        .locator("section", new Locator.LocatorOptions().setHasText("Harbour"))
        .locator("button")
        .first()
        .click();
    assertThat(desk.title()).hasText("Harbour committee minutes");
    assertThat(desk.reading().locator("[data-sought]")).hasText("inspection");
  }

  @Test
  void details_tell_what_was_read_and_let_it_be_named_and_parts_left_out(DeskPage desk) {
    desk.open();
    desk.button("Details of Ferrow survey report").click();
    assertThat(dialog(desk)).containsText("26 running heads and page numbers");
    assertThat(dialog(desk)).containsText("13 pages");
    dialog(desk).getByLabel("Author").fill("Estuary board");
    dialog(desk).getByLabel("Name").fill("The survey");
    dialogButton(desk, "Keep this").click();
    assertThat(desk.shelf()).containsText("The survey");
    dialog(desk).getByLabel("Carbon in the marsh").check();
    assertThat(dialog(desk).getByLabel("Carbon in the marsh")).isChecked();
    dialogButton(desk, "Read it").click();
    assertThat(desk.reading().locator("[data-excluded]").first()).isAttached();
  }

  @Test
  void a_newer_version_keeps_its_passages_and_a_source_taken_out_comes_back(
      DeskPage desk, @TempDir Path folder) throws IOException {
    Path first = Files.writeString(folder.resolve("notes.txt"), "The wall is old.\n\nIt leaks.");
    Path second = Files.writeString(folder.resolve("notes-2.txt"), "A new text of other words.");
    desk.newMap();
    FileChooser chooser = desk.page().waitForFileChooser(() -> desk.button("Choose files").click());
    chooser.setFiles(first);
    desk.button("Read Notes").click();
    desk.page().getByPlaceholder("Find words").fill("It leaks");
    desk.page().getByPlaceholder("Find words").press("Enter");
    desk.reading()
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Link to")))
        .click();
    desk.button("Details").click();
    FileChooser newer =
        desk.page()
            .waitForFileChooser(() -> dialogButton(desk, "Replace by a newer version").click());
    newer.setFiles(second);
    assertThat(dialog(desk)).containsText("1 passage not found in the newer version");
    assertThat(dialog(desk)).containsText("It leaks");
    dialogButton(desk, "Take it out\u2026").click();
    assertThat(dialog(desk)).containsText("1 topic loses passages");
    dialogButton(desk, "Take it out").click();
    assertThat(desk.shelf()).containsText("No sources");
  }
}
