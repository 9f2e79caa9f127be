package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class LayoutTest {
  private static Locator mains(DeskPage desk) {
    return desk.page().locator("[role=treeitem][aria-level='2']");
  }

  private static void fit(DeskPage desk) {
    desk.button("Fit the map to the window").click();
    desk.page().waitForTimeout(50);
  }

  @Test
  void a_map_goes_down_and_its_keys_and_drops_go_with_it(DeskPage desk) {
    desk.open();
    desk.button("Layout and theme").click();
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    desk.layOut("Downward");
    fit(desk);
    double[] root = desk.middle(desk.topics().first());
    double[] first = desk.middle(mains(desk).first());
    double[] second = desk.middle(mains(desk).nth(1));
    assertThat(first[1]).isGreaterThan(root[1]);
    assertThat(second[0]).isGreaterThan(first[0]);
    assertThat(second[1]).isBetween(first[1] - 20, first[1] + 20);

    desk.choose(mains(desk).first());
    String moved = mains(desk).first().getAttribute("id");
    desk.page().keyboard().press("ArrowRight");
    assertThat(desk.selected()).hasAttribute("aria-posinset", "2");
    desk.page().keyboard().press("ArrowUp");
    assertThat(desk.selected()).hasAttribute("aria-level", "1");

    Locator grip = desk.page().locator("#" + moved);
    double[] from = desk.middle(grip);
    var over = mains(desk).nth(1).locator(".hit").boundingBox();
    desk.page().mouse().move(from[0], from[1]);
    desk.page().mouse().down();
    desk.page()
        .mouse()
        .move(
            over.x + over.width - 1, over.y + over.height / 2, new Mouse.MoveOptions().setSteps(8));
    desk.page().mouse().up();
    desk.kept();
    assertThat(mains(desk).nth(1)).hasAttribute("id", moved);
  }

  @Test
  void a_map_is_drawn_in_another_theme(DeskPage desk) {
    desk.open().layOut("Night");
    assertThat(desk.page().locator("svg[role=tree] text[fill='#EFE7D8']").first()).isVisible();
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    desk.button("Undo").click();
    assertThat(desk.page().locator("svg[role=tree] text[fill='#EFE7D8']")).hasCount(0);
  }

  @Test
  void the_application_is_dark_when_the_system_is_and_as_a_person_chose(DeskPage desk) {
    desk.open();
    Locator label = desk.page().locator("svg[role=tree] text[fill='#2A2521']").first();
    assertThat(label).hasCSS("fill", "rgb(42, 37, 33)");
    desk.page().emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
    assertThat(desk.page().locator("body")).hasCSS("background-color", "rgb(31, 28, 25)");
    assertThat(label).hasCSS("fill", "rgb(239, 231, 216)");
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    desk.page().getByLabel(": your maps").click();
    desk.page().getByText("Appearance\u2026").click();
    desk.sheet().getByText("Strong contrast").click();
    assertThat(desk.page().locator("body")).hasCSS("background-color", "rgb(255, 255, 255)");
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    desk.page().reload();
    assertThat(desk.page().locator("body")).hasCSS("background-color", "rgb(255, 255, 255)");
  }

  @Test
  void a_branch_is_laid_out_in_its_own_way_and_back(DeskPage desk) {
    desk.open().openEverything();
    Locator main = mains(desk).nth(2);
    desk.choose(main);
    desk.act("Lay its branch out in another way");
    desk.layOut("Downward");
    fit(desk);
    String number = main.getAttribute("aria-label").split(" ")[0];
    Locator child = desk.page().locator("[aria-label^='" + number + ".1 ']");
    assertThat(desk.middle(child)[1]).as("in a row below").isGreaterThan(desk.middle(main)[1] + 5);
    desk.act("Lay its branch out in another way");
    desk.layOut("As around it");
    fit(desk);
    assertThat(desk.middle(child)[1]).as("the first beside it").isLessThan(desk.middle(main)[1]);
  }
}
