package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is asked of a map and of the person: what it lacks, what is supposed, what one knows. */
@ExtendWith(Browsing.class)
class QuestionTest {
  @Test
  void loose_ends_are_listed_and_chosen_on_the_map(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Loose ends")).click();
    Locator pane = StudyTest.study(page, "Loose ends");
    assertThat(pane.getByText(Pattern.compile("relations on average"))).isVisible();
    Assertions.assertThat(DemonstrationTest.serious(desk, StudyTest.PANE)).isEmpty();
    assertThat(pane.getByLabel("What each source bears")).containsText("of its text on the map");
    Locator first = pane.getByLabel("Key topics").locator("li button").first();
    String label = first.innerText().replaceFirst("^[0-9.]+ ", "").strip();
    first.press("Enter");
    assertThat(desk.title()).containsText(label);
    StudyTest.button(pane, "Choose all: Key topics").press("Enter");
    assertThat(desk.reading()).containsText("topics");
  }

  @Test
  void a_subject_is_narrowed_to_a_question_that_is_kept_and_put_on_the_map(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.view("Study");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Scope")).click();
    Locator pane = StudyTest.study(page, "Scope");
    assertThat(pane.getByLabel("In words")).not().isEmpty();
    Assertions.assertThat(DemonstrationTest.serious(desk, StudyTest.PANE)).isEmpty();
    Locator narrower = pane.getByLabel("Narrow it to").getByRole(AriaRole.BUTTON).first();
    String label = narrower.innerText().replaceFirst("^[0-9.]+ ", "");
    narrower.press("Enter");
    assertThat(desk.title()).containsText(label);
    StudyTest.button(pane, "Begin anew from").press("Enter");
    Locator intervention = pane.getByLabel("Intervention", StudyTest.EXACTLY);
    assertThat(intervention).hasValue(label);
    intervention.fill("saltmarsh");
    Locator search = pane.getByLabel("Search string for catalogues");
    assertThat(search).hasValue(Pattern.compile(".*\\(saltmarsh OR .*salt marsh.*"));
    Assertions.assertThat(DemonstrationTest.serious(desk, StudyTest.PANE)).isEmpty();
    pane.getByLabel("In words").fill("What do the waders feed on?");
    StudyTest.button(pane, "Keep this question").press("Enter");
    Locator kept = pane.getByLabel("Questions that are kept");
    assertThat(kept.locator("blockquote").first()).containsText("waders");
    StudyTest.button(kept, "Put 1 question on the map").press("Enter");
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
    Locator suppositions =
        StudyTest.study(page, "Scope").getByLabel("Suppositions", StudyTest.EXACTLY);
    assertThat(suppositions.locator("h4")).containsText("causes Coastal squeeze?");
    Locator passage = suppositions.locator("blockquote").first();
    assertThat(passage).isVisible();
    String words = passage.innerText();
    StudyTest.button(suppositions, "It is against it").first().press("Enter");
    Locator against = suppositions.getByLabel(Pattern.compile("^Against it"));
    assertThat(against).containsText(words);
    assertThat(against).containsText("by hand");
    Assertions.assertThat(DemonstrationTest.serious(desk, StudyTest.PANE)).isEmpty();
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
    Locator pane = StudyTest.study(page, "Recall");
    Locator card = pane.getByLabel("Question", new Locator.GetByLabelOptions().setExact(true));
    for (int asked = 1; asked <= 3; asked++) {
      assertThat(card.locator("h3")).isVisible();
      Assertions.assertThat(DemonstrationTest.serious(desk, StudyTest.PANE)).isEmpty();
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
    StudyTest.button(page.locator("body"), "Hide it").click();
    assertThat(page.locator("[data-known] rect")).hasCount(0);
  }
}
