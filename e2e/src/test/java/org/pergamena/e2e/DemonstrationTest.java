package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class DemonstrationTest {
  private static final String SHEET = "[role=dialog]";

  @Test
  void a_newcomer_sees_map_reading_page_and_shelf_without_signing_in(DeskPage desk) {
    desk.open();
    assertThat(desk.page()).hasURL(java.util.regex.Pattern.compile("/maps/[0-9a-f-]{36}$"));
    org.assertj.core.api.Assertions.assertThat(desk.topics().count()).isGreaterThan(7);
    assertThat(desk.topics().first().locator("path")).hasCount(1);
    org.assertj.core.api.Assertions.assertThat(desk.someLeaf().locator("rect").count())
        .as("a tally")
        .isGreaterThan(1);
    assertThat(desk.title()).hasText("Letting the sea back in at Ferrow");
    assertThat(desk.shelf()).containsText("Seven sources");
    assertThat(desk.shelf()).containsText("Ferrow survey report");
    assertThat(desk.shelf()).containsText("of the text is on the map");
    org.assertj.core.api.Assertions.assertThat(
            desk.page().context().cookies().stream()
                .filter(cookie -> cookie.name.equals("pergamena-session")))
        .allMatch(cookie -> cookie.httpOnly)
        .hasSize(1);
  }

  @Test
  void what_one_visitor_makes_another_does_not_see(DeskPage mine, DeskPage theirs) {
    mine.open();
    theirs.open();
    theirs.page().navigate(mine.page().url());
    assertThat(theirs.page().getByText("This map does not exist or is not yours")).isVisible();
    theirs.button("Go to your maps").click();
    assertThat(theirs.topic("Letting the sea back in at Ferrow")).isVisible();
  }

  @Test
  void axe_finds_nothing_serious_on_the_desk(DeskPage desk) {
    desk.open();
    assertThat(serious(desk)).isEmpty();
    desk.someLeaf().click();
    assertThat(desk.passages().first()).isVisible();
    assertThat(serious(desk)).isEmpty();
    desk.passages().first().getByRole(AriaRole.BUTTON).first().click();
    assertThat(desk.button("Back to the topic")).isVisible();
    assertThat(serious(desk)).isEmpty();
    desk.button("Export").click();
    assertThat(desk.page().getByText("Save the Markdown")).isVisible();
    assertThat(serious(desk)).isEmpty();
  }

  @Test
  void axe_finds_nothing_serious_on_what_stands_above_the_desk(DeskPage desk) {
    desk.open();
    desk.button("Details of Ferrow survey report").click();
    assertThat(desk.page().getByText("Left out of distilling")).isVisible();
    assertThat(serious(desk, SHEET)).isEmpty();
    desk.page().keyboard().press("Escape");
    desk.button("Search all sources\u2026").click();
    desk.page().getByLabel("Words").fill("inspection");
    assertThat(desk.page().getByText("4 places in 4 sources")).isVisible();
    assertThat(serious(desk, SHEET)).isEmpty();
    desk.page().keyboard().press("Escape");
    desk.button("Add a source\u2026").click();
    desk.button("Follow an outline").click();
    desk.page().getByText("Try a made-up outline").click();
    desk.button("Make it a map").click();
    assertThat(desk.page().getByText("3 repairs")).isVisible();
    assertThat(serious(desk, SHEET)).isEmpty();
    desk.button("Close").click();
    desk.button("Review them").click();
    assertThat(desk.page().getByText("stay unsupported")).isVisible();
    assertThat(serious(desk, SHEET)).isEmpty();
    desk.page().keyboard().press("Escape");
    desk.button("Read Ferrow survey report").click();
    desk.button("Pages").click();
    assertThat(desk.reading().locator("canvas").first()).isVisible();
    assertThat(serious(desk)).isEmpty();
  }

  @Test
  void axe_finds_nothing_serious_where_one_refines(DeskPage desk) {
    desk.open();
    desk.someLeaf().click();
    for (String sheet :
        List.of(
            "Choose all topics that",
            "Relations of this map",
            "Paste tables",
            "Tags of this map",
            "Remarks",
            "History",
            "Start over")) {
      desk.button("More for this map").click();
      desk.page().getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(sheet)).click();
      assertThat(desk.page().getByRole(AriaRole.DIALOG)).isVisible();
      assertThat(serious(desk, SHEET)).as(sheet).isEmpty();
      desk.page().keyboard().press("Escape");
      assertThat(desk.page().getByRole(AriaRole.DIALOG)).hasCount(0);
    }
    desk.page()
        .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Table"))
        .first()
        .click();
    assertThat(desk.page().getByRole(AriaRole.GRID)).isVisible();
    assertThat(serious(desk)).isEmpty();
  }

  static List<String> serious(DeskPage desk) {
    return serious(new AxeBuilder(desk.page()));
  }

  /** The same of one part of the page alone. */
  static List<String> serious(DeskPage desk, String part) {
    return serious(new AxeBuilder(desk.page()).include(List.of(part)));
  }

  private static List<String> serious(AxeBuilder axe) {
    return axe.analyze().getViolations().stream()
        .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
        .map(DemonstrationTest::told)
        .toList();
  }

  private static String told(Rule rule) {
    return rule.getId() + ": " + rule.getNodes().get(0).getHtml();
  }
}
