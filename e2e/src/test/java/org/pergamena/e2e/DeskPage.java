package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;

/** The desk in the browser, in the words of the person who sits at it. */
final class DeskPage {
  private final Page page;
  private final String address;

  DeskPage(Page page, String address) {
    this.page = page;
    this.address = address;
  }

  String address() {
    return address;
  }

  Page page() {
    return page;
  }

  /** Opens the application as a newcomer does, and waits for the demonstration map. */
  DeskPage open() {
    page.navigate(address);
    assertThat(topic("Letting the sea back in at Ferrow")).isVisible();
    assertThat(someLeaf()).isVisible();
    return this;
  }

  /** Begins a new map. */
  DeskPage newMap() {
    page.navigate(address);
    button("New map").click();
    assertThat(page.getByText("Begin with your sources")).isVisible();
    return this;
  }

  /** A topic on the map whose label has these words. */
  Locator topic(String label) {
    return page.getByRole(
        AriaRole.TREEITEM,
        new Page.GetByRoleOptions()
            .setName(Pattern.compile("^(([\\d.]+|[a-z]{1,2}[\\d.]*) )?" + label + ",")));
  }

  Locator topics() {
    return page.getByRole(AriaRole.TREEITEM);
  }

  /** The first topic shown that has passages of its own and nothing below it. */
  Locator someLeaf() {
    return page.locator("[role=treeitem][aria-level='3']:not([aria-expanded])").first();
  }

  Locator tree() {
    return page.getByRole(AriaRole.TREE);
  }

  Locator selected() {
    return page.locator("[role=treeitem][aria-selected=true]");
  }

  Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Locator reading() {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Reading page"));
  }

  Locator title() {
    return reading().getByRole(AriaRole.HEADING, new Locator.GetByRoleOptions().setLevel(1));
  }

  Locator passages() {
    return reading().getByRole(AriaRole.ARTICLE);
  }

  Locator shelf() {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Source shelf"));
  }

  /** The sheet that is open. */
  Locator sheet() {
    return page.getByRole(AriaRole.DIALOG);
  }

  /** Does something to the chosen topic, or to all that are chosen, from their menu. */
  void act(String label) {
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^What to do")))
        .first()
        .click();
    item(label);
  }

  /** Does what stands in the menu that is open. */
  void item(String label) {
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(label)).click();
  }

  /** Links the chosen topic to another one by keys alone. */
  void linkByKeys(String other) {
    page.keyboard().press("Control+k");
    page.getByLabel("Find the other topic").fill(other);
    page.keyboard().press("Enter");
    page.keyboard().press("Enter");
    assertThat(sheet()).hasCount(0);
    kept();
  }

  /** A main branch on the map, from 0. */
  Locator main(int nth) {
    return page.locator("[role=treeitem][aria-level='2']").nth(nth);
  }

  /** Chooses a topic at its own words, not in the middle of what is drawn of it with its lines. */
  void choose(Locator topic) {
    double[] at = middle(topic);
    page.mouse().click(at[0], at[1]);
    assertThat(topic).hasAttribute("aria-selected", "true");
  }

  /** Chooses a topic, and gives its label once the reading page is of it. */
  String read(Locator topic) {
    choose(topic);
    page.waitForFunction(
        "() => { const label = document.querySelector('[role=treeitem][aria-selected=true]')"
            + "?.getAttribute('aria-label'); const title = document"
            + ".querySelector('section[aria-label=\"Reading page\"] h1')?.textContent;"
            + " return title && (' ' + label).includes(' ' + title + ','); }");
    return title().textContent();
  }

  /** Opens something for the map as a whole. */
  void more(String label) {
    button("More for this map").click();
    item(label);
  }

  /** Chooses one of the views of the map. */
  void view(String name) {
    choice("View", name);
  }

  /** Puts a second view beside the first. */
  void beside(String name) {
    choice("Beside it", name);
  }

  private void choice(String group, String name) {
    page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName(group))
        .getByText(name, new Locator.GetByTextOptions().setExact(true))
        .click();
  }

  /** Lays out what the panel is open for, or else the map. */
  DeskPage layOut(String layout) {
    Locator panel =
        page.getByRole(
            AriaRole.DIALOG,
            new Page.GetByRoleOptions().setName("Layout and theme").setExact(true));
    if (panel.count() == 0) {
      button("Layout and theme").click();
    }
    panel.getByText(layout, new Locator.GetByTextOptions().setExact(true)).first().click();
    kept();
    page.keyboard().press("Escape");
    assertThat(panel).hasCount(0);
    return this;
  }

  /** Opens every branch, so that every topic is shown. */
  DeskPage openEverything() {
    button("Open branches").click();
    item("Open everything");
    assertThat(page.locator("[role=treeitem][aria-expanded=false]")).hasCount(0);
    button("Fit the map to the window").click();
    return this;
  }

  /** Waits until the server has acknowledged every edit and the page shows its answer. */
  DeskPage kept() {
    assertThat(page.locator("[data-unsent='0']")).hasCount(1);
    return this;
  }

  List<String> labels() {
    return topics().all().stream().map(topic -> topic.getAttribute("aria-label")).toList();
  }

  /** Where a topic is on the screen, as the middle of its own words. */
  double[] middle(Locator topic) {
    var box = topic.locator(".hit").boundingBox();
    return new double[] {box.x + box.width / 2, box.y + box.height / 2};
  }
}
