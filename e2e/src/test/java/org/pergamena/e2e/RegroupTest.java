package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class RegroupTest {
  /** The label of a topic on the map, without its number and what is said after it. */
  private static String label(Locator topic) {
    return topic.getAttribute("aria-label").replaceFirst("^[\\d.]+ ", "").replaceFirst(",.*", "");
  }

  @Test
  void a_topic_is_merged_into_another_and_a_passage_becomes_one_and_moves(DeskPage desk) {
    desk.open();
    Locator leaves = desk.page().locator("[role=treeitem][aria-level='3']:not([aria-expanded])");
    String first = label(leaves.nth(0));
    String second = label(leaves.nth(1));
    desk.topic(second).click();
    assertThat(desk.title()).hasText(second);
    desk.act("Merge into another topic");
    desk.sheet().getByLabel("Find the other topic").fill(first);
    desk.sheet().getByRole(AriaRole.OPTION).first().click();
    desk.sheet().getByText("Merge them").click();
    assertThat(desk.topic(second)).hasCount(0);
    assertThat(desk.title()).hasText(first);

    Locator make =
        desk.reading()
            .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Make it a topic…"));
    make.first().click();
    desk.sheet().getByLabel("Label of the new topic").fill("Of one passage");
    desk.sheet().getByText("Right after it").click();
    desk.sheet().getByText("Add it").click();
    desk.topic("Of one passage").click();
    assertThat(desk.title()).hasText("Of one passage");
    assertThat(desk.passages()).hasCount(1);

    desk.reading()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Move…"))
        .click();
    desk.sheet().getByLabel("Find the other topic").fill(first);
    desk.sheet().getByRole(AriaRole.OPTION).first().click();
    desk.sheet().getByText("Move it there").click();
    assertThat(desk.passages()).hasCount(0);

    for (int i = 0; i < 3; i++) {
      desk.kept().button("Undo").click();
    }
    desk.kept();
    assertThat(desk.topic("Of one passage")).hasCount(0);
    assertThat(desk.topic(second)).isVisible();
  }

  @Test
  void a_topic_is_put_above_moved_by_search_and_what_is_below_is_sorted(DeskPage desk) {
    desk.open();
    String leaf = label(desk.someLeaf());
    desk.topic(leaf).click();
    desk.act("Put a topic above it");
    desk.sheet().getByLabel("Label of the new topic").fill("Above the first");
    desk.sheet().getByLabel("Label of the new topic").press("Enter");
    Locator above = desk.topic("Above the first");
    assertThat(above).hasAttribute("aria-level", "3");
    assertThat(desk.topic(leaf)).hasAttribute("aria-level", "4");

    desk.act("Move to another topic");
    desk.sheet().getByLabel("Find the other topic").fill("Letting the sea back in");
    desk.sheet().getByRole(AriaRole.OPTION).first().click();
    desk.sheet().getByText("Move there").click();
    assertThat(above).hasAttribute("aria-level", "2");

    desk.page().locator("[role=treeitem][aria-level='1']").click();
    desk.act("Sort what is below by label");
    assertThat(above).hasAttribute("aria-posinset", "1");
    desk.button("Undo").click();
    assertThat(above).not().hasAttribute("aria-posinset", "1");
  }

  @Test
  void one_goes_to_a_topic_by_its_name_and_words_are_replaced_where_one_wishes(DeskPage desk) {
    desk.open();
    String leaf = label(desk.someLeaf());
    desk.tree().focus();
    desk.page().keyboard().press("/");
    desk.sheet().getByLabel("A few letters of its label").fill(leaf);
    desk.sheet().getByLabel("A few letters of its label").press("Enter");
    assertThat(desk.title()).hasText(leaf);

    desk.button("Go to a topic").click();
    desk.sheet().getByText("Find and replace words").click();
    desk.sheet().getByLabel("Find in labels").fill(leaf);
    desk.sheet().getByLabel("Put in its place").fill("Another name");
    assertThat(desk.sheet().getByRole(AriaRole.CHECKBOX).last()).isChecked();
    desk.sheet().getByText(Pattern.compile("^Replace in \\d+ place")).click();
    assertThat(desk.title()).hasText("Another name");
    desk.kept().button("Undo").click();
    assertThat(desk.title()).hasText(leaf);
  }
}
