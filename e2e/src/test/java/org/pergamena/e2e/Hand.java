package org.pergamena.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.MouseButton;

/** What a person presses things with, by the events that it makes. */
enum Hand {
  POINTER,
  KEYS,
  TOUCH;

  /** As long as a finger rests until it has been there for long. */
  private static final int LONG_MS = 800;

  /** Presses what can be pressed. */
  void press(Locator control) {
    control.scrollIntoViewIfNeeded();
    if (this == POINTER) {
      control.click();
    } else if (this == TOUCH) {
      control.tap();
    } else {
      control.focus();
      control.page().keyboard().press("Enter");
    }
  }

  /** Chooses what stands in the menu that is open: by keys, one entry after the other. */
  void choose(Locator item) {
    if (this != KEYS) {
      press(item);
      return;
    }
    for (int i = 0; i < 80 && !at(item); i++) {
      item.page().keyboard().press("ArrowDown");
    }
    item.page().keyboard().press("Enter");
  }

  /** Whether the keys are at an entry, which may be while the focus stays in a field. */
  private static boolean at(Locator item) {
    return (Boolean)
        item.evaluate(
            "e => document.activeElement === e"
                + " || document.activeElement?.getAttribute('aria-activedescendant') === e.id");
  }

  /** Opens the menu of what lies at a point, and is chosen. */
  void menu(Page page, double x, double y) {
    if (this == POINTER) {
      page.mouse().click(x, y, new Mouse.ClickOptions().setButton(MouseButton.RIGHT));
    } else if (this == KEYS) {
      page.keyboard().press("Shift+F10");
    } else {
      CDPSession session = page.context().newCDPSession(page);
      touch(session, "touchStart", x, y);
      page.waitForTimeout(LONG_MS);
      touch(session, "touchEnd");
      session.detach();
    }
  }

  /** Draws something from one place to another. */
  void drag(Page page, double[] from, double[] to) {
    int steps = 8;
    if (this == TOUCH) {
      CDPSession session = page.context().newCDPSession(page);
      touch(session, "touchStart", from);
      for (int i = 1; i <= steps; i++) {
        double share = (double) i / steps;
        touch(
            session,
            "touchMove",
            from[0] + (to[0] - from[0]) * share,
            from[1] + (to[1] - from[1]) * share);
      }
      touch(session, "touchEnd");
      session.detach();
    } else {
      page.mouse().move(from[0], from[1]);
      page.mouse().down();
      page.mouse().move(to[0], to[1], new Mouse.MoveOptions().setSteps(steps));
      page.mouse().up();
    }
  }

  /** Spreads two fingers about a point, or brings them together. */
  static void pinch(Page page, double[] about, double before, double after) {
    CDPSession session = page.context().newCDPSession(page);
    int steps = 8;
    for (int i = 0; i <= steps; i++) {
      double apart = (before + (after - before) * i / steps) / 2;
      touch(
          session,
          i == 0 ? "touchStart" : "touchMove",
          about[0] - apart,
          about[1],
          about[0] + apart,
          about[1]);
    }
    touch(session, "touchEnd");
    session.detach();
  }

  static double[] middle(BoundingBox box) {
    return new double[] {box.x + box.width / 2, box.y + box.height / 2};
  }

  private static void touch(CDPSession session, String type, double... points) {
    JsonArray fingers = new JsonArray();
    for (int i = 0; i < points.length; i += 2) {
      JsonObject finger = new JsonObject();
      finger.addProperty("x", points[i]);
      finger.addProperty("y", points[i + 1]);
      finger.addProperty("id", i / 2);
      fingers.add(finger);
    }
    JsonObject event = new JsonObject();
    event.addProperty("type", type);
    event.add("touchPoints", fingers);
    session.send("Input.dispatchTouchEvent", event);
  }
}
