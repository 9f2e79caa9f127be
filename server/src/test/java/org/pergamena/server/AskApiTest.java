package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
@Timeout(value = 10, unit = TimeUnit.MINUTES)
class AskApiTest {
  private static TestVisitor.Answer set(TestVisitor visitor, String address, String key) {
    Map<String, Object> setting = new HashMap<>();
    setting.put("address", address);
    setting.put("model", "rules");
    setting.put("name", "The simulated one");
    setting.put("key", key);
    return visitor.put("/api/assistant", setting);
  }

  private static String shipped(TestVisitor visitor) {
    return visitor.get("/api/assistant").json().get("shipped").asString();
  }

  private static JsonNode ask(TestVisitor visitor, UUID map, String text) {
    Map<String, Object> question = new HashMap<>();
    question.put("text", text);
    question.put("wish", "MORE");
    question.put("about", List.of());
    TestVisitor.Answer asked = visitor.post("/api/maps/" + map + "/asks", question);
    assertThat(asked.status()).as(asked.text()).isEqualTo(202);
    return asked.json();
  }

  private static JsonNode ended(TestVisitor visitor, UUID map, JsonNode ask)
      throws InterruptedException {
    String path = "/api/maps/" + map + "/asks/" + ask.get("id").asString();
    JsonNode now = visitor.get(path).json();
    while (now.get("state").asString().equals("GOING")
        || now.get("reply").isNull() && !now.get("text").asString().isEmpty()) {
      Thread.sleep(50);
      now = visitor.get(path).json();
    }
    return now;
  }

  private static String trouble(TestVisitor visitor, UUID map, String text)
      throws InterruptedException {
    JsonNode end = ended(visitor, map, ask(visitor, map, text));
    assertThat(end.get("state").asString()).isEqualTo("FAILED");
    return end.get("sentence").asString();
  }

  @Test
  void nobody_is_asked_until_an_assistant_is_set_and_its_key_is_never_shown(TestVisitor visitor) {
    UUID map = visitor.newMap();
    Map<String, Object> question = Map.of("text", "Write.", "wish", "MORE", "about", List.of());
    assertThat(visitor.post("/api/maps/" + map + "/asks", question).problem())
        .contains("No assistant is set");
    assertThat(set(visitor, shipped(visitor), "sesame").json().get("keyed").asBoolean()).isTrue();
    assertThat(visitor.get("/api/assistant").text()).doesNotContain("sesame");
    assertThat(set(visitor, shipped(visitor), null).json().get("keyed").asBoolean()).isTrue();
    JsonNode elsewhere = set(visitor, "https://assistant.example/v1", null).json();
    assertThat(elsewhere.get("keyed").asBoolean()).isFalse();
    assertThat(visitor.other().get("/api/assistant").json().get("set").asBoolean()).isFalse();
    visitor.delete("/api/assistant");
    assertThat(visitor.get("/api/assistant").json().get("set").asBoolean()).isFalse();
  }

  @Test
  void private_addresses_are_not_asked_unless_they_are_allowed(TestVisitor visitor)
      throws InterruptedException {
    UUID map = visitor.newMap();
    assertThat(set(visitor, "http://127.0.0.1:9/v1", "").problem())
        .contains("PERGAMENA_ASSISTANT_HOSTS=127.0.0.1:9");
    assertThat(set(visitor, "file:///etc/passwd", "").problem()).contains("https://");
    assertThat(set(visitor, "https://me@assistant.example", "").problem())
        .contains("Take the rest");
    set(visitor, "https://127.0.0.1/v1", "");
    assertThat(trouble(visitor, map, "Write.")).contains("private network");
  }

  @Test
  void an_answer_comes_in_parts_and_is_kept_as_a_reply(TestVisitor visitor)
      throws InterruptedException {
    UUID map = visitor.newMap();
    set(visitor, shipped(visitor), "");
    String brief = "Tell more on “Ferrow”.\n\nWhat there is so far:\n\n- Ferrow\n  - Sea wall\n";
    JsonNode end = ended(visitor, map, ask(visitor, map, brief));
    assertThat(end.get("state").asString()).isEqualTo("DONE");
    assertThat(end.get("promptTokens").asInt()).isEqualTo(brief.length() / 4);
    assertThat(end.get("answerTokens").asInt()).isPositive();
    String path = "/api/maps/" + map + "/replies/" + end.get("reply").asString();
    JsonNode reply = visitor.get(path).json();
    assertThat(reply.get("assistant").asString()).isEqualTo("The simulated one");
    assertThat(reply.get("asked").asString()).isEqualTo(brief);
    assertThat(reply.get("points").toString()).contains("Sea wall", "Open questions");
  }

