package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Does each thing that a menu or a part of the screen offers: something is seen of it, Escape
 * closes what it opened and leaves no trace, the focus is somewhere, undo brings the map back, and
 * the page says nothing of errors.
 */
final class EachAction {
  /**
   * What a person would see change: sheets, fields, words that are told, where one is, the map; and
   * the map as the server has it, without how it is looked at.
   */
  private static final String EYES =
      """
      const sumOf = words => {
        let sum = words.length;
        for (let i = 0; i < words.length; i++) sum = (sum * 31 + words.charCodeAt(i)) | 0;
        return sum;
      };
      window.seen = () => JSON.stringify([
        document.querySelectorAll('[role=dialog],[role=menu],[role=listbox]').length,
        document.querySelectorAll('input,textarea').length,
        [...document.querySelectorAll('[aria-live],[role=status],[role=alert]')]
          .map(e => e.textContent).join('|'),
        location.pathname,
        document.querySelector('section[aria-label="Reading page"]')?.textContent,
        document.querySelector('section[aria-label="Source shelf"]')?.textContent,
        [...document.querySelectorAll('[role=treeitem]')].map(e => e.getAttribute('aria-label')
          + e.getAttribute('aria-expanded') + e.getAttribute('aria-selected')).join('|'),
        sumOf(document.querySelector('[role=tree]')?.innerHTML ?? ''),
        sumOf([...document.querySelectorAll('[role=dialog]')].map(e => e.innerHTML).join()),
        JSON.stringify(document.querySelector('[role=tree]')?.getBoundingClientRect()),
        [...document.querySelectorAll('[aria-pressed],[aria-checked],[aria-selected]')].map(e =>
          e.getAttribute('aria-pressed') + e.getAttribute('aria-checked')
          + e.getAttribute('aria-selected')).join(),
        document.fullscreenElement !== null,
        // a field that is gone to, not what was pressed
        document.activeElement?.matches('input,textarea,[contenteditable]')
          && document.activeElement.getAttribute('aria-label'),
      ]);
      let asked = 0; // of the server, and not answered yet
      const ask = window.fetch;
      window.fetch = (...what) => { asked++; return ask(...what).finally(() => asked--); };
      window.still = (times = 3) => new Promise(resolve => {
        let last = '', same = 0, looks = 0; // what plays is never still
        const look = () => {
          const now = window.seen();
          same = now === last && asked === 0 ? same + 1 : 0;
          last = now;
          same >= times || (looks++ > 300 && asked === 0) ? resolve(now) : setTimeout(look, 30);
        };
        look();
      });
      window.mapOf = async id => {
        const desk = await (await fetch('/api/maps/' + id)).json();
        return JSON.stringify([desk.topics.map(t => [t.id, t.parent, t.children, t.label, t.note,
          t.definition, t.lead, t.tags, t.aside, t.put, t.loose, t.style, t.below, t.own,
          t.passages]), desk.links, desk.comments.map(c => c.text), desk.facts.arrangement,
          desk.facts.theme, desk.facts.numbered, desk.facts.tinted, desk.facts.crossing]);
      };
      window.busy = () => document.querySelector('[role=dialog],[role=menu]') !== null
        || document.activeElement?.matches('input:not([type=file]),textarea') === true;
      window.offered = part => [...document.querySelectorAll(part)].flatMap(within =>
        [...within.querySelectorAll('button,[role=button],[role=radio],a[href]')])
        .filter(e => e.checkVisibility() && !e.disabled && e.getAttribute('aria-checked') !== 'true'
          && e.getAttribute('aria-disabled') !== 'true');
      window.nameOf = e => (e.getAttribute('aria-label') ?? e.textContent).trim()
        .replace(/[0-9]+/g, '#');
      """;

  /** What asks the sources, or another program: nothing of it is undone. */
  private static final Set<String> ASKING =
      Set.of(
          "Find more passages like these",
          "Deepen into sub-topics",
          "Copy as Markdown, with passages",
          "Copy as a picture");

  private final DeskPage desk;
  private final Page page;
  private final Hand hand;
  private final List<String> done = new ArrayList<>();
  private final List<String> wrong = new ArrayList<>();
  private final boolean compared;
  private boolean files;

  /**
   * On a desk that is not open yet.
   *
   * @param compared whether each sheet is looked through, and that closing it leaves no trace
   */
  EachAction(DeskPage desk, Hand hand, boolean compared) {
    this.compared = compared;
    this.desk = desk;
    this.page = desk.page();
    this.hand = hand;
    page.addInitScript(EYES);
    page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
    page.onFileChooser(chooser -> files = true);
    page.onConsoleMessage(
        message -> {
          if (message.type().equals("error")) {
            wrong.add("the page said: " + message.text());
          }
        });
  }

