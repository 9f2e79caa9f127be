package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Writing a map as an outline. */
@ExtendWith(Browsing.class)
class LinesTest {
  private static Locator tree(DeskPage desk, String name) {
    return desk.page()
        .getByRole(AriaRole.TREE, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
  }

  private static Locator field(DeskPage desk) {
    return desk.page().getByLabel("Label", new Page.GetByLabelOptions().setExact(true));
  }

  private static Locator line(DeskPage desk, String label) {
    return tree(desk, "Outline")
        .getByRole(
            AriaRole.TREEITEM,
            new Locator.GetByRoleOptions().setName(Pattern.compile("(^|\\d )" + label + "\\s*,")));
  }

  private static void write(DeskPage desk, String label) {
    assertThat(field(desk)).isFocused();
    desk.page().keyboard().type(label);
    desk.page().keyboard().press("Enter");
  }

  @Test
  void an_empty_map_is_begun_by_typing_and_grows_beside_its_outline(DeskPage desk) {
    desk.newMap();
    desk.view("Outline");
    Keyboard keys = desk.page().keyboard();
    tree(desk, "Outline").focus();
    keys.press("Enter");
    write(desk, "Plan of the week");
    write(desk, "Monday");
    keys.type("Read the survey");
    keys.press("Tab");
    assertThat(line(desk, "Monday")).hasAttribute("aria-expanded", "true");
    keys.press("Enter");
    write(desk, "Ring the warden");
    keys.type("Tuesday");
    keys.press("Shift+Tab");
    keys.press("Enter");
    assertThat(field(desk)).hasValue("");
    keys.press("Escape");
    desk.kept();
    assertThat(line(desk, "Monday")).hasAttribute("aria-level", "2");
    assertThat(line(desk, "Ring the warden")).hasAttribute("aria-level", "3");
    assertThat(line(desk, "Tuesday")).hasAttribute("aria-level", "2");

    desk.view("Map");
    desk.beside("Outline");
    Locator map = tree(desk, "Topic map");
    assertThat(map.getByRole(AriaRole.TREEITEM)).hasCount(5);
    line(desk, "Tuesday").click();
    keys.press("Alt+ArrowUp");
    assertThat(line(desk, "Tuesday")).hasAttribute("aria-posinset", "1");
    keys.press("Alt+ArrowDown");
    keys.press("Alt+ArrowRight");
    assertThat(line(desk, "Tuesday")).hasAttribute("aria-level", "3");
  }

  @Test
  void pasted_lines_become_topics_their_faults_are_told_and_one_undo_takes_them_back(
      DeskPage desk) {
    desk.newMap();
    desk.view("Outline");
    tree(desk, "Outline").focus();
    StringBuilder text = new StringBuilder("- Wall\n          - Stone\n-\n");
    for (int i = 1; i <= 38; i++) {
      text.append("- Point ").append(i).append('\n');
    }
    tree(desk, "Outline")
        .evaluate(
            "(tree, text) => { const data = new DataTransfer(); data.setData('text/plain', text);"
                + " tree.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data,"
                + " bubbles: true, cancelable: true })); }",
            text.toString());
    Locator said =
        desk.page()
            .getByRole(AriaRole.STATUS)
            .filter(new Locator.FilterOptions().setHasText("40 topics pasted"))
            .first();
    assertThat(said).containsText("Line 3:");
    assertThat(line(desk, "Stone")).hasAttribute("aria-level", "3");
    assertThat(line(desk, "Point 38")).hasCount(1);
    desk.kept().button("Undo").click();
    assertThat(line(desk, "Point 38")).hasCount(0);
  }
}