  @Test
  void what_goes_wrong_is_said_and_what_came_is_kept(TestVisitor visitor)
      throws InterruptedException {
    UUID map = visitor.newMap();
    set(visitor, shipped(visitor), "");
    assertThat(trouble(visitor, map, "x-fail")).contains("answered with 500", "on purpose");
    assertThat(trouble(visitor, map, "x-busy")).contains("asked too much");
    assertThat(trouble(visitor, map, "x-length")).contains("cut its answer off");
    assertThat(trouble(visitor, map, "x-garbled")).contains("could not be read");
    JsonNode cut = ended(visitor, map, ask(visitor, map, "x-cut"));
    assertThat(cut.get("sentence").asString()).contains("broke off");
    assertThat(cut.get("reply").isNull()).isFalse();
    JsonNode no = ended(visitor, map, ask(visitor, map, "x-refuse"));
    JsonNode reply =
        visitor.get("/api/maps/" + map + "/replies/" + no.get("reply").asString()).json();
    assertThat(reply.get("points")).isEmpty();
    set(visitor, shipped(visitor), "wrong");
    assertThat(trouble(visitor, map, "Write.")).contains("does not take the key");
  }

  @Test
  void a_question_is_broken_off_and_more_than_two_wait(TestVisitor visitor)
      throws InterruptedException {
    UUID map = visitor.newMap();
    set(visitor, shipped(visitor), "");
    JsonNode first = ask(visitor, map, "x-silent");
    JsonNode second = ask(visitor, map, "x-silent");
    Map<String, Object> third = Map.of("text", "Write.", "wish", "MORE", "about", List.of());
    assertThat(visitor.post("/api/maps/" + map + "/asks", third).status()).isEqualTo(429);
    for (JsonNode each : List.of(first, second)) {
      String path = "/api/maps/" + map + "/asks/" + each.get("id").asString();
      assertThat(visitor.other().get(path).status()).isEqualTo(404);
      visitor.post(path + "/cancel", Map.of());
      assertThat(visitor.get(path).json().get("state").asString()).isEqualTo("CANCELLED");
    }
  }

  @Test
  void names_are_asked_for_checked_and_taken_as_one_step_and_told_whose_they_are(
      TestVisitor visitor) throws InterruptedException {
    UUID map = visitor.firstMap();
    set(visitor, shipped(visitor), "");
    JsonNode before = visitor.desk(map);
    Map<String, Object> brief = new HashMap<>();
    brief.put("wish", "WORDING");
    brief.put("topics", List.of());
    for (String words : List.of("subject", "audience", "role", "language")) {
      brief.put(words, "");
    }
    for (String limit : List.of("levels", "points", "words")) {
      brief.put(limit, 0);
    }
    brief.put("along", List.of("PASSAGES"));
    String text = visitor.post("/api/maps/" + map + "/brief", brief).json().get("text").asString();
    assertThat(text).contains("  Offered: ", "  Under: ", "  > ");

    Map<String, Object> question = Map.of("text", text, "wish", "WORDING", "about", List.of());
    JsonNode ask = visitor.post("/api/maps/" + map + "/asks", question).json();
    String reply = ended(visitor, map, ask).get("reply").asString();
    String path = "/api/maps/" + map + "/replies/" + reply + "/names";
    JsonNode names = visitor.get(path).json();
    List<JsonNode> all = names.get("names").valueStream().toList();
    assertThat(all.stream().map(name -> name.get("fault").asString()))
        .contains("NONE", "ALIKE", "LONG", "UNSAID");
    assertThat(names.get("unanswered").size()).isPositive();
    assertThat(names.get("unknown").toString()).contains("t0000000");

    List<JsonNode> good =
        all.stream().filter(name -> name.get("fault").asString().equals("NONE")).toList();
    List<String> topics = good.stream().map(name -> name.get("topic").asString()).toList();
    Map<String, Object> wanted = Map.of("id", UUID.randomUUID(), "topics", topics);
    for (int twice = 0; twice < 2; twice++) {
      assertThat(visitor.post(path, wanted).status()).isEqualTo(204);
    }
    JsonNode after = visitor.desk(map);
    for (JsonNode name : good) {
      assertThat(label(after, name.get("topic").asString()))
          .isEqualTo(name.get("label").asString());
    }
    assertThat(visitor.get("/api/maps/" + map + "/history").text())
        .contains("Took names from a reply of The simulated one");
    visitor.undo(map);
    for (String topic : topics) {
      assertThat(label(visitor.desk(map), topic)).isEqualTo(label(before, topic));
    }
    assertThat(visitor.other().get(path).status()).isEqualTo(404);
  }

  private static String label(JsonNode desk, String topic) {
    return desk.get("topics")
        .valueStream()
        .filter(each -> each.get("id").asString().equals(topic))
        .map(each -> each.get("label").asString())
        .findFirst()
        .orElseThrow();
  }
}
