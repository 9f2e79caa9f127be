package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class NavigateTest {
  @Test
  void the_page_pans_zooms_and_fits(DeskPage desk) {
    desk.open();
    Locator root = desk.topics().first();
    double[] before = desk.middle(root);
    desk.page().mouse().move(before[0], before[1] + 120);
    desk.page().mouse().wheel(0, 100);
    desk.page().waitForTimeout(100);
    assertThat(desk.middle(root)[1]).isLessThan(before[1] - 50);

    desk.page().mouse().move(60, 120);
    desk.page().mouse().down();
    desk.page().mouse().move(160, 150, new Mouse.MoveOptions().setSteps(4));
    desk.page().mouse().up();
    assertThat(desk.middle(root)[0]).isGreaterThan(before[0] + 60);

    double width = root.locator(".hit").boundingBox().width;
    desk.button("Zoom in").click();
    assertThat(root.locator(".hit").boundingBox().width).isGreaterThan(width * 1.2);
    desk.tree().focus();
    desk.page().keyboard().press("Control+Home");
    assertThat(desk.middle(root)[0]).isBetween(before[0] - 3, before[0] + 3);

    desk.page().mouse().move(300, 200);
    desk.page().keyboard().down("Control");
    desk.page().mouse().wheel(0, -240);
    desk.page().keyboard().up("Control");
    desk.page().waitForTimeout(100);
    assertThat(root.locator(".hit").boundingBox().width).isGreaterThan(width * 1.5);
  }

  @Test
  void branches_open_and_close_one_all_and_to_a_level(DeskPage desk) {
    desk.open().openEverything();
    int all = desk.topics().count();
    Locator main =
        desk.page().locator("[role=treeitem][aria-level='2'][aria-expanded=true]").first();
    main.click();
    desk.page().keyboard().press("Space");
    assertThat(desk.selected()).hasAttribute("aria-expanded", "false");
    assertThat(desk.topics().count()).isLessThan(all);
    desk.selected().locator("[data-toggle]").click();
    assertThat(desk.selected()).hasAttribute("aria-expanded", "true");
    assertThat(desk.topics()).hasCount(all);
    desk.button("Open branches").click();
    desk.page().getByText("Main branches only").click();
    assertThat(desk.page().locator("[role=treeitem][aria-level='3']")).hasCount(0);
  }

  @Test
  void arrow_keys_move_the_selection(DeskPage desk) {
    desk.open();
    desk.tree().focus();
    desk.page().keyboard().press("ArrowRight");
    assertThat(desk.selected()).hasAttribute("aria-level", "2");
    assertThat(desk.selected()).hasAttribute("aria-posinset", "1");
    desk.page().keyboard().press("ArrowDown");
    assertThat(desk.selected()).hasAttribute("aria-posinset", "2");
    desk.page().keyboard().press("ArrowRight");
    assertThat(desk.selected()).hasAttribute("aria-level", "3");
    desk.page().keyboard().press("ArrowLeft");
    desk.page().keyboard().press("ArrowLeft");
    assertThat(desk.selected()).hasAttribute("aria-level", "1");
    desk.page().keyboard().press("?");
    assertThat(
            desk.page()
                .getByText(
                    "Keys on the map",
                    new com.microsoft.playwright.Page.GetByTextOptions().setExact(true)))
        .isVisible();
  }

  @Test
  void from_a_topic_to_its_passage_in_the_source_and_back(DeskPage desk) {
    desk.open();
    desk.someLeaf().click();
    Locator passage = desk.passages().first();
    assertThat(passage.locator("mark")).isVisible();
    String quote = passage.locator("mark").innerText();
    assertThat(passage).containsText(java.util.regex.Pattern.compile("p\\. \\d+|\\d+:\\d\\d|\\w+"));
    String topic = desk.title().innerText();
    passage.getByRole(AriaRole.BUTTON).first().click();
    Locator sought = desk.reading().locator("[data-sought]").first();
    assertThat(sought).isInViewport();
    assertThat(String.join("", desk.reading().locator("[data-sought]").allInnerTexts()))
        .isEqualTo(quote);
    desk.button("Back to the topic").click();
    assertThat(desk.title()).hasText(topic);
  }

  @Test
  void what_one_looks_at_has_an_address_to_return_to(DeskPage desk) {
    desk.open();
    String topic = desk.read(desk.someLeaf());
    desk.passages().first().getByRole(AriaRole.BUTTON).first().click();
    Locator sought = desk.reading().locator("[data-sought]").first();
    assertThat(sought).isInViewport();
    String quote = sought.innerText();
    desk.page().reload();
    assertThat(sought).isInViewport();
    assertThat(sought).hasText(quote);
    desk.page().goBack();
    assertThat(desk.title()).hasText(topic);
    desk.page().goForward();
    assertThat(sought).isInViewport();
    desk.reading().focus();
    desk.page().keyboard().press("Escape");
    assertThat(desk.title()).hasText(topic);
  }

  @Test
  void a_gap_of_a_ribbon_opens_the_source_there(DeskPage desk) {
    desk.open();
    desk.someLeaf().click();
    desk.page().keyboard().press("Delete");
    Locator gap =
        desk.shelf()
            .getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions()
                    .setName(java.util.regex.Pattern.compile("^Not on the map: ")))
            .first();
    String source = gap.getAttribute("aria-label").replaceFirst(".*? of (.*), from .*", "$1");
    gap.click();
    assertThat(desk.title()).hasText(source);
    assertThat(desk.reading().locator("[data-sought]").first()).isInViewport();
  }

  @Test
  void words_are_linked_and_stretches_of_a_ribbon_opened_by_key(DeskPage desk) {
    desk.open();
    desk.someLeaf().click();
    desk.passages().first().getByRole(AriaRole.BUTTON).first().press("Enter");
    Locator text = desk.page().getByLabel("Text of the source");
    assertThat(text).isFocused();
    desk.page().keyboard().press("ArrowDown");
    desk.page().keyboard().press("Shift+ArrowDown");
    desk.page().keyboard().press("Enter");
    desk.kept().page().keyboard().press("Escape");
    assertThat(desk.reading().getByText("linked by hand")).isVisible();

    Locator ribbon =
        desk.shelf()
            .getByRole(AriaRole.TOOLBAR)
            .filter(new Locator.FilterOptions().setHasText("3"))
            .first();
    ribbon.locator("[tabindex='0']").focus();
    desk.page().keyboard().press("End");
    assertThat(ribbon.locator("button").last()).isFocused();
    desk.page().keyboard().press("ArrowLeft");
    desk.page().keyboard().press("Enter");
    assertThat(text).isVisible();
  }

  @Test
  void the_topic_of_an_address_is_in_sight_when_it_is_opened(DeskPage desk) {
    desk.open().openEverything();
    desk.choose(desk.topics().last());
    Locator chosen = desk.page().locator("[role=treeitem][aria-selected=true] .hit");
    desk.page().waitForURL(Pattern.compile(".*/topics/.+"));
    String label = desk.title().textContent();
    desk.page().setViewportSize(900, 520); // too small for all of the map
    desk.kept().page().reload();
    assertThat(desk.title()).hasText(label);
    assertThat(chosen).isInViewport();
  }
}
