package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class HistoryTest {
  private static Locator list(DeskPage desk) {
    return desk.sheet()
        .getByRole(AriaRole.LISTBOX, new Locator.GetByRoleOptions().setName("States of the map"));
  }

  private static void maps(DeskPage desk, String item) {
    desk.page()
        .getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("your maps$")))
        .click();
    desk.item(item);
  }

  @Test
  void an_earlier_state_is_named_compared_opened_and_a_branch_of_it_brought_back(DeskPage desk) {
    desk.open();
    Keyboard keys = desk.page().keyboard();
    Locator main = desk.page().locator("[role=treeitem][aria-level='2']").nth(1);
    String label = main.getAttribute("aria-label").replaceFirst("^\\d+ ", "").split(",")[0];
    desk.topic(label).click();
    keys.press("Alt+ArrowUp");
    desk.kept();
    desk.topic(label).click();
    keys.press("Delete");
    assertThat(desk.topic(label)).hasCount(0);
    desk.kept();

    desk.more("History");
    assertThat(list(desk).getByRole(AriaRole.OPTION).first())
        .containsText("Took “" + label + "” out");
    list(desk).getByRole(AriaRole.OPTION).nth(1).click();
    desk.sheet().getByText("Name this version").click();
    desk.sheet().getByLabel("Name of this version").fill("As it was sent");
    desk.sheet().getByText("Keep the name").click();
    desk.sheet().getByText("Versions", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(list(desk).getByRole(AriaRole.OPTION).first()).containsText("As it was sent");
    list(desk).getByRole(AriaRole.OPTION).first().click();
    Locator gone =
        desk.sheet()
            .getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName("Differences"))
            .getByRole(AriaRole.LISTITEM)
            .filter(new Locator.FilterOptions().setHasText(label))
            .first();
    assertThat(gone).containsText("gone");
    gone.getByRole(AriaRole.BUTTON).click();
    desk.sheet().getByText("Bring back “" + label + "” and below").click();
    assertThat(desk.topic(label)).isVisible();
    desk.kept().button("Undo").click();
    assertThat(desk.topic(label)).hasCount(0);

    desk.more("History");
    desk.sheet().getByText("Versions", new Locator.GetByTextOptions().setExact(true)).click();
    list(desk).getByText("As it was sent").click();
    desk.sheet().getByText("Open it as a new map").click();
    assertThat(desk.topic(label)).isVisible();
    assertThat(desk.page()).hasURL(Pattern.compile("/maps/"));
    assertThat(desk.shelf()).containsText("Seven sources");
  }

  @Test
  void a_map_is_begun_over_and_another_from_a_template(DeskPage desk) {
    desk.open();
    desk.more("Start over");
    desk.sheet().getByText("Take them off too").click();
    desk.sheet().getByText("Empty the map").click();
    assertThat(desk.page().getByText("Begin with your sources")).isVisible();
    undoInTheOutline(desk);

    maps(desk, "Begin from a template");
    desk.sheet().getByText("Two subjects compared").click();
    desk.sheet().getByText("Begin the map").click();
    assertThat(desk.topic("What both share")).isVisible();
    maps(desk, "Make a template of this map");
    desk.sheet().getByText("Close", new Locator.GetByTextOptions().setExact(true)).click();
    String one = desk.page().url().replaceFirst("/topics/.*", "");
    maps(desk, "Duplicate this map");
    desk.page().waitForURL(address -> !address.startsWith(one));
    assertThat(desk.topic("What both share")).isVisible();
    maps(desk, "Begin from a template");
    assertThat(desk.sheet().getByText("Your own.")).isVisible();
  }

  /** What was taken out by starting over is there again after one step back. */
  private static void undoInTheOutline(DeskPage desk) {
    desk.page()
        .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Outline"))
        .first()
        .click();
    desk.kept().button("Undo").click();
    assertThat(desk.shelf()).containsText("Seven sources");
    assertThat(desk.page().getByRole(AriaRole.TREEITEM).nth(3)).isVisible();
    desk.page()
        .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Map"))
        .first()
        .click();
  }
}
