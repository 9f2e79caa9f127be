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

/** What is asked of the sources: answers, events, each with passages. */
@ExtendWith(Browsing.class)
class StudyTest {
  /** The room alone: the rest of the page is looked at elsewhere. */
  static final String PANE = "[data-study]";

  static final Locator.GetByLabelOptions EXACTLY = new Locator.GetByLabelOptions().setExact(true);

  static Locator study(Page page, String name) {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  static Locator button(Locator in, String name) {
    return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
  }

  @Test
  void a_question_is_answered_by_passages_kept_and_followed_to_its_topic(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.more("Ask the map…");
    Locator pane = study(page, "Ask");
    Locator question = pane.getByLabel("Question", new Locator.GetByLabelOptions().setExact(true));
    question.fill("What do the waders feed on?");
    page.keyboard().press("Enter");
    assertThat(pane.getByText(Pattern.compile("passages?, the best first"))).isVisible();
    assertThat(pane.locator("blockquote").first()).containsText("waders");
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    pane.getByText("Keep this question").click();
    Locator kept = pane.getByLabel("Questions that are kept");
    assertThat(kept.getByText("What do the waders feed on?")).isVisible();
    Locator topic = pane.locator("article").first().getByRole(AriaRole.BUTTON).nth(1);
    String label = topic.innerText().replaceFirst("^[0-9.]+ ", "");
    topic.click();
    assertThat(desk.title()).containsText(label);

    question.fill("Who governs Atlantis?");
    page.keyboard().press("Enter");
    assertThat(pane.getByText("The sources say nothing to this")).isVisible();
    kept.getByText("What do the waders feed on?").click();
    assertThat(pane.getByText(Pattern.compile("passages?, the best first"))).isVisible();
    pane.locator("article").first().getByText("Read it there").click();
    assertThat(desk.reading()).containsText("waders");
  }

  @Test
  void events_are_told_in_order_corrected_by_key_and_put_on_the_map(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    Locator pane = study(page, "Events");
    assertThat(pane.getByText(Pattern.compile("events that the sources put in time"))).isVisible();
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    pane.getByLabel("When was the breach?").fill("12 October 2019");
    page.keyboard().press("Enter");
    assertThat(pane.locator("li button").getByText("winter 2019/20").first()).isVisible();

    Locator whose = pane.getByLabel("Person or body");
    assertThat(whose.locator("option").nth(1)).isAttached();
    Locator listed = pane.locator("li button[aria-expanded]");
    int all = listed.count();
    whose.selectOption(new SelectOption().setIndex(1));
    assertThat(listed).not().hasCount(all);
    whose.selectOption(new SelectOption().setIndex(0));
    pane.getByPlaceholder("Words or a name").fill("glasswort");
    Locator event = pane.locator("li button[aria-expanded]").first();
    event.focus();
    page.keyboard().press("Enter");
    assertThat(pane.locator("blockquote").first()).containsText("lasswort");
    Locator when = pane.getByLabel("When", new Locator.GetByLabelOptions().setExact(true));
    when.fill("no day");
    page.keyboard().press("Enter");
    assertThat(pane.getByRole(AriaRole.ALERT)).containsText("is not read as a time");
    when.fill("3 May 2020");
    page.keyboard().press("Enter");
    assertThat(event).containsText("3 May 2020");
    assertThat(event).containsText("by hand");
    button(pane, "Read in the source").first().click();
    assertThat(desk.reading()).containsText("lasswort");

    button(pane, "on the map, under").click();
    desk.view("Map");
    assertThat(desk.topic("Events in order")).isVisible();
  }

  @Test
  void people_are_listed_joined_by_key_and_put_on_the_map_with_their_ties(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("People")).click();
    Locator pane = study(page, "People");
    assertThat(pane.getByText(Pattern.compile("that the sources name, the most"))).isVisible();
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    Locator board = pane.locator("li button[aria-expanded]").first();
    assertThat(board).containsText("Estuary board");
    board.focus();
    page.keyboard().press("Enter");
    assertThat(pane.locator("blockquote").first()).containsText("board");
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    Locator name = pane.getByLabel("Name", new Locator.GetByLabelOptions().setExact(true));
    name.fill("The Ferrow estuary board");
    page.keyboard().press("Enter");
    assertThat(board).containsText("The Ferrow estuary board");
    assertThat(board).containsText("by hand");
    button(pane, "Back to what the sources tell").click();
    assertThat(board).not().containsText("by hand");
    pane.getByPlaceholder("Words or a name").fill("treasurer");
    button(pane, "on the map, under").click();
    desk.view("Map");
    assertThat(desk.topic("People and bodies")).isVisible();
  }

  @Test
  void figures_are_a_table_sorted_corrected_and_held_side_by_side(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Figures")).click();
    Locator pane = study(page, "Figures");
    assertThat(pane.getByText(Pattern.compile("figures that the sources give"))).isVisible();
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    assertThat(pane.getByLabel("Of the same in several sources"))
        .containsText("one hundred and ninety metres");
    pane.getByPlaceholder("Words or a name").fill("hectares");
    Locator rows = pane.locator("tbody");
    pane.locator("th button").nth(1).press("Enter");
    assertThat(pane.locator("th[aria-sort=ascending]")).containsText("Figure");
    Locator first = rows.first().getByRole(AriaRole.BUTTON).first();
    first.press("Enter");
    assertThat(rows.first().locator("blockquote")).containsText("hectares");
    Locator of = pane.getByLabel("Of what it is");
    of.fill("Area of what was opened");
    page.keyboard().press("Enter");
    assertThat(rows.filter(new Locator.FilterOptions().setHasText("Area of what was opened")))
        .containsText("by hand");
  }

  @Test
  void minutes_are_read_at_a_glance_corrected_and_put_on_the_map(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Minutes")).click();
    Locator pane = study(page, "Minutes");
    assertThat(pane.getByText("1 source that is minutes.")).isVisible();
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    assertThat(pane).containsText("by The engineer, until the May meeting");
    button(pane, "Correct: The engineer undertook").press("Enter");
    Locator who = pane.getByLabel("Who", new Locator.GetByLabelOptions().setExact(true));
    who.fill("the board's engineer");
    page.keyboard().press("Enter");
    assertThat(pane).containsText("by the board's engineer, until the May meeting, by hand");
    button(pane, "Put these minutes on the map").press("Enter");
    desk.view("Map");
    assertThat(desk.topic("Harbour committee minutes")).isVisible();
  }
}
