package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class DraftApiTest {
  private static final String SURVEY =
      "The old wall was patched with clay every autumn. Bass shelter in the creeks. The loan is"
          + " paid back in twenty-five years.";
  private static final String TALK =
      "Good evening.\n\nThe wall was patched with clay. In the creeks the young bass shelter.";
  private static final String MESSAGE =
      "- The wall was patched with clay\n- The loan is paid back in twenty-five years";

  private static String path(UUID map) {
    return "/api/maps/" + map + "/drafts";
  }

  private static UUID map(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "survey.txt", SURVEY);
    return map;
  }

  private static Map<String, Object> draft(String text, String message) {
    return new HashMap<>(
        Map.of("name", "Talk", "text", text, "message", message, "perMinute", 130));
  }

  @Test
  void a_draft_tells_which_points_it_carries_and_the_sources_what_is_missing(TestVisitor visitor) {
    UUID map = map(visitor);
    JsonNode held = visitor.post(path(map), draft(TALK, MESSAGE)).json();
    assertThat(held.get("words").asInt()).isEqualTo(15);
    assertThat(held.get("minutes").asDouble()).isBetween(0.1, 0.13);
    assertThat(held.at("/points/0/state").asString()).isEqualTo("CARRIED");
    assertThat(held.at("/points/0/lines/0").asInt()).isEqualTo(1);
    assertThat(held.at("/points/1/state").asString()).isEqualTo("MISSING");
    assertThat(held.at("/points/1/sources/0/exact").asString()).startsWith("The loan is paid");
    String id = held.get("id").asString();
    assertThat(visitor.get(path(map) + "/" + id).json().get("text").asString())
        .contains("Good evening.");
    assertThat(visitor.get(path(map) + "/" + id + "/table").text())
        .contains("sentence,words,topic,point", "The wall was patched with clay.,6,");
    String root = visitor.desk(map).at("/topics/0/id").asString();
    visitor.post(
        path(map) + "/branch",
        Map.of("id", UUID.randomUUID(), "parent", root, "draft", id, "missing", true));
    assertThat(visitor.desk(map).get("topics").valueStream().map(t -> t.get("label").asString()))
        .contains("What Talk is to say", "The loan is paid back in twenty-five years")
        .doesNotContain("The wall was patched with clay");
    assertThat(visitor.other().get(path(map) + "/" + id).status()).isEqualTo(404);
  }

  @Test
  void another_text_is_another_version_and_both_are_held_against_each_other(TestVisitor visitor) {
    UUID map = map(visitor);
    String first = visitor.post(path(map), draft(TALK, MESSAGE)).json().get("id").asString();
    String again =
        visitor.post(path(map), draft(TALK, "Another message")).json().get("id").asString();
    assertThat(again).as("the same text is no other version").isEqualTo(first);
    String more = TALK.replace("Good evening.", "The loan is paid back in twenty-five years.");
    JsonNode second = visitor.post(path(map), draft(more, MESSAGE)).json();
    assertThat(second.get("version").asInt()).isEqualTo(2);
    String id = second.get("id").asString();
    assertThat(visitor.get(path(map)).json()).hasSize(2);
    JsonNode since = visitor.get(path(map) + "/" + id + "/since/" + first).json();
    assertThat(since.at("/came/0").asString()).startsWith("The loan");
    assertThat(since.get("wordsAfter").asInt()).isGreaterThan(since.get("wordsBefore").asInt());
    assertThat(since.at("/points").valueStream().map(p -> p.get("words").asString()))
        .contains("Another message");
    assertThat(visitor.delete(path(map) + "/" + first).status()).isEqualTo(204);
    assertThat(visitor.get(path(map) + "/" + first).status()).isEqualTo(404);
  }

  @Test
  void a_source_can_be_the_draft_and_what_is_no_draft_is_refused(TestVisitor visitor) {
    UUID map = map(visitor);
    Map<String, Object> wish = draft("", "");
    assertThat(visitor.post(path(map), wish).problem()).contains("There is no draft");
    wish.put("source", visitor.desk(map).at("/sources/0/id").asString());
    JsonNode held = visitor.post(path(map), wish).json();
    assertThat(held.get("lines")).hasSize(3);
    assertThat(held.get("points")).isEmpty();
    wish.put("source", UUID.randomUUID());
    assertThat(visitor.post(path(map), wish).status()).isEqualTo(404);
    assertThat(visitor.post(path(map), draft("x".repeat(130_000), "")).status()).isEqualTo(400);
    JsonNode endless =
        visitor.post(path(map), draft(TALK, "the wall was patched ".repeat(40))).json();
    assertThat(endless.at("/points/0/state").asString()).isEqualTo("CARRIED");
    assertThat(visitor.post(path(map), draft(TALK, "point\n".repeat(61))).status()).isEqualTo(409);
  }
}