  /**
   * Each entry of a menu.
   *
   * @param ready brings about what the menu is of
   * @param open opens it
   */
  EachAction ofMenu(Runnable ready, Runnable open) {
    ready.run();
    open.run();
    Locator items = page.getByRole(AriaRole.MENUITEM);
    assertThat(items.first()).isVisible();
    List<String> labels = new ArrayList<>();
    for (Locator item : items.all()) {
      if (item.getAttribute("aria-haspopup") == null) {
        labels.add(((String) item.evaluate("e => e.firstChild.textContent")).strip());
      }
    }
    close();
    for (String label : labels) {
      each(
          label,
          ready,
          () -> {
            open.run();
            hand.choose(
                page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(label))
                    .first());
            page.waitForFunction("() => document.querySelector('[role=menu]') === null");
          });
    }
    return this;
  }

  /**
   * Each control in a part of the screen.
   *
   * @param part as CSS
   * @param ready brings it about
   * @param except names of what is not pressed
   */
  EachAction within(String part, Runnable ready, Set<String> except) {
    ready.run();
    page.evaluate("() => still(20)"); // all of it is there, also what comes from the server
    @SuppressWarnings("unchecked")
    List<String> names =
        (List<String>)
            page.evaluate("part => [...new Set(offered(part).map(e => nameOf(e)))]", part);
    close();
    for (String name : names) {
      if (!except.contains(name)) {
        each(
            name,
            ready,
            () -> {
              page.waitForFunction(
                  "([part, name]) => { document.querySelectorAll('[data-now]')"
                      + ".forEach(e => e.removeAttribute('data-now'));"
                      + " offered(part).find(e => nameOf(e) === name)?.setAttribute('data-now', '');"
                      + " return document.querySelector('[data-now]') !== null; }",
                  List.of(part, name));
              hand.press(page.locator("[data-now]"));
            });
      }
    }
    return this;
  }

  /** Nothing was wrong with any, of which there are at least so many. */
  void allRight(int least) {
    assertThat(wrong).as(hand + " did: " + done).isEmpty();
    assertThat(done).hasSizeGreaterThanOrEqualTo(least);
  }

  private void each(String label, Runnable ready, Runnable act) {
    done.add(label);
    ready.run();
    final String address = page.url();
    final String map = map(address);
    String seen = (String) page.evaluate("() => still()");
    files = false;
    try {
      act.run();
    } catch (TimeoutError e) {
      throw new AssertionError(label + " is not offered a second time, after " + done, e);
    }
    try {
      page.waitForCondition(
          () -> files || !seen.equals(page.evaluate("() => seen()")),
          new Page.WaitForConditionOptions().setTimeout(60_000));
    } catch (TimeoutError e) {
      wrong.add(label + ": nothing is seen of it");
    }
    page.evaluate("() => still()"); // all of it has come, as a new map that is opened
    boolean opened = compared && desk.sheet().count() > 0 && map.equals(map(address));
    if (opened) {
      DemonstrationTest.serious(desk, "[role=dialog]")
          .forEach(fault -> wrong.add(label + ": " + fault));
    }
    close();
    try {
      page.waitForFunction(
          "() => document.activeElement !== document.body",
          null,
          new Page.WaitForFunctionOptions().setTimeout(5_000));
    } catch (TimeoutError e) {
      wrong.add(label + ": the focus is lost");
    }
    back(address);
    desk.kept();
    if (opened && !map.equals(map(address))) {
      wrong.add(label + ": Escape leaves a trace");
    }
    for (int i = 0; i < 5 && undoes(map, address); i++) {
      desk.tree().focus();
      page.keyboard().press("Control+z");
      desk.kept();
    }
    if (!ASKING.contains(label) && !map.equals(map(address))) {
      wrong.add(label + ": undo does not bring the map back");
    }
  }

  /** Whether there is something of an action to be undone. */
  private boolean undoes(String map, String address) {
    return desk.button("Undo").isEnabled() && !map.equals(map(address));
  }

  private String map(String address) {
    return (String) page.evaluate("id => mapOf(id)", idOf(address));
  }

  /** Closes whatever is open with Escape. */
  private void close() {
    for (int i = 0; i < 5 && (Boolean) page.evaluate("() => busy()"); i++) {
      Object before = page.evaluate("() => seen()");
      page.keyboard().press("Escape");
      try {
        page.waitForFunction(
            "before => seen() !== before",
            before,
            new Page.WaitForFunctionOptions().setTimeout(2_000));
      } catch (TimeoutError e) {
        continue; // perhaps the next one does
      }
    }
    if (desk.sheet().count() > 0) {
      String last = done.isEmpty() ? "the menu" : done.get(done.size() - 1);
      wrong.add(last + ": Escape does not close it");
      page.reload();
    }
  }

  /** Goes back to the map, all of it, from wherever an action led. */
  private void back(String address) {
    page.evaluate("() => document.fullscreenElement && document.exitFullscreen()");
    if (!page.url().contains(idOf(address))) {
      page.navigate(address);
    } else if (page.url().matches(".*/(look|walk)(/.*)?")) {
      page.goBack();
    }
    if (page.getByLabel(Pattern.compile("^Topic map")).count() == 0) {
      desk.view("Map");
    }
    assertThat(desk.tree()).isVisible();
    for (String way : List.of("Show the whole map", "Back to the topic")) {
      if (desk.button(way).count() > 0) {
        desk.button(way).first().click();
      }
    }
  }

  private static String idOf(String address) {
    return address.replaceFirst(".*/maps/([^/]+).*", "$1");
  }
}
