package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A map that is shown: step by step, by a speaker, and to those who only look. */
@ExtendWith(Browsing.class)
class WalkTest {
  private static Locator status(Page page) {
    return page.getByRole(AriaRole.STATUS).first();
  }

  @Test
  void one_is_led_through_the_map_by_keys_and_a_speaker_sees_what_comes_next(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    int topics = desk.openEverything().topics().count();
    desk.button("Walk through the map").click();
    assertThat(status(page)).hasText("Step 1 of " + topics);
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    page.keyboard().press("PageDown");
    page.keyboard().press("PageDown");
    assertThat(status(page)).hasText("Step 3 of " + topics);
    page.keyboard().press("p");
    assertThat(page.locator("blockquote").first()).isVisible();
    String third = page.locator("h1").innerText();
    String link = page.url();

    Page speaker = page.context().waitForPage(() -> desk.button("Speaker’s window").click());
    assertThat(status(speaker)).hasText("Step 3 of " + topics);
    speaker.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("On")).click();
    assertThat(status(page)).hasText("Step 4 of " + topics);
    page.keyboard().press("End");
    assertThat(status(speaker)).hasText("Step " + topics + " of " + topics);
    assertThat(speaker.getByText("This is the last step.")).isVisible();
    speaker.close();

    page.keyboard().press("Escape");
    assertThat(desk.reading()).isVisible();
    page.navigate(link);
    assertThat(page.locator("h1")).hasText(third);
  }

  @Test
  void the_steps_are_arranged_by_hand(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.button("Walk through the map").click();
    String first = page.locator("h1").innerText();
    desk.button("Arrange the steps…").click();
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    sheet.getByText("Later").first().click();
    sheet.locator("li").nth(2).locator("label").click();
    sheet.getByText("Keep this order").click();
    assertThat(sheet).hasCount(0);
    // the first has become the second
    assertThat(status(page)).hasText(Pattern.compile("Step 2 of \\d+"));
    page.keyboard().press("Home");
    assertThat(page.locator("h1")).not().hasText(first);
    page.keyboard().press("PageDown");
    assertThat(page.locator("h1")).hasText(first);
    page.reload();
    assertThat(status(page)).hasText(Pattern.compile("Step 2 of \\d+"));
    page.keyboard().press("Home");
    assertThat(page.locator("h1")).not().hasText(first);
  }

  @Test
  void who_only_looks_has_a_page_without_tools(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.more("Look at it without tools");
    assertThat(page.getByRole(AriaRole.TOOLBAR)).hasCount(0);
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    Locator text = page.getByLabel("Topic", new Page.GetByLabelOptions().setExact(true));
    page.locator("[role=treeitem][aria-level='3'] text").nth(2).click();
    assertThat(text.locator("blockquote").first()).isVisible();
    String chosen = text.locator("h1").innerText();
    page.locator("svg[role=tree]").focus();
    page.keyboard().press("ArrowDown");
    assertThat(text.locator("h1")).not().hasText(chosen);
    page.getByText("Work on this map").click();
    assertThat(page).hasURL(Pattern.compile(".*/maps/[0-9a-f-]{36}/topics/[0-9a-f-]{36}"));
    assertThat(page.getByRole(AriaRole.TOOLBAR).first()).isVisible();
    assertThat(text).hasCount(0);
  }
}
