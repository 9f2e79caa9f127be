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
  private static final String PANE = "[data-study]";

  private static final Locator.GetByLabelOptions EXACTLY =
      new Locator.GetByLabelOptions().setExact(true);

  private static Locator study(Page page, String name) {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator button(Locator in, String name) {
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
  void what_is_disputed_and_what_is_shared_is_told_with_passages(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Agreement")).click();
    Locator pane = study(page, "Agreement");
    assertThat(pane.getByText(Pattern.compile("that several sources say"))).isVisible();
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    Locator doubted = pane.getByLabel("Said to be disputed");
    assertThat(doubted).containsText("The treasurer did not accept the second figure");
    Locator shared = pane.getByLabel("What several sources say");
    assertThat(shared).containsText("coastal squeeze");
    button(shared, "Read in the source").first().press("Enter");
    assertThat(desk.reading()).containsText("coastal squeeze");
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
  void loose_ends_are_listed_and_chosen_on_the_map(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Loose ends")).click();
    Locator pane = study(page, "Loose ends");
    assertThat(pane.getByText(Pattern.compile("relations on average"))).isVisible();
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    assertThat(pane.getByLabel("What each source bears")).containsText("of its text on the map");
    Locator first = pane.getByLabel("Key topics").locator("li button").first();
    String label = first.innerText().replaceFirst("^[0-9.]+ ", "").strip();
    first.press("Enter");
    assertThat(desk.title()).containsText(label);
    button(pane, "Choose all: Key topics").press("Enter");
    assertThat(desk.reading()).containsText("topics");
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

  @Test
  void two_branches_are_compared_paired_by_hand_and_put_on_the_map(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Compare")).click();
    Locator pane = study(page, "Compare");
    assertThat(pane.getByText(Pattern.compile("that both have"))).isVisible();
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    Locator topics =
        pane.getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName("Topics"));
    Locator columns = topics.locator("ul");
    Locator first = columns.first().locator("button[aria-expanded]").first();
    String own = first.innerText();
    first.press("Enter");
    button(topics, "The other has it too").press("Enter");
    Locator last = columns.last().locator("li").first();
    String theirs = last.locator("button[aria-expanded]").innerText();
    last.getByText("Same as").press("Enter");
    Locator pair =
        topics.locator("li", new Locator.LocatorOptions().setHasText(own + " and " + theirs));
    assertThat(pair).containsText("by hand");
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    pair.locator("button[aria-expanded]").press("Enter");
    button(pair, "These are not the same").press("Enter");
    assertThat(pair).hasCount(0);
    assertThat(pane.getByLabel("Paired or kept apart by hand")).containsText("is not the same as");
    button(pane, "Put this comparison on the map").press("Enter");
    desk.view("Map");
    assertThat(desk.topic("Both")).isVisible();
  }

  @Test
  void a_draft_tells_what_it_carries_and_what_is_missing_and_keeps_its_versions(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Draft")).click();
    Locator pane = study(page, "Draft");
    Locator text = pane.getByLabel("Text", new Locator.GetByLabelOptions().setExact(true));
    text.fill("The old wall was patched every autumn. Young bass grow up in the new creeks.");
    pane.getByLabel("What it is to say")
        .fill("- Young bass grow up in the creeks\n- The marsh buries carbon");
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    button(pane, "Check it").press("Enter");
    assertThat(pane.getByText(Pattern.compile("1 of 2 points carried"))).isVisible();
    assertThat(pane.getByLabel("Points")).containsText("missing");
    assertThat(pane.getByLabel("Points").locator("blockquote").first()).containsText("carbon");
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    button(pane, "Another version").press("Enter");
    text.fill("Young bass grow up in the new creeks. The young marsh buries carbon.");
    button(pane, "Check it").press("Enter");
    assertThat(pane.getByText(Pattern.compile("2 of 2 points carried"))).isVisible();
    pane.getByLabel("Compared with").selectOption(new SelectOption().setIndex(1));
    Locator since = pane.getByLabel("Since the other version");
    assertThat(since).containsText("The young marsh buries carbon.");
    assertThat(since).containsText("came");
    button(pane, "Put the points on the map").press("Enter");
    desk.view("Map");
    assertThat(desk.topic("What Draft is to say")).isVisible();
  }

  /** Answers a question by key, whatever its kind. */
  private static void answer(Locator card) {
    Locator options = card.locator("li button");
    Locator ticks = card.getByRole(AriaRole.CHECKBOX);
    Locator fields = card.getByRole(AriaRole.TEXTBOX);
    if (fields.count() > 0) {
      fields.first().fill("The outer wall");
      card.locator("button[type=submit]").press("Enter");
    } else if (ticks.count() > 0) {
      ticks.first().press("Space");
      card.locator("button[type=submit]").press("Enter");
    } else if (card.locator("button[type=submit]").count() > 0) {
      options.last().press("Enter"); // what happened last happened later still
      card.locator("button[type=submit]").press("Enter");
    } else {
      options.first().press("Enter");
    }
  }

  @Test
  void topics_are_asked_by_key_and_what_is_known_is_shown_on_the_map(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Recall")).click();
    Locator pane = study(page, "Recall");
    Locator card = pane.getByLabel("Question", new Locator.GetByLabelOptions().setExact(true));
    for (int asked = 1; asked <= 3; asked++) {
      assertThat(card.locator("h3")).isVisible();
      Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
      answer(card);
      assertThat(card.getByText(Pattern.compile("had it|missed")).first()).isVisible();
      Locator on = card.getByText(Pattern.compile("^(Next|Partly)$")).last();
      on.press("Enter");
      assertThat(pane.getByText(Pattern.compile("^" + asked + " answers? today"))).isVisible();
    }
    pane.getByText("Show it on the map").click();
    desk.view("Map");
    assertThat(page.getByText("what you will still know in a week")).isVisible();
    assertThat(page.locator("[data-known] rect").first()).isAttached();
    button(page.locator("body"), "Hide it").click();
    assertThat(page.locator("[data-known] rect")).hasCount(0);
  }

  @Test
  void a_subject_is_narrowed_to_a_question_that_is_kept_and_put_on_the_map(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Scope")).click();
    Locator pane = study(page, "Scope");
    assertThat(pane.getByLabel("In words")).not().isEmpty();
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    Locator narrower = pane.getByLabel("Narrow it to").getByRole(AriaRole.BUTTON).first();
    String label = narrower.innerText().replaceFirst("^[0-9.]+ ", "");
    narrower.press("Enter");
    assertThat(desk.title()).containsText(label);
    button(pane, "Begin anew from").press("Enter");
    Locator intervention = pane.getByLabel("Intervention", EXACTLY);
    assertThat(intervention).hasValue(label);
    intervention.fill("saltmarsh");
    Locator search = pane.getByLabel("Search string for catalogues");
    assertThat(search).hasValue(Pattern.compile(".*\\(saltmarsh OR .*salt marsh.*"));
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
    pane.getByLabel("In words").fill("What do the waders feed on?");
    button(pane, "Keep this question").press("Enter");
    Locator kept = pane.getByLabel("Questions that are kept");
    assertThat(kept.locator("blockquote").first()).containsText("waders");
    button(kept, "Put 1 question on the map").press("Enter");
    desk.view("Map");
    assertThat(desk.topic("Questions for research")).isVisible();
  }

  @Test
  void what_is_only_supposed_is_weighed_by_the_sources_and_by_hand(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.someLeaf().click();
    page.keyboard().press("F2");
    page.keyboard().press("Control+A");
    page.keyboard().insertText("Fixed wall");
    page.keyboard().press("Enter");
    desk.kept();
    desk.act("Link to another topic");
    desk.sheet().getByLabel("Find the other topic").fill("Coastal squeeze");
    desk.sheet().getByRole(AriaRole.OPTION).first().click();
    desk.sheet().getByLabel(Pattern.compile("^Words on the link")).fill("causes");
    desk.sheet().getByText("Hypothesis, not yet shown").click();
    desk.sheet().getByText("Link them").click();
    desk.kept();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Scope")).click();
    Locator suppositions = study(page, "Scope").getByLabel("Suppositions", EXACTLY);
    assertThat(suppositions.locator("h4")).containsText("causes Coastal squeeze?");
    Locator passage = suppositions.locator("blockquote").first();
    assertThat(passage).isVisible();
    String words = passage.innerText();
    button(suppositions, "It is against it").first().press("Enter");
    Locator against = suppositions.getByLabel(Pattern.compile("^Against it"));
    assertThat(against).containsText(words);
    assertThat(against).containsText("by hand");
    Assertions.assertThat(DemonstrationTest.serious(desk, PANE)).isEmpty();
  }
}
