package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class RemarksTest {
  @Test
  void remarks_on_a_topic_and_a_passage_are_resolved_and_found_again(DeskPage desk) {
    desk.open();
    String label = desk.read(desk.someLeaf());
    Locator reading = desk.reading();
    reading.getByText("Remark…").first().click();
    reading.getByLabel("Remark on " + label).fill("Is this the whole of it?");
    reading.getByText("Keep the remark").click();
    Locator on = reading.getByLabel("Remarks on " + label);
    assertThat(on.getByRole(AriaRole.LISTITEM)).hasCount(1);
    on.getByText("Resolve").click();
    assertThat(on.getByText("Open again")).isVisible();
    desk.passages().first().getByText("Remark…").click();
    desk.passages().first().getByRole(AriaRole.TEXTBOX).fill("Check the date.");
    reading.getByText("Keep the remark").click();
    desk.kept().page().reload();

    desk.more("Remarks");
    Locator sheet = desk.page().getByRole(AriaRole.DIALOG);
    assertThat(sheet.getByText("Is this the whole of it?")).hasCount(0);
    sheet.getByText("All", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(sheet.getByText("Is this the whole of it?")).isVisible();
    assertThat(sheet.getByText("on a passage of " + label)).isVisible();
    sheet.getByText("Check the date.").click();
    assertThat(desk.title()).hasText(label);
  }
}
