package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.Repository;

/**
 * Makes the pictures of {@code docs/screenshots} anew, each of a main view of the demonstration
 * map; run by {@code ./pergamena bench pictures}.
 */
@ExtendWith(Browsing.class)
class Screenshots {
  private static final Path FOLDER = Repository.root().resolve("docs/screenshots");
  private static final Path DEMO = Repository.root().resolve("demo");
  private static final String LEAVES = "[role=treeitem][aria-level='3']:not([aria-expanded])";

  private static final String REPLY =
      """
      Sure! Here is what the sources say on Ferrow:

      ```markdown
      # Letting the sea back in at Ferrow
      - Outer wall
        - Cost of keeping the wall
        - Raised in 1911 by Piet Holm
      - Waders in the first winter [p000000]
        - Counts at high water
      - Old creeks
        - **Depth at the mouth
      - Ferry timetable: how often the ferry crosses
      ```

      Would you like me to expand any of these?
      """;

  private static void take(DeskPage desk, String name) {
    Page page = desk.page();
    page.waitForFunction("() => document.fonts.status === 'loaded'");
    page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
  }

  private static Locator button(Locator in, String name) {
    return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
  }

  @Test
  void desk(DeskPage desk) {
    desk.open();
    assertThat(desk.shelf()).containsText("99%");
    take(desk, "desk");
  }

  @Test
  void topic(DeskPage desk) {
    Locator leaves = desk.open().page().locator(LEAVES);
    leaves.nth(1).click();
    desk.reading().getByText("Add a picture").click();
    desk.sheet().getByText("Ink drawings").click();
    desk.sheet().getByLabel("Find a drawing by a word").fill("lighthouse");
    button(desk.sheet(), "lighthouse").first().click();
    desk.kept();
    desk.act("Link to another topic");
    String other = leaves.nth(5).getAttribute("aria-label").replaceFirst("^[\\d.]+ ", "");
    desk.sheet().getByLabel("Find the other topic").fill(other.split(",")[0]);
    desk.sheet().getByRole(AriaRole.OPTION).first().click();
    desk.page().getByLabel("Words on the link").fill("kept the tide from");
    desk.button("Link them").click();
    assertThat(desk.page().locator("[data-link]")).hasCount(1);
    desk.kept();
    take(desk, "topic");
  }

  @Test
  void sources(DeskPage desk) {
    desk.open();
    desk.button("Read Ferrow survey report").click();
    assertThat(desk.reading()).containsText("The main findings are these.");
    take(desk, "source");
    desk.button("Pages").click();
    assertThat(desk.reading().locator("[data-page] canvas").first()).isVisible();
    assertThat(desk.reading().locator("[data-page] button").first()).isVisible();
    take(desk, "pages");
    desk.button("Details").click();
    assertThat(desk.sheet().getByText("Left out of distilling")).isVisible();
    assertThat(desk.sheet().getByLabel("Type of work")).isVisible();
    take(desk, "details");
    desk.page().keyboard().press("Escape");
    desk.button("Read Wardens interview").click();
    assertThat(desk.reading()).containsText("Barley, mostly.");
    Locator player = desk.reading().locator("audio");
    desk.page().waitForCondition(() -> (Boolean) player.evaluate("e => e.duration > 0"));
    take(desk, "recording");
  }

  @Test
  void gathering(DeskPage desk) throws IOException {
    desk.newMap();
    GatherTest.drop(
        desk.page(),
        List.of(
            DEMO.resolve("survey-report.pdf"),
            DEMO.resolve("marsh-and-memory.md"),
            DEMO.resolve("wardens-interview.vtt"),
            DEMO.resolve("harbour-committee-minutes.txt")));
    assertThat(desk.shelf()).containsText("Four sources");
    assertThat(desk.page().getByText(Pattern.compile("This will come to"))).isVisible();
    take(desk, "gather");
  }

  @Test
  void distilling(DeskPage desk) {
    desk.open();
    desk.button("Distil again\u2026").click();
    assertThat(desk.sheet().getByText(Pattern.compile("This will come to"))).isVisible();
    take(desk, "distil");
  }

  @Test
  void outline(DeskPage desk) {
    desk.open();
    desk.button("Add a source\u2026").click();
    desk.button("Follow an outline").click();
    desk.sheet().getByText("Try a made-up outline").click();
    desk.button("Make it a map").click();
    assertThat(desk.button("Update the map")).isVisible();
    assertThat(desk.sheet()).containsText("3 repairs");
    take(desk, "outline");
  }

