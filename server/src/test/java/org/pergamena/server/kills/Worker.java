package org.pergamena.server.kills;

import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.function.Supplier;
import org.pergamena.server.testing.Pause;
import org.pergamena.server.testing.TestVisitor;
import org.pergamena.server.testing.TestVisitor.Answer;
import tools.jackson.databind.JsonNode;

/** Brings sources, has maps distilled and topics deepened without rest, on maps of its own. */
final class Worker implements Runnable {
  private final TestVisitor visitor;
  private final Random random;
  private volatile boolean open = true;

  Worker(TestVisitor visitor, long seed) {
    this.visitor = visitor;
    this.random = new Random(seed);
  }

  @Override
  public void run() {
    while (open) {
      UUID map =
          UUID.fromString(answered(() -> visitor.post("/api/maps", null)).get("id").asString());
      String path = "/api/maps/" + map;
      byte[] first = text().getBytes(StandardCharsets.UTF_8);
      answered(() -> visitor.upload(map, "notes.md", first));
      await(map);
      answered(() -> visitor.post(path + "/distil", Map.of("levels", 2, "branches", 5)));
      await(map);
      byte[] second = text().getBytes(StandardCharsets.UTF_8);
      String source = answered(() -> visitor.upload(map, "more.md", second)).get("id").asString();
      await(map);
      answered(() -> visitor.post(path + "/sources/" + source + "/fold", null));
      await(map);
    }
  }

  void stop() {
    open = false;
  }

  /** Waits until nothing goes on with a map. */
  private void await(UUID map) {
    while (open) {
      JsonNode desk = answered(() -> visitor.get("/api/maps/" + map));
      boolean going =
          desk.get("jobs")
              .valueStream()
              .map(job -> job.get("state").asString())
              .anyMatch(state -> state.equals("WAITING") || state.equals("RUNNING"));
      if (!going) {
        return;
      }
      Pause.millis(40);
    }
  }

  private String text() {
    String[] subjects = {"wall", "creek", "marsh", "bird", "oyster", "field", "tide", "village"};
    String[] verbs = {"holds", "loses", "meets", "feeds", "crosses", "changes"};
    StringBuilder text = new StringBuilder();
    for (int part = 0; part < 4; part++) {
      String subject = subjects[random.nextInt(subjects.length)];
      text.append("# The ").append(subject).append(' ').append(part).append("\n\n");
      for (int i = 0; i < 14; i++) {
        text.append("The ").append(subject).append(' ').append(verbs[random.nextInt(verbs.length)]);
        text.append(" the ").append(subjects[random.nextInt(subjects.length)]);
        text.append(" in year ").append(random.nextInt(40)).append(" of the scheme at Ferrow.\n\n");
      }
    }
    return text.toString();
  }

  /** Asks until there is an answer; an empty one is an empty object. */
  private JsonNode answered(Supplier<Answer> question) {
    while (true) {
      try {
        Answer answer = question.get();
        if (answer.status() < 500) {
          return answer.bytes().length == 0
              ? tools.jackson.databind.node.JsonNodeFactory.instance.objectNode()
              : answer.json();
        }
      } catch (UncheckedIOException away) {
        // asked again below
      }
      Pause.millis(40);
    }
  }
}
