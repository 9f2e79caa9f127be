package org.pergamena.server.load;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.function.LongConsumer;
import org.pergamena.server.testing.Pause;
import org.pergamena.server.testing.TestVisitor;
import org.pergamena.server.testing.TestVisitor.Answer;
import tools.jackson.databind.JsonNode;

/** Renames topics of a map one after another, as somebody who types. */
final class LoadEditor implements Runnable {
  private static final int TOPICS = 100;

  private final TestVisitor visitor;
  private final UUID map;
  private final List<UUID> topics;
  private final Random random;
  private final int pauseMs;
  private final Times times = new Times();
  private final LongConsumer acknowledged;
  private volatile boolean open = true;
  private volatile int refused;

  /** The state of the desk that this page has, as a page names it. */
  private Long base;

  /**
   * Begins with a map that {@link #fill} has filled.
   *
   * @param pauseMs between an answer and the next edit, on average
   * @param acknowledged is told the revision of each edit
   */
  LoadEditor(
      TestVisitor visitor,
      UUID map,
      List<UUID> topics,
      int pauseMs,
      long seed,
      LongConsumer acknowledged) {
    this.visitor = visitor;
    this.map = map;
    this.topics = topics;
    this.pauseMs = pauseMs;
    this.random = new Random(seed);
    this.acknowledged = acknowledged;
  }

  /** Gives a map topics. */
  static List<UUID> fill(TestVisitor visitor, UUID map) {
    UUID root = UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
    List<UUID> topics = new ArrayList<>();
    for (int i = 0; i < TOPICS; i++) {
      UUID parent = i < 10 ? root : topics.get(i % 10);
      topics.add(visitor.add(map, parent, null, "Creek " + i));
    }
    return topics;
  }

  @Override
  public void run() {
    while (open) {
      Pause.millis(pauseMs == 0 ? 0 : random.nextInt(2 * pauseMs));
      UUID topic = topics.get(random.nextInt(topics.size()));
      String label = "Creek " + random.nextInt(1_000_000);
      long begun = System.nanoTime();
      Map<String, Object> sent = new HashMap<>();
      sent.put("id", UUID.randomUUID());
      sent.put("base", base);
      sent.put("edit", Map.of("type", "Rename", "topic", topic, "label", label));
      Answer answer = visitor.post("/api/maps/" + map + "/edits", sent);
      if (answer.status() == 200) {
        times.add(System.nanoTime() - begun);
        JsonNode facts = facts(answer);
        base = facts.get("stamp").asLong();
        acknowledged.accept(facts.get("revision").asLong());
      } else {
        refused++;
      }
    }
  }

  /** How far the map has come: an answer is what has changed, or the whole desk. */
  private static JsonNode facts(Answer answer) {
    JsonNode answered = answer.json();
    return answered.path("whole").isObject() ? answered.at("/whole/facts") : answered.get("facts");
  }

  void stop() {
    open = false;
  }

  Times times() {
    return times;
  }

  int refused() {
    return refused;
  }
}
