package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.List;
import java.util.Set;

/** Every action that is offered, walked by one hand. */
final class Actions {
  private static final List<String> SHEETS =
      List.of(
          "Choose all topics",
          "Relations of this map",
          "Paste tables",
          "Brief for a text assistant",
          "Replies of text assistants",
          "Tags of this map",
          "Remarks",
          "History");

  private Actions() {}

  static void onTopic(DeskPage desk, Hand hand) {
    EachAction each = new EachAction(desk, hand, hand == Hand.POINTER);
    desk.open();
    Locator topic = desk.page().locator("#" + desk.someLeaf().getAttribute("id"));
    each.ofMenu(
            () -> desk.choose(topic),
            () -> hand.menu(desk.page(), desk.middle(topic)[0], desk.middle(topic)[1]))
        .allRight(20);
  }

  /** What two topics that are chosen together offer. */
  static void onSeveral(DeskPage desk, Hand hand) {
    EachAction each = new EachAction(desk, hand, false);
    desk.open();
    Locator leaves = desk.page().locator("[role=treeitem]:not([aria-expanded])");
    Locator first = desk.page().locator("#" + leaves.nth(0).getAttribute("id"));
    Locator second = desk.page().locator("#" + leaves.nth(1).getAttribute("id"));
    each.ofMenu(
            () -> {
              desk.choose(first);
              double[] at = desk.middle(second);
              desk.page().keyboard().down("Control");
              desk.page().mouse().click(at[0], at[1]);
              desk.page().keyboard().up("Control");
              assertThat(desk.title()).hasText("2 topics chosen");
            },
            () -> hand.menu(desk.page(), desk.middle(second)[0], desk.middle(second)[1]))
        .allRight(12);
  }

  static void onLink(DeskPage desk, Hand hand) {
    EachAction each = new EachAction(desk, hand, true);
    desk.open();
    Locator topic = desk.page().locator("#" + desk.someLeaf().getAttribute("id"));
    desk.choose(topic);
    desk.linkByKeys("2.2");
    String actions = "button[aria-label^='Actions on the link to']";
    each.ofMenu(
            () -> desk.choose(topic),
            () -> {
              if (hand == Hand.POINTER) {
                double[] at = HandsTest.onLink(desk);
                hand.menu(desk.page(), at[0], at[1]);
              } else {
                hand.press(desk.page().locator(actions).first());
              }
            })
        .allRight(8);
  }

  static void onMap(DeskPage desk, Hand hand) {
    EachAction each = new EachAction(desk, hand, hand == Hand.POINTER);
    desk.open();
    desk.choose(desk.main(1));
    desk.linkByKeys("4"); // whose looks can be chosen
    Runnable ready =
        () -> {
          desk.button("Fit the map to the window").click();
          desk.choose(desk.main(0));
        };
    each.ofMenu(ready, () -> hand.press(desk.button("More for this map")))
        .ofMenu(ready, () -> hand.press(desk.button("Open branches")))
        .ofMenu(ready, () -> hand.press(desk.page().locator("header button[aria-haspopup]")))
        .allRight(24);
  }

  /** The toolbar, the views, passages, and sources. */
  static void elsewhere(DeskPage desk, Hand hand) {
    EachAction each = new EachAction(desk, hand, hand == Hand.POINTER);
    desk.open();
    Locator topic = desk.page().locator("#" + desk.someLeaf().getAttribute("id"));
    Runnable ready = () -> desk.choose(topic);
    String shelf = "section[aria-label='Source shelf']";
    each.within("[role=toolbar][aria-label='Map page']", ready, Set.of("Fit the map to the window"))
        .within("[role=radiogroup][aria-label=View]", ready, Set.of())
        .within("section[aria-label='Reading page']", ready, Set.of())
        .within(shelf + " > :not(ul), " + shelf + " li:first-child", ready, Set.of())
        .allRight(30);
  }

  /** What stands in the sheets of the map, and what that opens. */
  static void inSheets(DeskPage desk, Hand hand) {
    EachAction each = new EachAction(desk, hand, false);
    desk.open();
    desk.choose(desk.main(1));
    desk.linkByKeys("4");
    for (String sheet : SHEETS) {
      each.within(
          "[role=dialog]",
          () -> {
            desk.choose(desk.main(0));
            desk.more(sheet);
            assertThat(desk.sheet()).isVisible();
          },
          Set.of());
    }
    each.allRight(40);
  }
}
