package org.pergamena.server.kills;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.pergamena.server.testing.Pause;
import org.pergamena.server.testing.TestVisitor;
import org.pergamena.server.testing.TestVisitor.Answer;
import tools.jackson.databind.JsonNode;

/**
 * Edits a map without rest, sends each edit until it is acknowledged, and remembers what the map
 * has to be by what was acknowledged.
 */
final class Editor implements Runnable {
  private static final int MOST = 120;

  private final TestVisitor visitor;
  private final UUID map;
  private final String root;
  private final Random random;

  /** Acknowledged topics with their labels. */
  private final Map<String, String> topics = new HashMap<>();

  /** Acknowledged topics with their parents. */
  private final Map<String, String> parents = new HashMap<>();

  private volatile boolean open = true;
  private volatile int acknowledged;

  Editor(TestVisitor visitor, long seed) {
    this.visitor = visitor;
    this.map = visitor.newMap();
    this.root = visitor.desk(map).at("/topics/0/id").asString();
    this.random = new Random(seed);
  }

  @Override
  public void run() {
    while (open) {
      int what = random.nextInt(10);
      if (topics.isEmpty() || what < 5 && topics.size() < MOST) {
        add();
      } else if (what < 8) {
        rename(any());
      } else {
        remove(any());
      }
    }
  }

  void stop() {
    open = false;
  }

  int acknowledged() {
    return acknowledged;
  }

  private String any() {
    List<String> all = new ArrayList<>(topics.keySet());
    return all.get(random.nextInt(all.size()));
  }

  private void add() {
    String topic = UUID.randomUUID().toString();
    String parent = topics.isEmpty() || random.nextBoolean() ? root : any();
    String label = "Topic " + random.nextInt(1_000_000);
    Map<String, Object> add = new HashMap<>();
    add.put("type", "Add");
    add.put("topic", topic);
    add.put("parent", parent);
    add.put("after", null);
    add.put("label", label);
    if (send(add)) {
      topics.put(topic, label);
      parents.put(topic, parent);
    }
  }

  private void rename(String topic) {
    String label = "Renamed " + random.nextInt(1_000_000);
    if (send(Map.of("type", "Rename", "topic", topic, "label", label))) {
      topics.put(topic, label);
    }
  }

  private void remove(String topic) {
    if (send(Map.of("type", "Remove", "topic", topic))) {
      forget(topic);
    }
  }

  private void forget(String topic) {
    topics.remove(topic);
    parents.remove(topic);
    List.copyOf(parents.entrySet()).stream()
        .filter(child -> child.getValue().equals(topic))
        .forEach(child -> forget(child.getKey()));
  }

  /** Sends an edit, the same again and again, until the server says that it has it. */
  private boolean send(Map<String, Object> edit) {
    UUID id = UUID.randomUUID();
    while (true) {
      try {
        Answer answer = visitor.edit(map, id, edit);
        if (answer.status() == 200) {
          acknowledged++;
          return true;
        }
        if (answer.status() < 500) {
          throw new IllegalStateException(edit + " was refused: " + answer.text());
        }
      } catch (java.io.UncheckedIOException away) {
        // sent again below
      }
      Pause.millis(30);
    }
  }

  /** How many acknowledged edits the map does not show. */
  int lost() {
    Map<String, String> there = new HashMap<>();
    for (JsonNode topic : visitor.desk(map).get("topics")) {
      there.put(topic.get("id").asString(), topic.get("label").asString());
    }
    there.remove(root);
    int lost = 0;
    for (Map.Entry<String, String> topic : topics.entrySet()) {
      String label = there.remove(topic.getKey());
      if (!topic.getValue().equals(label)) {
        System.out.println("acknowledged " + topic + " but the map has " + label);
        lost++;
      }
    }
    there.forEach((id, label) -> System.out.println("nobody added " + id + " " + label));
    return lost + there.size();
  }
}
