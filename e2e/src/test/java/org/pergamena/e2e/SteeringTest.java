package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class SteeringTest {
  private static Locator panel(DeskPage desk) {
    desk.button("Distil again\u2026").click();
    Locator panel = desk.page().getByRole(AriaRole.DIALOG);
    assertThat(panel.getByText(Pattern.compile("This will come to \\d+ main branches")))
        .isVisible();
    return panel;
  }

  private static void distil(Locator panel) {
    panel.getByText("Distil again").last().click();
    Locator compared =
        panel
            .page()
            .getByRole(
                AriaRole.DIALOG,
                new com.microsoft.playwright.Page.GetByRoleOptions()
                    .setName("The map distilled again"));
    assertThat(compared).containsText("Before: ");
    compared.getByText("Take the new map").click();
    assertThat(compared).hasCount(0);
  }

  @Test
  void a_map_answers_a_question_and_keeps_the_rest_aside(DeskPage desk) {
    desk.open();
    Locator panel = panel(desk);
    Locator question = panel.getByLabel("Question that the map should answer");
    question.fill("Zyzzyva?");
    assertThat(panel.getByRole(AriaRole.ALERT)).containsText("have none of the words");
    question.fill("What does the realignment cost and who pays?");
    assertThat(panel.getByRole(AriaRole.ALERT)).hasCount(0);
    distil(panel);
    Locator aside = desk.topic("Also in the sources");
    assertThat(aside).isVisible();
    // what comes late moves the button under the pointer
    desk.page().waitForResponse(Pattern.compile(".*/grouping$"), aside::click);
    desk.button("Take back").click();
    assertThat(desk.button("Set aside")).isVisible();
    assertThat(desk.reading().getByText(Pattern.compile("(Clearly|Fairly|Loosely) grouped")))
        .isVisible();
    panel = panel(desk);
    assertThat(panel.getByLabel("Question that the map should answer"))
        .hasValue("What does the realignment cost and who pays?");
  }

  @Test
  void own_main_branches_and_terms_are_on_the_map_and_terms_left_out_are_listed(DeskPage desk) {
    desk.open();
    Locator panel = panel(desk);
    panel.getByText("main branches and terms of your own").click();
    panel.getByLabel("Main branches, one on a line").fill("Birds\nMoney: cost, million");
    panel.getByLabel("Terms that must appear").fill("spoonbill\nkraken");
    panel.getByLabel("Terms to leave out").fill("oyster");
    org.assertj.core.api.Assertions.assertThat(DemonstrationTest.serious(desk)).isEmpty();
    distil(panel);
    for (String label : List.of("Birds", "Money", "Kraken", "Also in the sources")) {
      assertThat(desk.topic(label)).isVisible();
    }
    desk.topic("Kraken").click();
    assertThat(desk.reading()).containsText("unsupported");
    desk.button("What is left out\u2026").click();
    assertThat(desk.page().getByText(Pattern.compile("^With a term that you leave out: \\d+")))
        .isVisible();
  }

  @Test
  void topics_follow_the_time_that_they_tell_of(DeskPage desk) {
    desk.open();
    Locator panel = panel(desk);
    panel.getByText("By the time they tell of").click();
    panel.getByText("Fine", new Locator.GetByTextOptions().setExact(true)).click();
    distil(panel);
    desk.kept().openEverything();
    List<Integer> years =
        desk.labels().stream()
            .map(label -> Pattern.compile("[Yy]ear (\\d+)").matcher(label))
            .filter(java.util.regex.Matcher::find)
            .map(found -> Integer.valueOf(found.group(1)))
            .toList();
    org.assertj.core.api.Assertions.assertThat(years).isSorted();
    panel = panel(desk);
    assertThat(panel.getByLabel("By the time they tell of")).isChecked();
  }
}
