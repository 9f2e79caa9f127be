package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Dialog;
import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;

/** What a person does while the server is away. */
@ExtendWith(Browsing.class)
@Isolated("it stops the server")
class AwayTest {
  @Test
  void edits_made_while_the_server_is_away_outlast_a_reload_and_arrive(
      DeskPage desk, ServedApplication application) {
    desk.open();
    desk.someLeaf().click();
    application.kill();
    desk.page().keyboard().press("Enter");
    desk.page().keyboard().press("Escape");
    desk.page().keyboard().press("Enter");
    desk.page().keyboard().type("Written in the dark");
    desk.page().keyboard().press("Enter");
    assertThat(desk.topic("Written in the dark")).isVisible();
    desk.page().keyboard().press("Enter");
    desk.page().keyboard().type("And another");
    desk.page().keyboard().press("Enter");
    assertThat(desk.page().getByText(Pattern.compile("\\d edits kept in this browser")))
        .isVisible();
    desk.page().onDialog(Dialog::accept);
    application.start();
    desk.page().reload();
    desk.kept();
    assertThat(desk.topic("Written in the dark")).isVisible();
    assertThat(desk.topic("And another")).isVisible();
    desk.page().reload();
    assertThat(desk.topic("And another")).isVisible();
  }

  @Test
  void an_edit_is_there_after_the_server_was_killed_and_one_made_meanwhile_arrives(
      DeskPage desk, ServedApplication application) {
    desk.open();
    desk.someLeaf().click();
    desk.page().keyboard().press("F2");
    desk.page().keyboard().type("Before the crash");
    desk.page().keyboard().press("Enter");
    assertThat(desk.button("Undo")).isEnabled();
    application.kill();
    desk.page().keyboard().press("F2");
    desk.page().keyboard().type("During the crash");
    desk.page().keyboard().press("Enter");
    assertThat(desk.topic("During the crash")).isVisible();
    Locator notice = desk.page().getByText("1 edit kept in this browser");
    assertThat(notice).isVisible();
    application.start();
    assertThat(notice).isHidden();
    desk.page().reload();
    assertThat(desk.topic("During the crash")).isVisible();
    desk.button("Undo").click();
    assertThat(desk.topic("Before the crash")).isVisible();
  }

  @Test
  void a_page_that_is_loaded_while_the_server_is_away_shows_the_map_and_what_waits(
      @Window(kept = true) DeskPage desk, ServedApplication application) {
    desk.open();
    // by evaluate, which awaits: to waitForFunction a promise is true, whatever it brings
    desk.page().evaluate("() => navigator.serviceWorker.ready.then(() => true)");
    desk.page()
        .evaluate(
            "async () => {"
                + " const store = await caches.open('pergamena-offline');"
                + " const has = async () => (await store.keys())"
                + ".some(key => decodeURI(key.url).includes('/offline/map '));"
                + " while (!(await has())) await new Promise(rest => setTimeout(rest, 50)); }");
    desk.page().reload(); // so that the worker has the page
    assertThat(desk.someLeaf()).isVisible();
    desk.page().onDialog(Dialog::accept);
    application.kill();
    try {
      desk.choose(desk.someLeaf());
      desk.page().keyboard().press("F2");
      desk.page().keyboard().type("Written in the dark");
      desk.page().keyboard().press("Enter");
      assertThat(desk.topic("Written in the dark")).isVisible();
      desk.page().reload();
      assertThat(desk.topic("Written in the dark")).isVisible();
      assertThat(desk.page().getByText("1 change not sent yet")).isVisible();
    } finally {
      application.start();
    }
    desk.kept();
    desk.page().reload();
    assertThat(desk.topic("Written in the dark")).isVisible();
  }
}
