package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A map made from nothing with the pointer; keys are pressed for words alone. */
@ExtendWith(Browsing.class)
class ByPointerTest {
  private static void write(DeskPage desk, String label) {
    Locator field = desk.page().getByLabel("Label", new Page.GetByLabelOptions().setExact(true));
    field.fill(label);
    // a press beside it keeps what was written
    desk.title().click();
    assertThat(field).hasCount(0);
    desk.kept();
  }

  private static void drag(DeskPage desk, double[] from, double[] to) {
    Mouse mouse = desk.page().mouse();
    mouse.move(from[0], from[1]);
    mouse.down();
    mouse.move(to[0], to[1] - 6, new Mouse.MoveOptions().setSteps(4));
    mouse.move(to[0], to[1], new Mouse.MoveOptions().setSteps(2));
    mouse.up();
  }

  @Test
  void a_weeks_plan_is_made_with_the_pointer(DeskPage desk) {
    desk.newMap();
    desk.button("write a map by hand").click();
    write(desk, "Week at the marsh");
    for (String day : List.of("Monday", "Tuesday", "Wednesday")) {
      desk.topic("Week at the marsh").click();
      desk.act("Add a topic under it");
      write(desk, day);
    }
    assertThat(desk.topic("Wednesday")).hasAttribute("aria-posinset", "3");

    desk.button("Draw out a topic or a link").click();
    BoundingBox monday = desk.topic("Monday").locator(".hit").boundingBox();
    double[] middle = desk.middle(desk.topic("Monday"));
    drag(desk, middle, new double[] {monday.x + monday.width + 90, middle[1]});
    write(desk, "Count the waders");
    assertThat(desk.topic("Count the waders")).hasAttribute("aria-level", "3");
    drag(desk, desk.middle(desk.topic("Count the waders")), desk.middle(desk.topic("Wednesday")));
    desk.sheet().getByText("Link them").click();
    assertThat(desk.sheet()).hasCount(0);
    desk.kept();
    desk.button("Draw out a topic or a link").click();

    BoundingBox tuesday = desk.topic("Tuesday").locator(".hit").boundingBox();
    drag(
        desk,
        desk.middle(desk.topic("Count the waders")),
        new double[] {tuesday.x + tuesday.width - 4, tuesday.y + tuesday.height / 2});
    desk.kept();
    assertThat(desk.topic("Tuesday")).hasAttribute("aria-expanded", "true");
    BoundingBox first = desk.topic("Monday").locator(".hit").boundingBox();
    drag(desk, desk.middle(desk.topic("Wednesday")), new double[] {first.x + 12, first.y - 2});
    desk.kept();
    assertThat(desk.topic("Wednesday")).hasAttribute("aria-posinset", "1");

    desk.topic("Monday").click();
    desk.act("Take out, with all below it");
    assertThat(desk.topic("Monday")).hasCount(0);
    for (int i = 0; i < 3; i++) {
      desk.kept().button("Undo").click();
    }
    desk.kept();
    assertThat(desk.topic("Monday")).hasAttribute("aria-posinset", "1");
    assertThat(desk.topic("Monday")).hasAttribute("aria-expanded", "true");
    assertThat(desk.page().getByRole(AriaRole.TREEITEM)).hasCount(5);
  }
}
