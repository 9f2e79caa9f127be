package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.MouseButton;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * Every action that a menu offers, done by the pointer: something comes of it, Escape closes what
 * it opened, the focus is somewhere, undo brings the map back, and the page says nothing of errors.
 */
@ExtendWith(Browsing.class)
class ActionsTest {
  /** What a person would see change: sheets, fields, words that are told, where one is, the map. */
  private static final String SEEN =
      """
      () => JSON.stringify([
        document.querySelectorAll('[role=dialog],[role=menu],[role=listbox]').length,
        document.querySelectorAll('input,textarea').length,
        [...document.querySelectorAll('[aria-live],[role=status],[role=alert]')]
          .map(e => e.textContent).join('|'),
        location.pathname,
        document.querySelector('section[aria-label="Reading page"]')?.textContent,
        [...document.querySelectorAll('[role=treeitem]')].map(e => e.getAttribute('aria-label')
          + e.getAttribute('aria-expanded') + e.getAttribute('aria-selected')).join('|'),
        document.querySelector('[role=tree]')?.innerHTML.length,
        document.activeElement?.getAttribute('aria-label'),
      ])
      """;

  /** The map as the server has it, without how it is looked at. */
  private static final String MAP =
      """
      async () => {
        const map = location.pathname.split('/')[2];
        const desk = await (await fetch('/api/maps/' + map)).json();
        return JSON.stringify([desk.topics.map(t => [t.id, t.parent, t.children, t.label, t.note,
          t.definition, t.lead, t.tags, t.aside, t.put, t.loose, t.style, t.below, t.own]),
          desk.links, desk.comments.map(c => c.text), desk.facts.arrangement, desk.facts.theme,
          desk.facts.numbered, desk.facts.tinted, desk.facts.crossing]);
      }
      """;

  /** What asks the sources, or another program: nothing of it is undone. */
  private static final Set<String> ASKING =
      Set.of(
          "Find more passages like these",
          "Deepen into sub-topics",
          "Copy as Markdown, with passages",
          "Copy as a picture");

  private static void open(DeskPage desk, double[] at) {
    desk.page().mouse().click(at[0], at[1], new Mouse.ClickOptions().setButton(MouseButton.RIGHT));
  }

  private static Locator items(DeskPage desk) {
    return desk.page().getByRole(AriaRole.MENUITEM);
  }

  private static List<String> offered(DeskPage desk) {
    assertThat(items(desk).first()).isVisible();
    List<String> labels = new ArrayList<>();
    for (Locator item : items(desk).all()) {
      String label = (String) item.evaluate("e => e.firstChild.textContent");
      if (item.getAttribute("aria-haspopup") == null) {
        labels.add(label.strip());
      }
    }
    return labels;
  }

  /** Closes whatever is open. */
  private static void close(DeskPage desk) {
    for (int i = 0; i < 4; i++) {
      boolean open =
          (Boolean)
              desk.page()
                  .evaluate(
                      "() => document.querySelector('[role=dialog],[role=menu]') !== null ||"
                          + " document.activeElement?.matches('input,textarea')");
      if (!open) {
        return;
      }
      desk.page().keyboard().press("Escape");
      desk.page().waitForTimeout(150);
    }
  }

  /** Goes back to the map, all of it, from wherever an action led. */
  private static void back(DeskPage desk) {
    if (desk.page().url().matches(".*/(look|walk)(/.*)?")) {
      desk.page().goBack();
    }
    if (desk.page().getByLabel(Pattern.compile("^Topic map")).count() == 0) {
      desk.view("Map");
    }
    assertThat(desk.tree()).isVisible();
    if (desk.button("Show the whole map").count() > 0) {
      desk.button("Show the whole map").click();
    }
  }

  /**
   * Does each action of a menu.
   *
   * @param ready brings about what the menu is of, before each
   * @param open opens it
   * @return what it offers
   */
  private static List<String> walked(
      DeskPage desk, Runnable ready, Runnable open, List<String> wrong) {
    desk.page().context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
    List<String> errors = new ArrayList<>();
    desk.page()
        .onConsoleMessage(
            message -> {
              if (message.type().equals("error")) {
                errors.add(message.text());
              }
            });
    ready.run();
    open.run();
    List<String> labels = offered(desk);
    desk.page().keyboard().press("Escape");
    for (String label : labels) {
      String map = (String) desk.page().evaluate(MAP);
      ready.run();
      desk.page().waitForTimeout(300); // what comes of choosing it is not what comes of the action
      String seen = (String) desk.page().evaluate(SEEN);
      open.run();
      assertThat(items(desk).first()).isVisible();
      Locator item =
          desk.page().getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(label));
      item.first().scrollIntoViewIfNeeded();
      item.first().click();
      try {
        desk.page()
            .waitForFunction(
                "before => document.querySelector('[role=menu]') === null && ("
                    + SEEN.strip()
                    + ")() !== before",
                seen,
                new Page.WaitForFunctionOptions().setTimeout(60_000));
      } catch (TimeoutError e) {
        wrong.add(label + ": nothing is seen of it");
      }
      close(desk);
      if (desk.sheet().count() > 0) {
        wrong.add(label + ": Escape does not close what it opened");
        desk.page().reload();
      }
      if ((Boolean)
          desk.page()
              .evaluate(
                  "() => new Promise(r => setTimeout(() =>"
                      + " r(document.activeElement === document.body), 120))")) {
        wrong.add(label + ": the focus is lost");
      }
      back(desk);
      desk.kept();
      if (!ASKING.contains(label)) {
        for (int i = 0; i < 3 && !map.equals(desk.page().evaluate(MAP)); i++) {
          desk.tree().focus();
          desk.page().keyboard().press("Control+z");
          desk.kept();
        }
        if (!map.equals(desk.page().evaluate(MAP))) {
          wrong.add(label + ": undo does not bring the map back");
        }
      }
    }
    errors.forEach(error -> wrong.add("the page said: " + error));
    return labels;
  }

  @Test
  void each_action_on_a_topic_does_something_and_is_undone(DeskPage desk) {
    desk.open();
    List<String> wrong = new ArrayList<>();
    Locator topic = desk.page().locator("#" + desk.someLeaf().getAttribute("id"));
    List<String> walked =
        walked(desk, () -> desk.choose(topic), () -> open(desk, desk.middle(topic)), wrong);
    assertThat(wrong).as("walked: " + walked).isEmpty();
    assertThat(walked).hasSizeGreaterThan(20);
  }

  @Test
  void each_action_on_a_link_does_something_and_is_undone(DeskPage desk) {
    desk.open();
    Locator topic = desk.page().locator("#" + desk.someLeaf().getAttribute("id"));
    desk.choose(topic);
    desk.linkByKeys("2.2");
    List<String> wrong = new ArrayList<>();
    List<String> walked =
        walked(desk, () -> desk.choose(topic), () -> open(desk, HandsTest.onLink(desk)), wrong);
    assertThat(wrong).as("walked: " + walked).isEmpty();
    assertThat(walked).hasSizeGreaterThan(7);
  }

  @Test
  void each_action_on_the_map_does_something_and_is_undone(DeskPage desk) {
    desk.open();
    List<String> wrong = new ArrayList<>();
    List<String> walked =
        walked(
            desk,
            () -> desk.choose(desk.main(0)),
            () -> desk.button("More for this map").click(),
            wrong);
    assertThat(wrong).as("walked: " + walked).isEmpty();
    assertThat(walked).hasSizeGreaterThan(12);
  }
}
