package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Round after round with a text assistant: asked, answered, checked, compared, taken in. */
@ExtendWith(Browsing.class)
class ReplyTest {
  private static final String REPLY =
      "Sure! Here it is:\n\n- Ferry timetable\n  - **Winter boats\n- Ferry quay\n\nLet me know!";

  private static Locator button(Locator in, String name) {
    return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
  }

  private static Locator tick(Locator in, String words) {
    return in.locator("label").filter(new Locator.FilterOptions().setHasText(words)).first();
  }

  @Test
  void an_assistant_is_asked_and_what_it_says_is_taken_in_piece_by_piece(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.more("Brief for a text assistant…");
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    sheet.getByText("The passages, with keys to cite them by").click();
    Locator text = sheet.getByLabel("The brief");
    assertThat(text).hasValue(Pattern.compile(".*Passages:.*", Pattern.DOTALL));
    text.fill(text.inputValue() + "\nx-faulty");
    button(sheet, "Ask from here…").click();
    button(sheet, "Use the simulated assistant").click();
    button(sheet, "Set it").click();
    button(sheet, "Ask The simulated assistant").click();
    assertThat(sheet.getByText(Pattern.compile("Nothing else goes with it"))).isVisible();
    button(sheet, "Send it").click();

    assertThat(sheet.getByText("Replies of text assistants")).isVisible();
    Locator read = sheet.getByLabel("What was read");
    assertThat(read.getByText("a block of code begins and does not end")).isVisible();
    assertThat(read.getByText("Sure! Here is what I came up with")).isVisible();
    assertThat(sheet.getByText("no passage is called p000000")).isVisible();
    assertThat(sheet.getByText(Pattern.compile("in no source: .*4711"))).isVisible();
    Assertions.assertThat(DemonstrationTest.serious(desk)).isEmpty();
    button(sheet, "Refuse: Built in 4711").click();
    assertThat(button(sheet, "Offer again: Built in 4711")).isVisible();
    Locator fresh = sheet.getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName("New"));
    String label = fresh.locator("li label").first().innerText().strip();
    tick(sheet, "New (").click();
    assertThat(button(sheet, "Take in 0")).hasCount(0);
    sheet.getByText("On the map").click();
    assertThat(
            sheet.getByRole(
                AriaRole.OPTION,
                new Locator.GetByRoleOptions().setName(Pattern.compile("new, chosen"))))
        .not()
        .hasCount(0);
    sheet.getByText("What it leaves out").click();
    assertThat(sheet.getByText("What the sources say much about")).isVisible();
    button(sheet, "Take in").click();
    sheet.getByText("What it offers").click();
    assertThat(tick(sheet, "New (1)")).hasCount(0);
    assertThat(sheet.getByText("New (1)")).isVisible();
    page.keyboard().press("Escape");
    desk.openEverything();
    desk.choose(desk.topic(label));
    assertThat(desk.reading().getByText("From a reply of The simulated assistant")).isVisible();
    desk.button("Undo").click();
    assertThat(desk.reading().getByText("From a reply of The simulated assistant")).hasCount(0);
  }

  @Test
  void a_reply_is_pasted_corrected_compared_and_taken_in_by_keys_alone(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.button("More for this map").focus();
    page.keyboard().press("Enter");
    page.keyboard().type("Replies");
    page.keyboard().press("Enter");
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    Locator reply = sheet.getByLabel("The reply", new Locator.GetByLabelOptions().setExact(true));
    reply.focus();
    page.keyboard().insertText(REPLY);
    Locator read = sheet.getByLabel("What was read");
    assertThat(read.getByText("3 topics, 1 repair, 2 lines said around it")).isVisible();
    button(read, "line 4:").focus();
    page.keyboard().press("Enter");
    assertThat(reply).isFocused();
    page.keyboard().insertText("  - Winter boats");
    assertThat(read.getByText("3 topics, 2 lines said around it")).isVisible();
    assertThat(sheet.getByText("New (3)")).isVisible();
    tabTo(page, "New (3)");
    page.keyboard().press("Space");
    tabTo(page, "Take in 3 differences");
    page.keyboard().press("Enter");
    assertThat(sheet.getByText("The same (3)")).isVisible();
    page.keyboard().press("Escape");
    assertThat(desk.topic("Ferry timetable")).isVisible();

    desk.more("Replies of text assistants…");
    reply.fill("- Ferry timetables\n- Barges\n");
    assertThat(sheet.getByText("Ferry timetable → Ferry timetables")).isVisible();
    sheet.getByText("Beside another").click();
    assertThat(sheet.getByText("1 topic in both, 1 only in this one, 2 only in the other."))
        .isVisible();
    button(sheet, "Make a new map of both").click();
    assertThat(desk.topic("Barges")).isVisible();
    assertThat(desk.topic("Ferry quay")).isVisible();
  }

  /** Goes on with the tab key until something with a name has the focus. */
  private static void tabTo(Page page, String name) {
    for (int i = 0; i < 80; i++) {
      page.keyboard().press("Tab");
      Object there =
          page.evaluate(
              "() => { const e = document.activeElement; return (e.closest('label') ?? e)"
                  + ".textContent }");
      if (String.valueOf(there).contains(name)) {
        return;
      }
    }
    Assertions.fail("the tab key does not lead to " + name);
  }

  @Test
  void an_assistant_names_a_branch_and_the_sound_names_are_taken_as_one_step(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.choose(desk.main(2));
    List<String> before = desk.labels();
    desk.act("Other names…");
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    sheet.getByText("From a text assistant").click();
    button(sheet, "Use the simulated assistant").click();
    button(sheet, "Set it").click();
    assertThat(sheet.getByLabel("The brief")).containsText("Offered: ");
    button(sheet, "Send it").click();

    Locator names = sheet.getByLabel("Names that were proposed");
    assertThat(names.getByText(Pattern.compile("^like “"))).isVisible();
    assertThat(sheet.getByText(Pattern.compile("1 name with a fault"))).isVisible();
    Assertions.assertThat(DemonstrationTest.serious(desk)).isEmpty();
    Locator ticked = names.locator("li:has(input:checked)");
    int sound = ticked.count();
    String wanted = ticked.first().locator("span").last().innerText().strip();
    button(sheet, "Rename " + sound).click();
    assertThat(sheet).hasCount(0);
    assertThat(desk.topic(wanted)).isVisible();
    desk.kept().button("Undo").click();
    desk.kept();
    Assertions.assertThat(desk.labels()).isEqualTo(before);

    desk.more("Replies of text assistants…");
    sheet
        .getByLabel("Reply", new Locator.GetByLabelOptions().setExact(true))
        .selectOption(new SelectOption().setIndex(1));
    button(sheet, "See them beside those that stand…").click();
    assertThat(names.locator("li").first()).isVisible();
    assertThat(button(sheet, "Rename " + sound)).isEnabled();
  }
}
