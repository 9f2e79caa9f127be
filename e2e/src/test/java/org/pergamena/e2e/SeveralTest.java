package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class SeveralTest {
  private static final String LEAVES = "[role=treeitem][aria-level='3']:not([aria-expanded])";

  private static Locator chosen(DeskPage desk) {
    return desk.page().locator("[role=treeitem][aria-selected=true]");
  }

  @Test
  void several_are_chosen_by_pointer_and_key_moved_tagged_and_taken_out_as_one_step(DeskPage desk) {
    desk.open();
    Locator leaves = desk.page().locator(LEAVES);
    Locator.ClickOptions besides =
        new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.CONTROL));
    leaves.nth(0).click();
    leaves.nth(1).click(besides);
    assertThat(desk.title()).hasText("2 topics chosen");
    desk.page().keyboard().press("Shift+ArrowDown");
    assertThat(chosen(desk)).hasCount(3);

    desk.act("Tags");
    desk.page()
        .getByRole(AriaRole.MENUITEMCHECKBOX, new Page.GetByRoleOptions().setName("disputed"))
        .click();
    assertThat(desk.reading().getByText("all marked disputed")).isVisible();
    desk.act("Move to another topic");
    desk.sheet().getByLabel("Find the other topic").fill("Letting the sea back in");
    desk.sheet().getByRole(AriaRole.OPTION).first().click();
    desk.sheet().getByText("Move there").click();
    assertThat(chosen(desk).first()).hasAttribute("aria-level", "2");
    desk.kept();
    int before = desk.topics().count();
    desk.tree().focus();
    desk.page().keyboard().press("Delete");
    assertThat(desk.topics()).hasCount(before - 3);
    for (int i = 0; i < 3; i++) {
      desk.kept().button("Undo").click();
    }
    desk.kept();
    assertThat(leaves.nth(0)).hasAttribute("aria-posinset", "1");

    desk.more("Choose all topics that");
    desk.sheet().getByLabel("Level").selectOption("1");
    desk.sheet().getByText(Pattern.compile("^Choose \\d topics$")).click();
    assertThat(desk.title()).hasText(Pattern.compile("^\\d topics chosen$"));
    desk.tree().focus();
    desk.page().keyboard().press("Escape");
    assertThat(chosen(desk)).hasCount(1);
  }

  @Test
  void a_topic_and_a_link_are_drawn_out_and_a_frame_chooses(DeskPage desk) {
    desk.open();
    Locator leaves = desk.page().locator(LEAVES);
    Mouse mouse = desk.page().mouse();
    Keyboard keys = desk.page().keyboard();
    double[] first = desk.middle(leaves.nth(0));
    double[] third = desk.middle(leaves.nth(2));
    keys.down("Alt");
    mouse.move(first[0], first[1]);
    mouse.down();
    mouse.move(third[0], third[1], new Mouse.MoveOptions().setSteps(5));
    mouse.up();
    keys.up("Alt");
    desk.sheet().getByLabel(Pattern.compile("^Words on the link")).fill("threatens");
    desk.sheet().getByText("Hypothesis, not yet shown").click();
    desk.sheet().getByText("Link them").click();
    Locator relations = desk.reading().getByLabel("Relations", new Locator.GetByLabelOptions());
    leaves.nth(0).click();
    assertThat(desk.reading().getByText("hypothesis, not yet shown")).isVisible();
    assertThat(desk.page().locator("[data-link] .bow, [data-link]").first()).isAttached();
    relations
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("^Actions on the link")))
        .click();
    desk.item("Turn it round");
    assertThat(desk.reading().getByText("leads here")).isVisible();

    desk.button("Draw out a topic or a link").click();
    mouse.move(first[0], first[1]);
    mouse.down();
    mouse.move(first[0] + 240, first[1] - 4, new Mouse.MoveOptions().setSteps(5));
    mouse.up();
    keys.type("Drawn out");
    keys.press("Enter");
    assertThat(desk.topic("Drawn out")).hasAttribute("aria-level", "4");

    desk.button("Choose several").click();
    double[] last = desk.middle(leaves.nth(2));
    mouse.move(last[0] + 200, last[1] + 40);
    mouse.down();
    mouse.move(last[0] - 60, first[1] - 6, new Mouse.MoveOptions().setSteps(5));
    mouse.up();
    assertThat(desk.title()).hasText(Pattern.compile("^[3-9] topics chosen$"));
  }

  @Test
  void branches_are_cut_pasted_and_copied_to_another_map_with_their_sources(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    Locator leaves = page.locator(LEAVES);
    leaves.nth(0).click();
    String passages =
        desk.reading().getByText(Pattern.compile("^\\d+ passages?$")).first().textContent();
    desk.act("Cut");
    leaves.nth(1).click();
    desk.act("Paste under it");
    assertThat(page.locator("[role=treeitem][aria-level='4']").first()).isAttached();
    desk.kept().button("Undo").click();
    desk.kept();
    leaves.nth(0).click();
    desk.act("Copy Ctrl");
    desk.button("New map").click();
    assertThat(page.getByText("Begin with your sources")).isVisible();
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Outline")).first().click();
    page.getByRole(AriaRole.TREEITEM).first().click();
    page.keyboard().press("ContextMenu");
    page.getByRole(
            AriaRole.MENUITEM,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Paste under it")))
        .click();
    assertThat(page.getByRole(AriaRole.TREEITEM)).hasCount(2);
    page.getByRole(AriaRole.TREEITEM).nth(1).click();
    assertThat(desk.reading().getByText(passages).first()).isVisible();
    assertThat(desk.shelf().getByRole(AriaRole.LISTITEM).first()).isVisible();
  }
}
