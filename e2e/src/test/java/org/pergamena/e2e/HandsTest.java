package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Dialog;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What hands do without thinking, by the events that hands make. */
@ExtendWith(Browsing.class)
class HandsTest {
  private static Locator field(DeskPage desk) {
    return desk.page().getByLabel("Label", new Page.GetByLabelOptions().setExact(true));
  }

  private static Locator definition(Page page) {
    return page.getByLabel("Definition", new Page.GetByLabelOptions().setExact(true));
  }

  /** Where the line of the only link can be pressed. */
  static double[] onLink(DeskPage desk) {
    desk.tree().focus();
    Object at =
        desk.page()
            .waitForFunction(
                "() => { const p = document.querySelector('[data-link-hit] path');"
                    + " const m = p?.getScreenCTM();"
                    + " for (const share of [0.6, 0.5, 0.4, 0.7, 0.3, 0.8, 0.2]) {"
                    + " const q = p?.getPointAtLength(p.getTotalLength() * share);"
                    + " const at = q && [q.x * m.a + m.e, q.y * m.d + m.f];"
                    + " if (at && document.elementFromPoint(...at)?.closest('[data-link-hit]'))"
                    + " return at; } return null; }")
            .jsonValue();
    List<?> point = (List<?>) at;
    return new double[] {
      ((Number) point.get(0)).doubleValue(), ((Number) point.get(1)).doubleValue()
    };
  }

  private static void notOnBody(DeskPage desk) {
    desk.page().waitForFunction("() => document.activeElement !== document.body");
  }

  @Test
  void a_double_click_edits_the_label_under_the_pointer_and_adds_nothing(DeskPage desk) {
    desk.open();
    int before = desk.topics().count();
    for (Locator topic : List.of(desk.someLeaf(), desk.main(1), desk.topics().first())) {
      double[] at = desk.middle(topic);
      desk.page().mouse().dblclick(at[0], at[1]);
      assertThat(field(desk)).isFocused();
      assertThat(topic.getAttribute("aria-label")).contains(field(desk).inputValue());
      desk.page().keyboard().press("Escape");
      assertThat(field(desk)).hasCount(0);
      assertThat(desk.tree()).isFocused();
    }
    assertThat(desk.topics()).hasCount(before);
    assertThat(desk.button("Undo")).isDisabled();
  }

  @Test
  void a_letter_always_edits_the_label_and_never_runs_a_command(DeskPage desk) {
    desk.open();
    for (String letter : List.of("l", "f", "P")) {
      desk.choose(desk.someLeaf());
      desk.page().keyboard().press("Escape");
      desk.choose(desk.someLeaf());
      desk.page().keyboard().press(letter);
      assertThat(field(desk)).hasValue(letter);
      assertThat(desk.sheet()).hasCount(0);
      desk.page().keyboard().type("eople " + letter);
      desk.page().keyboard().press("Escape");
      assertThat(desk.title()).hasText(letter + "eople " + letter);
    }
    desk.kept().page().keyboard().press("Control+z");
    assertThat(desk.title()).hasText("feople f");
  }

  @Test
  void what_is_typed_outlasts_a_reload_before_the_field_is_left(DeskPage desk) {
    desk.open();
    desk.choose(desk.someLeaf());
    desk.page().onDialog(Dialog::accept);
    definition(desk.page()).click();
    desk.page().keyboard().type("A bank behind the old one");
    assertThat(desk.page().getByText("Saving…")).isVisible();
    desk.page().reload();
    assertThat(definition(desk.page())).hasValue("A bank behind the old one");
    desk.page().getByLabel("Note", new Page.GetByLabelOptions().setExact(true)).click();
    desk.page().keyboard().type("Twelve metres wide");
    desk.kept();
    assertThat(desk.page().getByText("Saved", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
    desk.page().reload();
    assertThat(desk.page().getByLabel("Note", new Page.GetByLabelOptions().setExact(true)))
        .hasText("Twelve metres wide");
    desk.tree().focus();
    desk.page().keyboard().press("Control+z");
    assertThat(desk.page().getByLabel("Note", new Page.GetByLabelOptions().setExact(true)))
        .hasText("");
  }

  @Test
  void two_tabs_on_one_text_lose_no_word(DeskPage desk) {
    desk.open();
    desk.choose(desk.someLeaf());
    definition(desk.page()).fill("A bank of clay");
    desk.kept();
    Page other = desk.page().context().newPage();
    other.navigate(desk.page().url());
    assertThat(definition(other)).hasValue("A bank of clay");
    definition(desk.page()).click();
    desk.page().keyboard().press("End");
    definition(other).click();
    other.keyboard().press("Home");
    desk.page().keyboard().type(" and stone");
    other.keyboard().type("Inland: ");
    assertThat(definition(desk.page())).hasValue("Inland: A bank of clay and stone");
    assertThat(definition(other)).hasValue("Inland: A bank of clay and stone");

    definition(desk.page()).fill("Inland: A wall of clay and stone");
    definition(other).fill("Inland: A dam of clay and stone");
    Pattern both = Pattern.compile("Inland: A (wall / dam|dam / wall) of clay and stone");
    assertThat(definition(desk.page())).hasValue(both);
    assertThat(definition(other)).hasValue(both);
    for (Page page : List.of(desk.page(), other)) {
      assertThat(page.getByLabel("Words of the remark"))
          .hasValue(Pattern.compile("^Two wordings were written here"));
    }
  }

  @Test
  void a_link_is_selected_written_on_and_deleted_where_it_is_drawn(DeskPage desk) {
    desk.open();
    desk.choose(desk.someLeaf());
    desk.linkByKeys("2.2");
    assertThat(desk.page().locator("[data-link]")).hasCount(1);
    double[] at = onLink(desk);
    desk.page().mouse().click(at[0], at[1]);
    assertThat(desk.reading().locator("li[aria-current]")).hasCount(1);
    desk.page().mouse().dblclick(at[0], at[1]);
    assertThat(desk.page().getByLabel("Words on the link")).isFocused();
    desk.page().keyboard().type("drowns");
    desk.page().keyboard().press("Escape");
    assertThat(desk.page().getByLabel("Words on the link")).hasValue("drowns");
    desk.kept();

    desk.page()
        .mouse()
        .click(
            at[0],
            at[1],
            new com.microsoft.playwright.Mouse.ClickOptions()
                .setButton(com.microsoft.playwright.options.MouseButton.RIGHT));
    desk.item("Delete it");
    assertThat(desk.page().locator("[data-link]")).hasCount(0);
    notOnBody(desk);
    desk.kept().page().keyboard().press("Control+z");
    assertThat(desk.page().locator("[data-link]")).hasCount(1);
    // from the reading page, where the button that was pressed goes with it
    desk.button("Actions on the link to " + otherEnd(desk)).click();
    desk.item("Delete it");
    assertThat(desk.page().locator("[data-link]")).hasCount(0);
    notOnBody(desk);
    desk.kept().page().keyboard().press("Control+z");
    assertThat(desk.page().locator("[data-link]")).hasCount(1);
  }

  private static String otherEnd(DeskPage desk) {
    return desk.reading()
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("^Actions on the link to")))
        .getAttribute("aria-label")
        .replaceFirst("^Actions on the link to ", "");
  }

