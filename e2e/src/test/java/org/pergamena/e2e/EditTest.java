package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class EditTest {
  @Test
  void topics_are_renamed_added_removed_and_brought_back(DeskPage desk) {
    desk.open();
    desk.someLeaf().click();
    desk.page().keyboard().press("F2");
    desk.page().keyboard().type("A name of my own");
    desk.page().keyboard().press("Enter");
    assertThat(desk.topic("A name of my own")).isVisible();

    desk.page().keyboard().press("Enter");
    assertThat(desk.page().getByLabel("Label")).isFocused();
    desk.page().keyboard().type("A sibling");
    desk.page().keyboard().press("Enter");
    assertThat(desk.topic("A sibling")).isVisible();

    desk.page().keyboard().press("Control+Enter");
    assertThat(desk.page().getByLabel("Label")).isFocused();
    desk.page().keyboard().type("A child");
    desk.page().keyboard().press("Enter");
    assertThat(desk.topic("A child")).hasAttribute("aria-level", "4");
    assertThat(desk.selected())
        .hasAttribute("aria-label", java.util.regex.Pattern.compile(".*A child, unsupported"));

    desk.page().keyboard().press("Delete");
    assertThat(desk.topic("A child")).hasCount(0);
    desk.page().keyboard().press("Control+z");
    assertThat(desk.topic("A child")).isVisible();
    desk.page().keyboard().press("Control+Shift+z");
    assertThat(desk.topic("A child")).hasCount(0);

    desk.kept().page().reload();
    assertThat(desk.topic("A sibling")).isVisible();
    desk.button("Undo").click();
    assertThat(desk.topic("A child")).isVisible();
    desk.button("Undo").click();
    assertThat(desk.topic("A child")).hasCount(0);
    assertThat(desk.topic("A sibling")).isVisible();
    desk.button("Undo").click();
    assertThat(desk.topic("A sibling")).hasCount(0);
    assertThat(desk.topic("A name of my own")).isVisible();
  }

  @Test
  void a_label_is_taken_from_what_the_passages_offer(DeskPage desk) {
    desk.open();
    desk.someLeaf().click();
    desk.page().keyboard().press("F2");
    Locator field = desk.page().getByLabel("Label", new Page.GetByLabelOptions().setExact(true));
    Locator offers = desk.page().getByRole(AriaRole.OPTION);
    assertThat(offers.first()).isVisible();
    String before = field.inputValue();
    String second = offers.nth(1).textContent();
    field.press("ArrowDown");
    field.press("ArrowDown");
    assertThat(field).hasValue(second);
    field.press("Enter");
    assertThat(desk.topic(second)).isVisible();
    assertThat(offers).hasCount(0);
    desk.button("Undo").click();
    assertThat(desk.topic(before)).isVisible();

    desk.page().getByRole(AriaRole.BUTTON, named("What to do with " + before)).click();
    desk.page().getByRole(AriaRole.MENUITEM, named("Name it from its passages")).click();
    String first = offers.first().textContent();
    assertThat(field).hasValue(first);
    desk.page().keyboard().press("Escape");
    assertThat(desk.topic(before)).isVisible();
  }

  @Test
  void a_branch_is_named_from_its_passages_and_taken_topic_by_topic(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.openEverything();
    Locator topics = page.locator("[role=treeitem]");
    String[] before = topics.allTextContents().toArray(String[]::new);
    desk.someLeaf().click();
    Response offered =
        page.waitForResponse(
            response -> response.url().endsWith("/names"),
            () -> {
              page.locator("[role=treeitem][aria-level='1']").click();
              page.getByRole(AriaRole.BUTTON, named("What to do with")).first().click();
              page.getByRole(AriaRole.MENUITEM, named("Other names")).click();
            });
    int names = offered.text().split("\"topic\":").length - 1;
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    assertThat(sheet.getByRole(AriaRole.CHECKBOX)).hasCount(names);
    Locator take =
        sheet.getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions()
                .setName(Pattern.compile("^Rename (none|\\d+ topics?)$")));
    if (names == 0) {
      assertThat(sheet).containsText("the best name that its passages offer");
      assertThat(take).isDisabled();
      return;
    }
    String label = sheet.getByRole(AriaRole.LISTITEM).first().locator("span").last().textContent();
    take.click();
    assertThat(sheet).hasCount(0);
    desk.kept();
    assertThat(desk.topic(label)).isVisible();
    desk.button("Undo").click();
    assertThat(topics).hasText(before);
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  @Test
  void topics_move_by_keys_and_by_dragging_to_a_target_that_shows(DeskPage desk) {
    desk.open();
    desk.tree().focus();
    desk.page().keyboard().press("ArrowRight");
    String first = desk.selected().getAttribute("id");
    desk.page().keyboard().press("Alt+ArrowDown");
    assertThat(desk.page().locator("#" + first)).hasAttribute("aria-posinset", "2");
    desk.page().keyboard().press("Alt+ArrowUp");
    assertThat(desk.page().locator("#" + first)).hasAttribute("aria-posinset", "1");
    desk.kept();

    Locator leaf = desk.someLeaf();
    String id = leaf.getAttribute("id");
    Locator target = desk.page().locator("[role=treeitem][aria-level='2']").nth(1);
    double[] from = desk.middle(leaf);
    double[] to = desk.middle(target);
    desk.page().mouse().move(from[0], from[1]);
    desk.page().mouse().down();
    desk.page().mouse().move(to[0], to[1], new Mouse.MoveOptions().setSteps(8));
    assertThat(desk.page().locator("[data-drop=UNDER]")).isVisible();
    desk.page().mouse().up();
    desk.kept().openEverything();
    assertThat(desk.page().locator("#" + id))
        .hasAttribute("aria-label", java.util.regex.Pattern.compile("^2\\.\\d+ .*"));
    desk.button("Undo").click();
    assertThat(desk.page().locator("#" + id))
        .hasAttribute("aria-label", java.util.regex.Pattern.compile("^1\\.1 .*"));
  }

  @Test
  void a_topic_is_linked_to_another_inked_and_shown_on_both_sides(DeskPage desk) {
    desk.open();
    Locator leaf = desk.someLeaf();
    String id = leaf.getAttribute("id");
    leaf.click(
        new Locator.ClickOptions().setButton(com.microsoft.playwright.options.MouseButton.RIGHT));
    desk.page().getByPlaceholder("Find an act").fill("link to");
    desk.page().keyboard().press("ArrowDown");
    desk.page().keyboard().press("Enter");
    desk.page().getByLabel("Find the other topic").fill("Oyster");
    Locator other = desk.page().getByRole(AriaRole.OPTION).first();
    other.click();
    desk.page().getByLabel("Words on the link").fill("is felt by");
    desk.button("Link them").click();
    Locator relations =
        desk.reading()
            .getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName("Relations"));
    assertThat(relations.getByLabel("Words on the link")).hasValue("is felt by");
    assertThat(desk.page().locator("[data-link]")).hasCount(1);
    relations.getByLabel("Words on the link").fill("harms");
    relations.getByLabel("Words on the link").press("Enter");
    relations.getByRole(AriaRole.BUTTON).last().click();
    desk.item("Delete it");
    assertThat(relations).hasCount(0);
    desk.button("Undo").click();
    assertThat(relations.getByLabel("Words on the link")).hasValue("harms");

    Locator acts =
        desk.reading()
            .getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions()
                    .setName(java.util.regex.Pattern.compile("^What to do with")));
    acts.click();
    desk.page()
        .getByRole(
            AriaRole.MENUITEM,
            new com.microsoft.playwright.Page.GetByRoleOptions().setName("Ink of the label"))
        .hover();
    desk.page().getByText("Woad").click();
    assertThat(desk.page().locator("#" + id + " text[fill='#2B4C82']")).hasCount(1);
    desk.layOut("Both sides");
    double root = desk.middle(desk.topics().first())[0];
    assertThat(desk.page().locator("[role=treeitem][aria-level='2']").last()).isVisible();
    org.assertj.core.api.Assertions.assertThat(
            desk.middle(desk.page().locator("[role=treeitem][aria-level='2']").last())[0])
        .isLessThan(root);
    org.assertj.core.api.Assertions.assertThat(DemonstrationTest.serious(desk)).isEmpty();
  }

  @Test
  void a_new_topic_that_gets_no_label_leaves_nothing_behind(DeskPage desk) {
    desk.open();
    desk.someLeaf().click();
    int before = desk.topics().count();
    desk.page().keyboard().press("Enter");
    desk.page().keyboard().press("Escape");
    desk.page().keyboard().press("Enter");
    assertThat(desk.topics()).hasCount(before + 1);
    desk.page().keyboard().press("Escape");
    assertThat(desk.topics()).hasCount(before);
    assertThat(desk.button("Undo")).isDisabled();
    desk.page().keyboard().press("Escape");
    desk.page().keyboard().press("Tab");
    assertThat(desk.page().getByLabel("Label")).hasCount(0);
    assertThat(desk.tree()).not().isFocused();
  }

  @Test
  void words_selected_in_a_source_are_linked_and_unlinked(DeskPage desk) {
    desk.open();
    desk.someLeaf().click();
    assertThat(desk.passages().first()).isVisible();
    int before = desk.passages().count();
    desk.shelf()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Read Marsh and memory"))
        .click();
    assertThat(desk.reading().locator("mark").first()).isAttached(); // they come after the text
    Locator words = desk.reading().getByText("The birds came for the mud.").first();
    words.scrollIntoViewIfNeeded();
    words.evaluate(
        """
        element => {
          const at = element.firstChild.data.indexOf("The birds came for the mud.");
          const range = document.createRange();
          range.setStart(element.firstChild, at);
          range.setEnd(element.firstChild, at + 27);
          const selection = window.getSelection();
          selection.removeAllRanges();
          selection.addRange(range);
        }""");
    desk.reading()
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^Link to ")))
        .click();
    desk.button("Back to the topic").click();
    assertThat(desk.passages()).hasCount(before + 1);
    Locator linked = desk.passages().last();
    assertThat(linked.locator("mark")).hasText("The birds came for the mud.");
    assertThat(linked).containsText("linked by hand");
    linked.getByText("Unlink").click();
    assertThat(desk.passages()).hasCount(before);
    desk.button("Undo").click();
    assertThat(desk.passages()).hasCount(before + 1);
  }

  @Test
  void a_note_is_rich_text_and_kept_as_markdown_when_the_field_is_left(DeskPage desk) {
    desk.open();
    desk.someLeaf().click();
    Locator note =
        desk.reading()
            .getByRole(
                AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName("Note").setExact(true));
    note.click();
    desk.page().keyboard().type("Check the **discount** rate");
    desk.page().keyboard().press("Enter");
    desk.page().keyboard().type("- ask the warden");
    desk.button("Bold").click();
    note.blur();
    assertThat(desk.button("Undo")).isEnabled();
    desk.kept().page().reload();
    desk.someLeaf().click();
    assertThat(note.locator("strong")).hasText("discount");
    assertThat(note.locator("li")).hasText("ask the warden");
    desk.button("Undo").click();
    assertThat(note).hasText("");
  }

  @Test
  void how_a_passage_bears_on_its_topic_is_said_by_key_and_undone(DeskPage desk) {
    desk.open();
    desk.someLeaf().click();
    Locator bears = desk.reading().getByLabel(Pattern.compile("^How it bears on")).first();
    assertThat(bears).hasText("Supports");
    bears.press("Enter");
    desk.page().keyboard().press("ArrowDown");
    desk.page().keyboard().press("Enter");
    assertThat(bears).hasText("Disputes");
    desk.button("Undo").click();
    assertThat(bears).hasText("Supports");
  }
}
