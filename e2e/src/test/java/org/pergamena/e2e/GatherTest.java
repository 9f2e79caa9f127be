package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.pergamena.server.testing.Repository;

@ExtendWith(Browsing.class)
class GatherTest {
  private static final Path DEMO = Repository.root().resolve("demo");

  /** Drops files on the page as the browser does when they are dragged there. */
  static void drop(Page page, List<Path> files) throws IOException {
    Map<String, String> contents = new LinkedHashMap<>();
    for (Path file : files) {
      contents.put(
          file.getFileName().toString(),
          Base64.getEncoder().encodeToString(Files.readAllBytes(file)));
    }
    var transfer =
        page.evaluateHandle(
            """
            contents => {
              const transfer = new DataTransfer();
              for (const [name, base64] of Object.entries(contents)) {
                const bytes = Uint8Array.from(atob(base64), c => c.charCodeAt(0));
                transfer.items.add(new File([bytes], name));
              }
              return transfer;
            }""",
            contents);
    page.locator("main").dispatchEvent("dragover", Map.of("dataTransfer", transfer));
    page.locator("main").dispatchEvent("drop", Map.of("dataTransfer", transfer));
  }

  @Test
  void three_files_dropped_at_once_are_read_and_distilled(DeskPage desk) throws IOException {
    desk.newMap();
    assertThat(desk.button("Distil")).isDisabled();
    drop(
        desk.page(),
        List.of(
            DEMO.resolve("survey-report.pdf"),
            DEMO.resolve("marsh-and-memory.md"),
            DEMO.resolve("lecture-on-realignment.srt")));
    assertThat(desk.shelf()).containsText("Three sources");
    assertThat(desk.shelf()).containsText("13 p.");
    assertThat(desk.shelf()).containsText("11 min");
    assertThat(desk.shelf()).containsText("words");
    assertThat(desk.button("Distil")).isEnabled();
    desk.button("Distil").click();
    assertThat(desk.tree()).isVisible();
    assertThat(desk.topics().nth(6)).isVisible();
    assertThat(desk.labels().get(0)).doesNotStartWith("Untitled");
    assertThat(desk.shelf()).containsText("of the text is on the map");
    desk.openEverything();
    assertThat(desk.topics().all().stream().map(t -> t.getAttribute("aria-level")))
        .as("three levels below the root")
        .contains("1", "2", "3");
    drop(
        desk.page(),
        List.of(DEMO.resolve("survey-report.pdf"), DEMO.resolve("ringing-group-report.docx")));
    Locator given = desk.page().getByLabel("Files that were given");
    assertThat(given).containsText("survey-report.pdf is here already");
    assertThat(given).containsText("ringing-group-report.docx is on the shelf");
  }

  @Test
  void a_file_that_cannot_be_read_says_why_and_the_rest_goes_on(DeskPage desk, @TempDir Path folder)
      throws IOException {
    Path bad = Files.writeString(folder.resolve("talk.srt"), "no times in here");
    Path good = Files.writeString(folder.resolve("note.txt"), "The wall is old. It leaks.");
    desk.newMap();
    FileChooser chooser = desk.page().waitForFileChooser(() -> desk.button("Choose files").click());
    chooser.setFiles(new Path[] {bad, good});
    assertThat(desk.shelf()).containsText("there are no times like");
    assertThat(desk.shelf()).containsText("Note");
    assertThat(desk.button("Distil")).isEnabled();
    desk.button("Take it out").click();
    assertThat(desk.shelf()).containsText("One source");
  }

  @Test
  void pasted_text_becomes_a_source_and_three_branches_are_kept_to(DeskPage desk)
      throws IOException {
    desk.newMap();
    desk.button("Paste text").click();
    desk.page().getByPlaceholder("Pasted text").fill("Committee");
    desk.page()
        .getByLabel("Text", new Page.GetByLabelOptions().setExact(true))
        .fill(Files.readString(DEMO.resolve("harbour-committee-minutes.txt")));
    desk.button("Add this text").click();
    assertThat(desk.shelf()).containsText("Committee");
    desk.page()
        .getByRole(
            AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Most topics under one topic"))
        .getByText("3, to remember")
        .click();
    desk.button("Distil").click();
    assertThat(desk.tree()).isVisible();
    desk.openEverything();
    assertThat(desk.page().locator("[role=treeitem][aria-level='2']")).hasCount(3);
  }

  @Test
  void sources_are_chosen_and_stand_side_by_side(DeskPage desk) throws IOException {
    desk.newMap();
    drop(
        desk.page(),
        List.of(
            DEMO.resolve("marsh-and-memory.md"),
            DEMO.resolve("lecture-on-realignment.srt"),
            DEMO.resolve("harbour-committee-minutes.txt")));
    assertThat(desk.shelf()).containsText("Three sources");
    desk.page().getByText("One for each source").click();
    desk.page()
        .getByRole(
            AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("Harbour committee minutes"))
        .uncheck();
    assertThat(desk.button("Distil")).isEnabled();
    desk.button("Distil").click();
    assertThat(desk.tree()).isVisible();
    assertThat(desk.topic("Marsh and memory")).isVisible();
    assertThat(desk.topic("Lecture on realignment")).isVisible();
    assertThat(desk.page().locator("[role=treeitem][aria-level='2']")).hasCount(2);
    assertThat(desk.button("Fold it in")).isVisible();
  }

  @Test
  void what_was_copied_from_a_page_keeps_its_headings_and_lists(DeskPage desk) {
    desk.newMap();
    desk.button("Paste text").click();
    Locator field = desk.page().getByLabel("Text", new Page.GetByLabelOptions().setExact(true));
    field.evaluate(
        """
        field => {
          const data = new DataTransfer();
          data.setData("text/html", "<h2>The wall</h2><p>It is old.</p><ul><li>It leaks</li></ul>");
          data.setData("text/plain", "The wall\\nIt is old.\\nIt leaks");
          field.dispatchEvent(new ClipboardEvent("paste",
              { clipboardData: data, bubbles: true, cancelable: true }));
        }""");
    field.fill("The wall\nIt is old.\nIt leaks");
    assertThat(desk.page().getByText("Headings, lists and tables of what you copied")).isVisible();
    desk.button("Add this text").click();
    desk.button("Read Pasted text").click();
    assertThat(desk.reading().locator("[data-kind=HEADING]")).hasText("The wall");
    assertThat(desk.reading().locator("[data-kind=ITEM]")).hasText("It leaks");
  }

  @Test
  void the_same_file_twice_offers_the_one_that_is_there(DeskPage desk, @TempDir Path folder)
      throws IOException {
    Path first = Files.writeString(folder.resolve("wall.txt"), "The wall is old. It leaks.");
    Path again = Files.writeString(folder.resolve("copy.txt"), "The wall is old. It leaks.");
    desk.newMap();
    FileChooser chooser = desk.page().waitForFileChooser(() -> desk.button("Choose files").click());
    chooser.setFiles(first);
    assertThat(desk.button("Read Wall")).isEnabled();
    FileChooser second = desk.page().waitForFileChooser(() -> desk.button("Choose files").click());
    second.setFiles(again);
    assertThat(desk.page().getByText("copy.txt is here already, as \u201cWall\u201d.")).isVisible();
    desk.button("Open it").click();
    assertThat(desk.title()).hasText("Wall");
    assertThat(desk.shelf()).containsText("One source");
  }
}
