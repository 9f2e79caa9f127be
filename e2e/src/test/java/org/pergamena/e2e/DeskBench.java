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

  /**
   * Gives milliseconds from the next key until something is so and has been drawn, and until the
   * server has acknowledged it.
   */
  private static final String TIMED =
      """
      () => {
      window.chosen = () => document.querySelector("[role=treeitem][aria-selected=true]");
      window.run = (so) => new Promise((resolve, reject) => {
        let at;
        let shown;
        const late = setTimeout(() => reject(new Error("not shown within 10 s")), 10000);
        // in each frame, just before it is drawn, so that none in which it was shown is missed
        const draw = () => {
          if (so()) {
            const channel = new MessageChannel();
            channel.port1.onmessage = () => { shown = performance.now() - at; };
            channel.port2.postMessage(0);
          } else {
            requestAnimationFrame(draw);
          }
        };
        document.addEventListener("keydown", (e) => {
          at = e.timeStamp;
          requestAnimationFrame(draw);
        }, { capture: true, once: true });
        const look = () => {
          const unsent = document.querySelector("[data-unsent]").dataset.unsent;
          if (shown !== undefined && unsent === "0") {
            clearTimeout(late);
            resolve([shown, performance.now() - at]);
          } else {
            setTimeout(look, 1);
          }
        };
        look();
      });
      }
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
    page.evaluate(LINKED, List.of(map, Integer.getInteger("bench.links", 0)));
    page.reload();
    assertThat(desk.topics().first()).isVisible();
    desk.openEverything();
    page.evaluate(TIMED);
    System.out.printf("%d topics shown%n", desk.topics().count());
    desk.tree().focus();
    for (String key : List.of("ArrowRight", "ArrowRight", "ArrowDown", "ArrowDown")) {
      page.keyboard().press(key);
    }
    String place = "() => chosen().getAttribute('aria-posinset')";
    measure(desk, "move", "Alt+ArrowDown", place, "p => (" + place + ")() !== p", "Alt+ArrowUp");
    measure(
        desk,
        "delete",
        "Delete",
        "() => chosen().id",
        "p => !document.getElementById(p)",
        "Control+z");
    page.keyboard().press("Enter");
    page.keyboard().press("Escape");
    measure(
        desk,
        "add",
        "Enter",
        "() => 0",
        "() => document.querySelector('[aria-label=Label]')",
        "Escape");
    page.keyboard().press("Escape");
    rename(desk);
    pan(desk);
  }

  /** Links topics that stand far from each other. */
  private static final String LINKED =
      """
      async ([map, count]) => {
        if (count === 0) return;
        const token = /XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1];
        const { topics } = await (await fetch(`/api/maps/${map}`)).json();
        const edits = Array.from({ length: count }, (_, i) => ({
          type: "Connect",
          link: crypto.randomUUID(),
          from: topics[1 + (i * 37) % (topics.length - 1)].id,
          to: topics[1 + (i * 37 + 501) % (topics.length - 1)].id,
          phrase: `leads to ${i}`,
        }));
        const answer = await fetch(`/api/maps/${map}/edits`, {
          method: "POST",
          headers: { "Content-Type": "application/json", "X-XSRF-TOKEN": token },
          body: JSON.stringify({ id: crypto.randomUUID(), edit: { type: "Several", edits } }),
        });
        if (!answer.ok) throw new Error(await answer.text());
      }""";

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

  private static double[] timed(DeskPage desk, String what, String so, String key) {
    Page page = desk.kept().page();
    page.evaluate(
        "([what, so]) => { const v = eval(what)(); const f = eval(so);"
            + " window.result = run(() => f(v)); }",
        List.of(what, so));
    page.keyboard().press(key);
    List<?> times = (List<?>) page.evaluate("() => window.result");
    return times.stream().mapToDouble(time -> ((Number) time).doubleValue()).toArray();
  }

  private static void measure(
      DeskPage desk, String name, String key, String what, String so, String back) {
    List<Double> shown = new ArrayList<>();
    List<Double> kept = new ArrayList<>();
    for (int i = 0; i < TIMES; i++) {
      double[] times = timed(desk, what, so, key);
      shown.add(times[0]);
      kept.add(times[1]);
      desk.page().keyboard().press(back);
      desk.page().evaluate("() => new Promise((done) => setTimeout(done, 100))");
    }
    print(name + " on screen", shown);
    if (!name.equals("add")) {
      print(name + " confirmed", kept);
    }
  }

  private static void rename(DeskPage desk) {
    Page page = desk.page();
    List<Double> shown = new ArrayList<>();
    List<Double> kept = new ArrayList<>();
    List<Double> bytes = new ArrayList<>();
    for (int i = 0; i < TIMES; i++) {
      page.keyboard().press("F2");
      page.keyboard().type("Name " + i);
      page.evaluate("() => performance.clearResourceTimings()");
      double[] times =
          timed(desk, "() => 'Name " + i + "'", "p => chosen().ariaLabel.includes(p)", "Enter");
      shown.add(times[0]);
      kept.add(times[1]);
      bytes.add(
          ((Number)
                  page.evaluate(
                      "() => performance.getEntriesByType('resource')"
                          + ".filter(e => e.name.endsWith('/edits')).at(-1).decodedBodySize"))
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
