package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is in sight of a map, and how one finds one's way in it. */
@ExtendWith(Browsing.class)
class SightTest {
  @Test
  void a_branch_is_shown_alone_with_the_way_back(DeskPage desk) {
    desk.open();
    int all = desk.topics().count();
    desk.choose(desk.main(1));
    desk.page().keyboard().press("Shift+Space");
    Locator bar =
        desk.page()
            .getByRole(
                AriaRole.NAVIGATION,
                new Page.GetByRoleOptions().setName("Where this branch is in the map"));
    assertThat(bar).isVisible();
    assertThat(desk.topics().first()).hasAttribute("aria-level", "1");
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    desk.button("Show the whole map").click();
    assertThat(bar).hasCount(0);
    assertThat(desk.topics()).hasCount(all);

    // a topic elsewhere that is chosen is seen
    desk.choose(desk.main(1));
    desk.act("Show this branch alone");
    assertThat(bar).isVisible();
    desk.page().keyboard().press("Escape");
    desk.reading().getByRole(AriaRole.BUTTON).first().click();
    assertThat(bar).hasCount(0);
  }

  @Test
  void a_large_map_has_an_overview_and_from_far_its_branches_are_counted(DeskPage desk) {
    desk.open().openEverything();
    Locator overview = desk.page().locator("[data-overview]");
    for (int i = 0; i < 3; i++) {
      desk.button("Zoom in").click();
    }
    assertThat(overview).isVisible();
    Locator stage = desk.page().locator("svg[role=tree]");
    double before = stage.boundingBox().y;
    var box = overview.boundingBox();
    desk.page().mouse().click(box.x + box.width / 2, box.y + box.height - 4);
    desk.page().waitForCondition(() -> stage.boundingBox().y < before - 20);

    desk.button("Fit the map to the window").click();
    assertThat(overview).hasCount(0);
    for (int i = 0; i < 10; i++) {
      desk.button("Zoom out").click();
    }
    assertThat(desk.page().locator("[data-counts] text")).hasCount(5);
    assertThat(desk.page().locator("[data-counts] text tspan").first()).hasText("6");
  }

  @Test
  void what_moves_glides_unless_a_person_wishes_for_less_motion(DeskPage desk) {
    desk.open();
    String gliding =
        "() => document.getAnimations().filter(a => a.effect.target?.id?.startsWith('topic-')).length";
    desk.choose(desk.main(0));
    desk.page().keyboard().press(" ");
    assertThat(desk.main(0)).hasAttribute("aria-expanded", "false");
    assertThat((Integer) desk.page().evaluate(gliding)).isZero();
    desk.page()
        .emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.NO_PREFERENCE));
    // as they last no longer than a blink, each is told when it begins
    desk.page()
        .evaluate(
            "() => { window.glided = 0; const own = Element.prototype.animate;"
                + " Element.prototype.animate = function(...all) {"
                + " window.glided++; return own.apply(this, all); }; }");
    desk.page().keyboard().press(" ");
    assertThat(desk.main(0)).hasAttribute("aria-expanded", "true");
    assertThat((Integer) desk.page().evaluate("() => window.glided")).isPositive();
    desk.page().waitForFunction(gliding.replace(".length", ".length === 0"));
  }
}
