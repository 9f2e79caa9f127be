package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The map is asked, and answers with passages. */
@ExtendWith(Browsing.class)
class StudyTest {
  @Test
  void a_question_is_answered_by_passages_kept_and_followed_to_its_topic(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    desk.more("Ask the map…");
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    sheet
        .getByLabel("Question", new Locator.GetByLabelOptions().setExact(true))
        .fill("What do the waders feed on?");
    page.keyboard().press("Enter");
    assertThat(sheet.getByText(Pattern.compile("passages?, the best first"))).isVisible();
    assertThat(sheet.locator("blockquote").first()).containsText("waders");
    Assertions.assertThat(DemonstrationTest.serious(desk)).isEmpty();
    sheet.getByText("Keep this question").click();
    Locator kept = sheet.getByLabel("Questions that are kept");
    assertThat(kept.getByText("What do the waders feed on?")).isVisible();
    Locator topic = sheet.locator("article").first().getByRole(AriaRole.BUTTON).nth(1);
    String label = topic.innerText().replaceFirst("^[0-9.]+ ", "");
    topic.click();
    assertThat(desk.title()).containsText(label);

    desk.more("Ask the map…");
    sheet
        .getByLabel("Question", new Locator.GetByLabelOptions().setExact(true))
        .fill("Who governs Atlantis?");
    page.keyboard().press("Enter");
    assertThat(sheet.getByText("The sources say nothing to this")).isVisible();
    kept.getByText("What do the waders feed on?").click();
    assertThat(sheet.getByText(Pattern.compile("passages?, the best first"))).isVisible();
    sheet.locator("article").first().getByText("Read it there").click();
    assertThat(desk.reading()).containsText("waders");
  }
}
