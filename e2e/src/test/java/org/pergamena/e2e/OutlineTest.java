package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class OutlineTest {
  private static Locator dialog(DeskPage desk) {
    return desk.page().getByRole(AriaRole.DIALOG);
  }

  private static Locator text(DeskPage desk) {
    return dialog(desk).getByLabel("Outline text");
  }

  @Test
  void a_generated_outline_becomes_a_map_is_corrected_and_its_matches_accepted(DeskPage desk) {
    desk.open();
    desk.button("Add a source\u2026").click();
    desk.button("Follow an outline").click();
    dialog(desk).getByText("Try a made-up outline").click();
    desk.button("Make it a map").click();
    assertThat(dialog(desk)).containsText("3 repairs");
    assertThat(dialog(desk)).containsText("line 18: indented two levels under line 17");
    assertThat(desk.topic("Life on the new marsh")).isAttached();
    String corrected =
        text(desk).inputValue().replace("        - Treasurer", "    - The treasurer");
    text(desk).fill(corrected);
    desk.button("Update the map").click();
    assertThat(dialog(desk)).containsText("2 repairs");
    desk.button("Close").click();
    desk.button("Review them").click();
    assertThat(dialog(desk)).containsText("2 topics found none and stay unsupported");
    Locator accept =
        dialog(desk)
            .getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions().setName(Pattern.compile("^Accept \\d+ passages")));
    accept.click();
    assertThat(dialog(desk).getByText("strength 1.00")).hasCount(0);
    desk.page().keyboard().press("Escape");
    desk.openEverything();
    desk.topic("Redshank nests lost to the tide").click();
    assertThat(desk.passages().first()).containsText("matched");
    assertThat(desk.topic("Seal colony on the sandbank"))
        .hasAccessibleName(Pattern.compile("unsupported$"));
  }

  @Test
  void a_page_of_the_simulated_web_is_fetched_and_read(DeskPage desk) {
    desk.newMap();
    desk.button("Web address").click();
    desk.page().getByText("breach-diary.html").click();
    assertThat(desk.shelf()).containsText("The night the wall was opened");
    assertThat(desk.shelf()).containsText("Imre Castellan");
    desk.button("Web address").click();
    desk.page().getByLabel("Address of a page").fill("http://localhost/secret");
    desk.page()
        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Fetch this page"))
        .click();
    assertThat(desk.shelf()).containsText("is an address of this machine or of a private network");
  }
}
