package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class LooksTest {
  private static Locator looks(DeskPage desk) {
    return desk.page()
        .getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Looks").setExact(true));
  }

  private static void part(DeskPage desk, String words) {
    looks(desk).getByText(words, new Locator.GetByTextOptions().setExact(true)).click();
  }

  @Test
  void a_topic_gets_a_look_that_is_kept_given_to_another_and_taken_back(DeskPage desk) {
    desk.open();
    desk.choose(desk.main(0));
    desk.button("Looks").click();
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    looks(desk).getByLabel("Ground: Ochre").click();
    looks(desk).getByLabel("Ground: strength").selectOption("24");
    looks(desk).getByLabel("Typeface").selectOption("NARROW");
    desk.kept();
    Locator label = desk.main(0).locator("text").nth(1);
    assertThat(label).hasCSS("font-family", Pattern.compile("Fira Sans Condensed.*"));
    assertThat(desk.main(0).locator("path[fill^='#']")).hasCount(1);
    looks(desk).getByLabel("Keep this look as").fill("Marked");
    looks(desk).getByText("Keep it", new Locator.GetByTextOptions().setExact(true)).click();
    desk.kept();

    desk.choose(desk.main(1));
    looks(desk).getByText("Marked", new Locator.GetByTextOptions().setExact(true)).click();
    desk.kept();
    assertThat(desk.main(1).locator("path[fill^='#']")).hasCount(1);
    looks(desk)
        .getByText("Back to the theme", new Locator.GetByTextOptions().setExact(true))
        .click();
    desk.kept();
    assertThat(desk.main(1).locator("path[fill^='#']")).hasCount(0);
    assertThat(desk.main(0).locator("path[fill^='#']")).hasCount(1);
    desk.button("Close the looks").click();
    assertThat(desk.reading()).isVisible();
  }

  @Test
  void topics_look_by_rule_with_a_key_below_the_map_and_on_paper_with_a_watermark(DeskPage desk) {
    desk.open();
    desk.button("Looks").click();
    part(desk, "Rules");
    desk.button("Add the rule").click();
    desk.kept();
    Locator key =
        desk.page().getByLabel("What the signs mean").locator("[data-key='well borne out']");
    assertThat(key).isVisible();
    assertThat(looks(desk).getByText("Ground by how well borne out")).isVisible();
    assertThat(desk.main(0).locator("path[fill^='#']")).hasCount(1);
    part(desk, "The page");
    looks(desk).getByLabel("On it").selectOption("PAPER");
    looks(desk).getByLabel("Watermark").fill("Draft");
    looks(desk).getByLabel("Watermark").press("Enter");
    desk.kept();
    assertThat(desk.page().locator("svg[role=tree] text").getByText("Draft")).hasCount(1);
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    desk.button("Undo").click();
    desk.button("Undo").click();
    desk.button("Undo").click();
    desk.kept();
    assertThat(key).hasCount(0);
    assertThat(desk.main(0).locator("path[fill^='#']")).hasCount(0);
  }

  @Test
  void an_ink_that_cannot_be_read_is_told(DeskPage desk) {
    desk.open();
    desk.choose(desk.main(0));
    desk.button("Looks").click();
    looks(desk).getByLabel("Ink: another colour").fill("#e8e0d0");
    desk.kept();
    assertThat(looks(desk).getByText("From 4.5 on it reads well")).isVisible();
    assertThat(
            (String)
                desk.main(0).locator("text").nth(1).evaluate("text => text.getAttribute('fill')"))
        .isEqualTo("#e8e0d0");
  }

  @Test
  void a_topic_is_dragged_into_the_open_made_narrower_and_put_back(DeskPage desk) {
    desk.open();
    Locator last = desk.main(4);
    double[] from = desk.middle(last);
    var frame = desk.page().locator("svg[role=tree]").locator("xpath=../../..").boundingBox();
    desk.page().mouse().move(from[0], from[1]);
    desk.page().mouse().down();
    desk.page().mouse().move(frame.x + 60, frame.y + 30, new Mouse.MoveOptions().setSteps(12));
    desk.page().mouse().up();
    desk.kept();
    assertThat(last.locator(".by-hand")).hasCount(1);
    desk.choose(last);
    var before = last.locator(".hit").boundingBox();
    Locator grip = desk.page().locator("[data-width] rect");
    grip.hover();
    desk.page().mouse().down();
    var at = grip.boundingBox();
    desk.page()
        .mouse()
        .move(at.x - before.width / 2, at.y + 5, new Mouse.MoveOptions().setSteps(5));
    desk.page().mouse().up();
    desk.kept();
    assertThat(last.locator("text")).not().hasCount(0);
    assertThat(last.locator(".hit").boundingBox().height).isGreaterThan(before.height);
    desk.page().keyboard().press("Alt+ArrowDown");
    desk.kept();
    desk.act("Put it back as it is laid out");
    desk.kept();
    assertThat(last.locator(".by-hand")).hasCount(0);
  }
}
