package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class TableTest {
  private static Locator grid(DeskPage desk) {
    return desk.page().getByRole(AriaRole.GRID);
  }

  private static Locator row(DeskPage desk, String label) {
    return grid(desk)
        .getByRole(AriaRole.ROW)
        .filter(
            new Locator.FilterOptions()
                .setHas(
                    desk.page()
                        .locator("[data-column=label]")
                        .getByText(label, new Locator.GetByTextOptions().setExact(true))));
  }

  @Test
  void rows_are_filtered_sorted_and_changed_in_their_cells(DeskPage desk) {
    desk.open();
    desk.view("Table");
    Keyboard keys = desk.page().keyboard();
    grid(desk).getByLabel("Only rows whose Passages has").fill(">3");
    grid(desk).getByRole(AriaRole.COLUMNHEADER).getByText("Passages").click();
    assertThat(grid(desk).getByRole(AriaRole.ROW).nth(1)).containsText("Letting the sea back in");
    grid(desk).getByLabel("Only rows whose Passages has").fill("");
    grid(desk).getByLabel("Only rows whose No. has").fill("1.");
    grid(desk).getByRole(AriaRole.COLUMNHEADER).getByText("Passages").click();
    grid(desk).getByRole(AriaRole.COLUMNHEADER).getByText("Passages").click();
    Locator third = grid(desk).getByRole(AriaRole.ROW).nth(3);
    String label = third.locator("[data-column=label]").textContent();
    third.locator("[data-column=label]").click();
    assertThat(desk.title()).hasText(label);

    keys.press("ArrowLeft");
    keys.type("1.1");
    keys.press("Enter");
    assertThat(row(desk, label).locator("[data-column=number]")).hasText("1.1");
    keys.press("Shift+ArrowDown");
    for (int i = 0; i < 6; i++) {
      keys.press("ArrowRight");
    }
    keys.press("F2");
    keys.type("agreed, of ours");
    keys.press("Enter");
    assertThat(row(desk, label).locator("[data-column=tags]")).hasText("agreed, of ours");
    assertThat(grid(desk).getByText("agreed, of ours")).hasCount(2);
    desk.kept();
    row(desk, label).locator("[data-column=parent]").click();
    keys.press("Enter");
    keys.type("nowhere");
    keys.press("Enter");
    assertThat(desk.page().getByText("There is no topic “nowhere”")).isVisible();
    assertThat(row(desk, label).locator("[data-column=number]")).hasText("1.1");
    desk.button("Undo").click();
    assertThat(row(desk, label).locator("[data-column=tags]")).hasText("");
  }

  @Test
  void ninety_terms_and_a_hundred_relations_become_a_map_that_is_cleaned_and_hung(DeskPage desk) {
    desk.newMap();
    desk.view("Table");
    StringBuilder terms = new StringBuilder("Term\tDefinition\n");
    StringBuilder relations = new StringBuilder("From\tPhrase\tTo\n");
    for (int i = 1; i <= 90; i++) {
      terms.append("Term ").append(i).append("\tMeaning ").append(i).append('\n');
      relations.append("Term ").append(1 + i / 10).append("\tholds\tTerm ").append(i).append('\n');
    }
    for (int i = 1; i <= 10; i++) {
      relations.append("Term 1\tholds\tTerm ").append(20 + i).append('\n');
    }
    relations.append("Term 3\tholds\tTerm 500\n");
    desk.more("Paste tables");
    desk.sheet().getByLabel("Topics or terms").fill(terms.toString());
    desk.sheet().getByLabel("Relations").fill(relations.toString());
    assertThat(desk.sheet().getByText("There is no topic or term \"Term 500\"")).isVisible();
    desk.sheet().getByText(Pattern.compile("^Import")).click();
    assertThat(desk.page().getByText("91 topics")).isVisible();
    desk.kept();

    desk.more("Relations of this map");
    assertThat(desk.sheet().getByText(Pattern.compile("^Goes without saying by")).first())
        .isVisible();
    desk.sheet().getByText(Pattern.compile("^Take \\d+ links? away$")).click();
    assertThat(desk.sheet().getByText("There are none")).isVisible();
    desk.sheet().getByText("Hang them by their relations").click();
    desk.kept();
    grid(desk).getByLabel("Only rows whose Topic has").fill("Term 5");
    assertThat(row(desk, "Term 55").locator("[data-column=parent]")).containsText("Term 6");
    desk.more("Relations of this map");
    desk.sheet().getByText(Pattern.compile("^\\d+ key topics?$")).click();
    assertThat(desk.title()).hasText(Pattern.compile("topics chosen$"));
    desk.view("Map");
    assertThat(desk.topic("Term 6")).isAttached();
  }
}
