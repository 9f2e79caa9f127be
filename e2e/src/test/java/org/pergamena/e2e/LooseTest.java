package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class LooseTest {
  @Test
  void an_idea_lies_loose_is_moved_and_becomes_part_of_the_tree(DeskPage desk) {
    desk.open();
    desk.more("Add a loose topic");
    desk.page().getByLabel("Label", new Page.GetByLabelOptions().setExact(true)).fill("Idea");
    desk.page().keyboard().press("Enter");
    Locator idea = desk.topic("Idea");
    assertThat(idea).hasAttribute("aria-label", Pattern.compile("^a Idea"));
    desk.kept();
    desk.page().keyboard().press("Escape");
    desk.button("Fit the map to the window").click();
    double[] at = desk.middle(idea);
    desk.page().keyboard().press("Escape");
    desk.tree().focus();
    desk.page().keyboard().press("Alt+ArrowDown");
    desk.kept();

    Mouse mouse = desk.page().mouse();
    at = desk.middle(idea);
    var root = desk.topic("Letting the sea back in at Ferrow").locator(".hit").boundingBox();
    mouse.move(at[0], at[1]);
    mouse.down();
    mouse.move(
        root.x + root.width - 8, root.y + root.height / 2, new Mouse.MoveOptions().setSteps(6));
    assertThat(desk.page().locator("[data-drop='UNDER']")).isAttached();
    mouse.up();
    assertThat(idea).hasAttribute("aria-label", Pattern.compile("^\\d Idea"));
    desk.act("Take it out, to lie loose");
    assertThat(idea).hasAttribute("aria-label", Pattern.compile("^a Idea"));
  }

  @Test
  void two_subjects_are_compared_with_what_they_share_shown_under_both(DeskPage desk) {
    desk.open();
    Locator mains = desk.page().locator("[role=treeitem][aria-level='2']");
    Locator leaf = desk.page().locator("[role=treeitem][aria-level='3']").first();
    String other = mains.nth(1).getAttribute("aria-label").replaceFirst("^\\d ", "").split(",")[0];
    final String label = desk.read(leaf);
    desk.act("Show it under another topic too");
    desk.sheet().getByLabel("Find the other topic").fill(other);
    desk.sheet().getByRole(AriaRole.OPTION).first().click();
    desk.sheet().getByText("Show it there too").click();
    Locator again = desk.page().locator("[data-again]");
    assertThat(again).hasCount(1);
    assertThat(desk.reading().getByText("also under")).isVisible();
    mains.nth(1).click();
    assertThat(desk.reading().getByText("also here:")).isVisible();
    again.locator("text").last().click();
    assertThat(desk.title()).hasText(label);
    assertThat(again).hasAttribute("aria-selected", "true");
    desk.page().keyboard().press("ArrowLeft");
    assertThat(desk.title()).hasText(other);
    desk.page().keyboard().press("ArrowRight");
    for (int i = 0; i < 20 && !"true".equals(again.getAttribute("aria-selected")); i++) {
      desk.page().keyboard().press("ArrowDown");
    }
    assertThat(again).hasAttribute("aria-selected", "true");
    assertThat(desk.title()).hasText(label);
    desk.page()
        .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Outline"))
        .first()
        .click();
    assertThat(desk.page().getByText(Pattern.compile("^also here: .*" + label))).isVisible();
    desk.reading().getByText("Not there").click();
    assertThat(desk.reading().getByText("also under")).hasCount(0);
  }
}