  @Test
  void back_goes_back_one_topic_at_a_time_and_then_to_where_one_began(DeskPage desk) {
    desk.open();
    String first = desk.title().innerText();
    String one = desk.read(desk.main(0));
    desk.page()
        .waitForTimeout(700); // what one passes within half a second is no place to go back to
    desk.choose(desk.someLeaf());
    desk.page().waitForTimeout(700);
    desk.passages().first().getByRole(AriaRole.BUTTON).first().click();
    assertThat(desk.button("Back to the topic")).isVisible();
    desk.button("Back to the topic").click();
    assertThat(desk.button("Back to the topic")).hasCount(0);
    desk.page().goBack();
    assertThat(desk.title()).hasText(one);
    desk.page().goBack();
    assertThat(desk.title()).hasText(first);
  }

  @Test
  void escape_closes_what_is_on_top_also_where_a_topic_is_sought(DeskPage desk) {
    desk.open();
    desk.choose(desk.someLeaf());
    for (String key : List.of("Control+k", "/")) {
      desk.page().keyboard().press(key);
      assertThat(desk.sheet()).isVisible();
      desk.page().keyboard().type("Old");
      desk.page().keyboard().press("Escape");
      assertThat(desk.sheet()).hasCount(0);
      assertThat(desk.tree()).isFocused();
    }
  }

  @Test
  void what_is_found_in_a_long_source_is_landed_on(DeskPage desk) {
    desk.newMap();
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < 600; i++) {
      String words = i == 450 ? "The otter came back to the northern sluice. " : "Silt lay deep. ";
      text.append(words.repeat(i == 450 ? 1 : 1 + i * 7 % 60)).append("\n\n");
    }
    desk.page()
        .locator("input[type=file]")
        .first()
        .setInputFiles(
            new FilePayload(
                "long.txt", "text/plain", text.toString().getBytes(StandardCharsets.UTF_8)));
    assertThat(desk.shelf()).containsText("One source");
    assertThat(desk.button("Distil")).isEnabled();
    desk.button("Search all sources…").click();
    desk.page().getByLabel("Words").fill("otter");
    desk.sheet().getByText("The otter came back").first().click();
    Locator found = desk.reading().locator("[data-sought]").first();
    assertThat(found).hasText("otter");
    assertThat(found).isInViewport();
  }

  @Test
  void rows_of_a_spreadsheet_are_pasted_after_a_click_and_their_faults_told(DeskPage desk) {
    desk.open();
    desk.page().context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
    desk.page()
        .evaluate(
            "() => navigator.clipboard.writeText("
                + "'topic\\tparent\\nSluice gate\\tNowhere\\n\\tOuter wall\\nEel pass\\t\\n')");
    desk.view("Table");
    desk.page().locator("[role=gridcell][data-column=label]").nth(2).click();
    desk.page().keyboard().press("Control+v");
    assertThat(desk.sheet()).containsText("1 topic and 0 relations will come; 2 rows left out");
    assertThat(desk.sheet()).containsText("There is no \"Nowhere\"");
    desk.sheet().getByText("Topics, row 2").click();
    assertThat(desk.sheet().getByLabel("Topics or terms")).isFocused();
    desk.sheet().getByText(Pattern.compile("^Import")).click();
    assertThat(desk.sheet()).hasCount(0);
    assertThat(
            desk.page()
                .locator("[role=row]")
                .filter(new Locator.FilterOptions().setHasText("Eel pass")))
        .hasCount(1);
  }
}