  @Test
  void replies(DeskPage desk) {
    desk.open();
    desk.more("Replies of text assistants\u2026");
    desk.sheet().getByLabel("Which assistant").fill("A local model");
    desk.sheet()
        .getByLabel("The reply", new Locator.GetByLabelOptions().setExact(true))
        .fill(REPLY);
    assertThat(desk.sheet().getByText(Pattern.compile("^New \\(\\d+\\)"))).isVisible();
    take(desk, "replies");
  }

  @Test
  void history(DeskPage desk) {
    desk.open();
    Locator leaves = desk.page().locator(LEAVES);
    leaves.nth(1).click();
    desk.page().keyboard().press("F2");
    desk.page().keyboard().press("Control+A");
    desk.page().keyboard().insertText("The old wall of 1774");
    desk.page().keyboard().press("Enter");
    desk.kept();
    leaves.nth(3).click();
    desk.page().keyboard().press("Delete");
    desk.kept();
    desk.more("History");
    desk.sheet().getByText("The beginning").first().click();
    assertThat(desk.sheet().getByText("2 differences")).isVisible();
    assertThat(desk.sheet().getByText("Bring the whole map back")).isVisible();
    take(desk, "history");
  }

  @Test
  void references(DeskPage desk) {
    desk.open();
    desk.button("References\u2026").click();
    assertThat(desk.sheet().getByText(Pattern.compile("The night the wall"))).isVisible();
    take(desk, "references");
  }

  @Test
  void study(DeskPage desk) {
    desk.open();
    desk.view("Study");
    Locator pane = desk.page().locator("[data-study]");
    assertThat(pane.getByText(Pattern.compile("events that the sources put in time"))).isVisible();
    pane.getByLabel("When was the breach?").fill("12 October 2019");
    desk.page().keyboard().press("Enter");
    assertThat(pane.locator("li button").getByText("winter 2019/20").first()).isVisible();
    take(desk, "study");
  }

  @Test
  void layouts(DeskPage desk) {
    desk.open().layOut("Side by side");
    desk.button("Fit the map to the window").click();
    take(desk, "layouts");
  }

  @Test
  void looks(DeskPage desk) {
    desk.open();
    desk.choose(desk.main(1));
    desk.button("Looks").click();
    Locator looks =
        desk.page().getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Looks"));
    looks.getByText("Rules", new Locator.GetByTextOptions().setExact(true)).click();
    desk.button("Add the rule").click();
    desk.kept();
    looks.getByText("Topics", new Locator.GetByTextOptions().setExact(true)).click();
    looks.getByLabel("Ground: Madder").click();
    looks.getByLabel("Ground: strength").selectOption("12");
    looks.getByLabel("Around it").selectOption("OVAL");
    desk.kept();
    take(desk, "looks");
  }

  @Test
  void walk(DeskPage desk) {
    desk.open();
    desk.button("Walk through the map").click();
    for (int i = 0; i < 4; i++) {
      desk.page().keyboard().press("PageDown");
    }
    desk.page().keyboard().press("p");
    assertThat(desk.page().locator("blockquote").first()).isVisible();
    take(desk, "walk");
  }

  @Test
  void export(DeskPage desk) {
    desk.open();
    desk.button("Export").click();
    desk.sheet().getByText("Word document").click();
    assertThat(desk.sheet().getByText("Save the Word document")).isVisible();
    Locator preview = desk.sheet().locator("img, canvas").first();
    assertThat(preview).isVisible();
    preview.scrollIntoViewIfNeeded();
    take(desk, "export");
  }

  @Test
  void lines(DeskPage desk) {
    desk.open();
    desk.page().locator(LEAVES).first().click();
    desk.beside("Outline");
    desk.button("Fit the map to the window").click();
    assertThat(desk.passages().first()).isVisible();
    take(desk, "lines");
  }

  @Test
  void table(DeskPage desk) {
    desk.open();
    desk.page().locator(LEAVES).first().click();
    assertThat(desk.passages().first()).isVisible();
    desk.view("Table");
    assertThat(desk.page().getByRole(AriaRole.GRID)).isVisible();
    take(desk, "table");
  }
}
