package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is held against each other: branches, sources, a draft and a map. */
@ExtendWith(Browsing.class)
class CompareTest {
  @Test
  void two_branches_are_compared_paired_by_hand_and_put_on_the_map(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Compare")).click();
    Locator pane = StudyTest.study(page, "Compare");
    assertThat(pane.getByText(Pattern.compile("that both have"))).isVisible();
    Assertions.assertThat(DemonstrationTest.serious(desk, StudyTest.PANE)).isEmpty();
    Locator topics =
        pane.getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName("Topics"));
    Locator columns = topics.locator("ul");
    Locator first = columns.first().locator("button[aria-expanded]").first();
    String own = first.innerText();
    first.press("Enter");
    StudyTest.button(topics, "The other has it too").press("Enter");
    Locator last = columns.last().locator("li").first();
    String theirs = last.locator("button[aria-expanded]").innerText();
    last.getByText("Same as").press("Enter");
    Locator pair =
        topics.locator("li", new Locator.LocatorOptions().setHasText(own + " and " + theirs));
    assertThat(pair).containsText("by hand");
    Assertions.assertThat(DemonstrationTest.serious(desk, StudyTest.PANE)).isEmpty();
    pair.locator("button[aria-expanded]").press("Enter");
    StudyTest.button(pair, "These are not the same").press("Enter");
    assertThat(pair).hasCount(0);
    assertThat(pane.getByLabel("Paired or kept apart by hand")).containsText("is not the same as");
    StudyTest.button(pane, "Put this comparison on the map").press("Enter");
    desk.view("Map");
    assertThat(desk.topic("Both")).isVisible();
  }

  @Test
  void what_is_disputed_and_what_is_shared_is_told_with_passages(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Agreement")).click();
    Locator pane = StudyTest.study(page, "Agreement");
    assertThat(pane.getByText(Pattern.compile("that several sources say"))).isVisible();
    Assertions.assertThat(DemonstrationTest.serious(desk, StudyTest.PANE)).isEmpty();
    Locator doubted = pane.getByLabel("Said to be disputed");
    assertThat(doubted).containsText("The treasurer did not accept the second figure");
    Locator shared = pane.getByLabel("What several sources say");
    assertThat(shared).containsText("coastal squeeze");
    StudyTest.button(shared, "Read in the source").first().press("Enter");
    assertThat(desk.reading()).containsText("coastal squeeze");
  }

  @Test
  void a_draft_tells_what_it_carries_and_what_is_missing_and_keeps_its_versions(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Draft")).click();
    Locator pane = StudyTest.study(page, "Draft");
    Locator text = pane.getByLabel("Text", new Locator.GetByLabelOptions().setExact(true));
    text.fill("The old wall was patched every autumn. Young bass grow up in the new creeks.");
    pane.getByLabel("What it is to say")
        .fill("- Young bass grow up in the creeks\n- The marsh buries carbon");
    Assertions.assertThat(DemonstrationTest.serious(desk, StudyTest.PANE)).isEmpty();
    StudyTest.button(pane, "Check it").press("Enter");
    assertThat(pane.getByText(Pattern.compile("1 of 2 points carried"))).isVisible();
    assertThat(pane.getByLabel("Points")).containsText("missing");
    assertThat(pane.getByLabel("Points").locator("blockquote").first()).containsText("carbon");
    Assertions.assertThat(DemonstrationTest.serious(desk, StudyTest.PANE)).isEmpty();
    StudyTest.button(pane, "Another version").press("Enter");
    text.fill("Young bass grow up in the new creeks. The young marsh buries carbon.");
    StudyTest.button(pane, "Check it").press("Enter");
    assertThat(pane.getByText(Pattern.compile("2 of 2 points carried"))).isVisible();
    pane.getByLabel("Compared with").selectOption(new SelectOption().setIndex(1));
    Locator since = pane.getByLabel("Since the other version");
    assertThat(since).containsText("The young marsh buries carbon.");
    assertThat(since).containsText("came");
    StudyTest.button(pane, "Put the points on the map").press("Enter");
    desk.view("Map");
    assertThat(desk.topic("What Draft is to say")).isVisible();
  }
}
