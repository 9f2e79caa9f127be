package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The same gestures on windows of every size, by the events that a pointer and fingers make. */
@ExtendWith(Browsing.class)
class GesturesTest {
  private static Locator field(DeskPage desk) {
    return desk.page().getByLabel("Label", new Page.GetByLabelOptions().setExact(true));
  }

  private static void press(DeskPage desk, Hand hand, double[] at) {
    if (hand == Hand.TOUCH) {
      desk.page().touchscreen().tap(at[0], at[1]);
    } else {
      desk.page().mouse().click(at[0], at[1]);
    }
  }

  private static void pressTwice(DeskPage desk, Hand hand, double[] at) {
    if (hand == Hand.TOUCH) {
      desk.page().touchscreen().tap(at[0], at[1]);
      desk.page().touchscreen().tap(at[0], at[1]);
    } else {
      desk.page().mouse().dblclick(at[0], at[1]);
    }
  }

  private static BoundingBox drawn(DeskPage desk) {
    return desk.topics().first().boundingBox();
  }

  private static String zoom(DeskPage desk) {
    return desk.page().getByLabel(Pattern.compile("^Zoom \\d+%")).textContent();
  }

  private static void onTopics(DeskPage desk, Hand hand) {
    Locator topic = desk.main(1);
    press(desk, hand, desk.middle(topic));
    assertThat(topic).hasAttribute("aria-selected", "true");

    pressTwice(desk, hand, desk.middle(topic));
    assertThat(field(desk)).isFocused();
    desk.page().keyboard().press("Escape");
    assertThat(field(desk)).hasCount(0);

    Locator brace = desk.page().locator("[data-toggle]").last();
    String branch = brace.getAttribute("data-toggle");
    Locator opened = desk.page().locator("[role=treeitem][data-topic='" + branch + "']");
    boolean open = "true".equals(opened.getAttribute("aria-expanded"));
    for (String expanded : List.of(String.valueOf(!open), String.valueOf(open))) {
      Locator toggle = desk.page().locator("[data-toggle='" + branch + "']");
      press(desk, hand, Hand.middle(toggle.boundingBox()));
      assertThat(opened).hasAttribute("aria-expanded", expanded);
    }

    desk.button("Fit the map to the window").click();
    double[] at = desk.middle(topic);
    hand.menu(desk.page(), at[0], at[1]);
    assertThat(desk.page().getByRole(AriaRole.MENUITEM).first()).isVisible();
    if (hand == Hand.TOUCH) {
      desk.page().waitForTimeout(100); // what the browser makes of a finger that is lifted
      desk.page().touchscreen().tap(6, 90); // beside the menu
    } else {
      desk.page().keyboard().press("Escape");
    }
    assertThat(desk.page().getByRole(AriaRole.MENUITEM)).hasCount(0);
    assertThat(desk.tree()).isFocused();
  }

  /** What is dragged on a topic moves it, and on the page moves the page. */
  private static void dragged(DeskPage desk, Hand hand) {
    List<String> before = desk.labels();
    BoundingBox root = drawn(desk);
    BoundingBox frame = desk.page().locator("[data-tool]").boundingBox();
    double[] from = {frame.x + 8, frame.y + frame.height - 44};
    hand.drag(desk.page(), from, new double[] {from[0] + 30, from[1] + 24});
    desk.page().waitForCondition(() -> Math.abs(drawn(desk).x - root.x - 30) < 12);
    assertThat(desk.labels()).isEqualTo(before);
    hand.drag(desk.page(), new double[] {from[0] + 30, from[1] + 24}, from);

    double[] brace = Hand.middle(desk.page().locator("[data-toggle]").first().boundingBox());
    hand.drag(desk.page(), brace, new double[] {brace[0] + 30, brace[1] + 24});
    desk.page().waitForCondition(() -> Math.abs(drawn(desk).x - root.x - 30) < 12);
    assertThat(desk.labels()).isEqualTo(before);

    String was = zoom(desk);
    if (hand == Hand.TOUCH) {
      Hand.pinch(desk.page(), Hand.middle(frame), 80, 160);
    } else {
      desk.page().mouse().move(from[0], from[1]);
      desk.page().keyboard().down("Control");
      desk.page().mouse().wheel(0, -240);
      desk.page().keyboard().up("Control");
    }
    desk.page().waitForCondition(() -> !zoom(desk).equals(was));
    desk.button("Fit the map to the window").click();
  }

  private static void onLink(DeskPage desk, Hand hand) {
    desk.choose(desk.main(1));
    String other = desk.main(3).getAttribute("aria-label");
    desk.linkByKeys(other.replaceFirst("^\\d+ ", "").split(",")[0]);
    desk.page().keyboard().press("Escape");
    desk.button("Fit the map to the window").click(); // a narrow page went to the list of links
    assertThat(desk.topics().first()).isInViewport();
    press(desk, hand, HandsTest.onLink(desk));
    assertThat(desk.reading().locator("li[aria-current]")).hasCount(1);
    desk.tree().focus();
    desk.page().keyboard().press("Control+z");
    desk.kept();
  }

  private static void onSources(DeskPage desk, Hand hand) {
    // to the first topic of a branch that has passages of its own
    desk.button("Open branches").click();
    desk.item("Open everything");
    desk.tree().focus();
    for (int i = 0; i < 5 && desk.passages().count() == 0; i++) {
      desk.page().keyboard().press("ArrowRight");
      desk.page().waitForTimeout(300);
    }
    Locator words = desk.passages().first().locator("button").nth(1);
    hand.press(words);
    assertThat(desk.reading().locator("[data-sought]").first()).isVisible();
    hand.press(desk.button("Back to the topic"));
    Locator stretch =
        desk.shelf()
            .getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions().setName(Pattern.compile("^On branch")))
            .first();
    hand.press(stretch);
    assertThat(desk.button("Back to the topic")).isVisible();
    hand.press(desk.button("Back to the topic"));
    assertThat(desk.passages().first()).isVisible();
  }

  private static void all(DeskPage desk, Hand hand) {
    desk.page().navigate(desk.address());
    assertThat(desk.main(4)).isVisible();
    onTopics(desk, hand);
    dragged(desk, hand);
    onLink(desk, hand);
    onSources(desk, hand);
  }

  @Test
  void by_touch_on_a_tablet(@Window(width = 768, height = 1024, touched = true) DeskPage desk) {
    all(desk, Hand.TOUCH);
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
  }

  @Test
  void by_touch_on_a_phone(@Window(width = 360, height = 640, touched = true) DeskPage desk) {
    all(desk, Hand.TOUCH);
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
  }

  @Test
  void by_the_pointer_at_twice_the_size(@Window(width = 640, height = 400) DeskPage desk) {
    all(desk, Hand.POINTER);
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
  }

  @Test
  void by_the_pointer_in_forced_colours(@Window(forced = true) DeskPage desk) {
    all(desk, Hand.POINTER);
  }
}
