package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Times edits from the key to the screen; run by {@code ./pergamena bench desk [TOPICS]}. */
@ExtendWith(Browsing.class)
class DeskBench {
  private static final int TIMES = 40;

  /** Resolves to milliseconds from the next key to the frame after something is so. */
  private static final String TIMED =
      """
      window.timed = (so) => {
        window.shown = new Promise((resolve, reject) => {
          setTimeout(() => reject(new Error("never shown")), 15000);
          let at;
          document.addEventListener("keydown", (e) => { at = e.timeStamp; },
            { capture: true, once: true });
          const look = () => {
            if (at !== undefined && so()) {
              const channel = new MessageChannel();
              channel.port1.onmessage = () => resolve(performance.now() - at);
              requestAnimationFrame(() => channel.port2.postMessage(0));
            } else {
              requestAnimationFrame(look);
            }
          };
          requestAnimationFrame(look);
        });
        window.kept = new Promise((resolve, reject) => {
          setTimeout(() => reject(new Error("never kept")), 15000);
          let at;
          document.addEventListener("keydown", (e) => { at = e.timeStamp; },
            { capture: true, once: true });
          const look = () => {
            const unsent = document.querySelector("[data-unsent]").dataset.unsent;
            if (at !== undefined && performance.now() > at + 2 && so() && unsent === "0") {
              resolve(performance.now() - at);
            } else {
              setTimeout(look, 2);
            }
          };
          look();
        });
      };
      window.chosen = () => document.querySelector("[role=treeitem][aria-selected=true]");
      """;

  @Test
  void edits_from_key_to_screen(DeskPage desk) {
    int topics = Integer.getInteger("bench.topics", 500);
    desk.newMap();
    Page page = desk.page();
    String map = page.url().replaceFirst(".*/maps/([^/]*).*", "$1");
    page.evaluate(
        """
        async ([map, body]) => {
          const token = /XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1];
          const answer = await fetch(`/api/maps/${map}/outline`, {
            method: "PUT",
            headers: { "Content-Type": "application/json", "X-XSRF-TOKEN": token },
            body: JSON.stringify({ name: "bench.md", body }),
          });
          if (!answer.ok) throw new Error(await answer.text());
        }""",
        List.of(map, outline(topics)));
    page.reload();
    assertThat(desk.topics().first()).isVisible();
    desk.openEverything();
    page.evaluate(TIMED);
    System.out.printf("%d topics shown%n", desk.topics().count());
    desk.tree().focus();
    for (String key : List.of("ArrowRight", "ArrowRight", "ArrowDown", "ArrowDown")) {
      page.keyboard().press(key);
    }
    measure(
        desk,
        "move",
        "Alt+ArrowDown",
        "p => chosen().getAttribute('aria-posinset') !== p",
        "Alt+ArrowUp");
    measure(desk, "delete", "Delete", "p => !document.getElementById(p)", "Control+z");
    page.keyboard().press("Enter");
    page.keyboard().press("Escape");
    measure(desk, "add", "Enter", "p => document.querySelector('[aria-label=Label]')", "Escape");
    page.keyboard().press("Escape");
    rename(desk);
    pan(desk);
  }

  private static String outline(int topics) {
    StringBuilder text = new StringBuilder();
    int count = 1;
    for (int i = 0; count < topics; i++) {
      text.append("- Main branch ").append(i).append('\n');
      count++;
      for (int j = 0; j < 6 && count < topics; j++) {
        text.append("  - Topic ").append(i).append(' ').append(j).append(" of the marsh\n");
        count++;
        for (int k = 0; k < 7 && count < topics; k++, count++) {
          text.append("    - Point ").append(k).append(" about mud and water\n");
        }
      }
    }
    return text.toString();
  }

  private static void measure(DeskPage desk, String what, String key, String so, String back) {
    Page page = desk.page();
    List<Double> shown = new ArrayList<>();
    List<Double> kept = new ArrayList<>();
    for (int i = 0; i < TIMES; i++) {
      desk.kept();
      page.evaluate(
          "so => { const p = "
              + (what.equals("move") ? "chosen().getAttribute('aria-posinset')" : "chosen().id")
              + "; const test = eval(so); timed(() => test(p)); }",
          so);
      page.keyboard().press(key);
      shown.add(((Number) page.evaluate("() => shown")).doubleValue());
      kept.add(((Number) page.evaluate("() => kept")).doubleValue());
      String id = (String) page.evaluate("() => chosen()?.id ?? ''");
      page.keyboard().press(back);
      desk.kept();
      if (what.equals("delete")) {
        assertThat(page.locator("#" + id)).hasCount(1);
      }
    }
    print(what + " on screen", shown);
    if (!what.equals("add")) {
      print(what + " confirmed", kept);
    }
  }

  private static void rename(DeskPage desk) {
    Page page = desk.page();
    List<Double> shown = new ArrayList<>();
    List<Double> kept = new ArrayList<>();
    List<Double> bytes = new ArrayList<>();
    for (int i = 0; i < TIMES; i++) {
      desk.kept();
      page.keyboard().press("F2");
      page.keyboard().type("Another name " + i);
      page.evaluate(
          "name => { performance.clearResourceTimings();"
              + " timed(() => chosen().textContent.includes(name)); }",
          "Another name " + i);
      page.keyboard().press("Enter");
      shown.add(((Number) page.evaluate("() => shown")).doubleValue());
      kept.add(((Number) page.evaluate("() => kept")).doubleValue());
      bytes.add(
          ((Number)
                  page.evaluate(
                      "() => performance.getEntriesByType('resource')"
                          + ".filter(e => e.name.endsWith('/edits')).at(-1).transferSize"))
              .doubleValue());
    }
    print("rename on screen", shown);
    print("rename confirmed", kept);
    print("bytes for a rename", bytes);
  }

  private static void pan(DeskPage desk) {
    Page page = desk.page();
    for (int i = 0; i < 4; i++) {
      desk.button("Zoom in").click();
    }
    Object frames =
        page.evaluate(
            """
            () => new Promise((resolve) => {
              const frame = document.querySelector("svg[role=tree]").parentElement.parentElement;
              const start = performance.now();
              let frames = 0;
              const step = (now) => {
                if (now > start + 3000) { resolve(frames / ((now - start) / 1000)); return; }
                frames++;
                const zoom = Math.floor((now - start) / 500) % 2 === 1;
                frame.dispatchEvent(new WheelEvent("wheel", { deltaX: Math.sin(now / 300) * 30,
                  deltaY: Math.cos(now / 300) * 30, ctrlKey: zoom, cancelable: true,
                  clientX: 400, clientY: 300 }));
                requestAnimationFrame(step);
              };
              requestAnimationFrame(step);
            })""");
    System.out.printf(
        "panning and zooming %.0f frames a second%n", ((Number) frames).doubleValue());
  }

  private static void print(String what, List<Double> figures) {
    List<Double> sorted = new ArrayList<>(figures);
    Collections.sort(sorted);
    System.out.printf(
        "%-20s median %.0f, 95th percentile %.0f, most %.0f%n",
        what,
        sorted.get(sorted.size() / 2),
        sorted.get((int) Math.floor(sorted.size() * 0.95)),
        sorted.get(sorted.size() - 1));
  }
}
