package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is asked of a text assistant is written out, changed by hand, copied and kept. */
@ExtendWith(Browsing.class)
class BriefTest {
  @Test
  void a_brief_is_made_for_a_topic_copied_and_kept(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
    desk.choose(desk.main(0));
    desk.act("Brief for a text assistant…");
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    Locator text = sheet.getByLabel("The brief");
    assertThat(text)
        .hasValue(Pattern.compile(".*Tell more on “.*What there is so far:.*", Pattern.DOTALL));
    Assertions.assertThat(DemonstrationTest.serious(desk)).isEmpty();
    sheet.getByLabel("What is wanted").selectOption("MISSING");
    sheet.getByLabel("For whom").fill("farmers");
    sheet.getByText("The passages, with keys to cite them by").click();
    assertThat(text)
        .hasValue(
            Pattern.compile(
                ".*what is missing.*for farmers.*Passages:.*\\[p[0-9a-f]{6}.*", Pattern.DOTALL));
    text.fill("Only this.");
    assertThat(sheet.getByRole(AriaRole.STATUS)).hasText(Pattern.compile("2 words.*by hand"));
    sheet.getByText("Copy the brief").click();
    assertThat(sheet.getByText("Copied")).isVisible();
    Assertions.assertThat((String) page.evaluate("() => navigator.clipboard.readText()"))
        .isEqualTo("Only this.");
    sheet.getByLabel("Name to keep it under").fill("Gaps");
    sheet.getByText("Keep", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(sheet.getByText("Gaps", new Locator.GetByTextOptions().setExact(true))).isVisible();
    page.reload();
    desk.more("Brief for a text assistant…");
    sheet.getByText("Gaps", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(sheet.getByLabel("For whom")).hasValue("farmers");
    sheet.getByLabel("Forget Gaps").click();
    assertThat(sheet.getByText("Gaps", new Locator.GetByTextOptions().setExact(true))).hasCount(0);
  }
}
