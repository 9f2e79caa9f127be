package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class OutlineApiTest {
  private static final String OUTLINE =
      "# The marsh\n- The breach of the wall\n  - Waders at high water\n      - Ferry timetables\n";
  private static final String NOTES =
      "The old wall was breached in the autumn, and that breach let the tide in.\n\nThe warden"
          + " counted nineteen waders at high water in the second winter.\n";

  private static JsonNode follow(TestVisitor visitor, UUID map, String body) {
    return visitor
        .put("/api/maps/" + map + "/outline", Map.of("name", "marsh.md", "body", body))
        .json();
  }

  private static List<String> labels(JsonNode desk) {
    return desk.get("topics").valueStream().map(t -> t.get("label").asString()).toList();
  }

  private static JsonNode matched(TestVisitor visitor, UUID map) {
    return visitor.deskWhen(
        map,
        d ->
            d.get("jobs")
                .valueStream()
                .filter(j -> j.get("kind").asString().equals("MATCH"))
                .allMatch(j -> j.get("state").asString().equals("DONE")));
  }

  @Test
  void an_outline_is_a_map_at_once_and_its_matches_wait_for_a_person(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "notes.txt", NOTES);
    JsonNode view = follow(visitor, map, OUTLINE);
    assertThat(view.at("/repairs/0/line").asInt()).isEqualTo(4);
    assertThat(labels(visitor.desk(map)))
        .containsExactly(
            "The marsh", "The breach of the wall", "Waders at high water", "Ferry timetables");
    JsonNode desk = matched(visitor, map);
    assertThat(desk.get("proposals").size()).isGreaterThanOrEqualTo(2);
    assertThat(desk.at("/topics/0/passages").asInt()).isZero();
    visitor.post("/api/maps/" + map + "/proposals", null);
    assertThat(matched(visitor, map).get("proposals"))
        .as("what is matched again can still be decided on")
        .isEqualTo(desk.get("proposals"));
    String ferry = desk.at("/topics/3/id").asString();
    assertThat(desk.get("proposals").valueStream())
        .noneMatch(p -> p.get("topic").asString().equals(ferry));
    String first = desk.at("/proposals/0/id").asString();
    visitor.post("/api/maps/" + map + "/proposals/accept", Map.of("proposals", List.of(first)));
    JsonNode accepted = visitor.desk(map);
    assertThat(accepted.at("/topics/0/passages").asInt()).isEqualTo(1);
    assertThat(accepted.get("proposals").size()).isEqualTo(desk.get("proposals").size() - 1);
    String second = accepted.at("/proposals/0/id").asString();
    visitor.post("/api/maps/" + map + "/proposals/refuse", Map.of("proposals", List.of(second)));
    visitor.post("/api/maps/" + map + "/proposals", null);
    assertThat(matched(visitor, map).get("proposals").toString())
        .doesNotContain(accepted.at("/proposals/0/exact").asString());
    JsonNode undone = visitor.undo(map).desk();
    assertThat(undone.at("/topics/0/passages").asInt()).isZero();
  }

  @Test
  void the_map_follows_the_corrected_outline_and_keeps_what_was_done_by_hand(TestVisitor visitor) {
    UUID map = visitor.newMap();
    follow(visitor, map, "- Wall\n- Birds\n");
    JsonNode desk = visitor.desk(map);
    visitor.edit(
        map,
        Map.of(
            "type",
            "Add",
            "topic",
            UUID.randomUUID(),
            "parent",
            desk.at("/topics/1/id").asString(),
            "label",
            "Mine"));
    JsonNode view = follow(visitor, map, "- Birds\n  - Waders\n");
    assertThat(view.at("/kept/0").asString()).isEqualTo("Wall");
    assertThat(labels(visitor.desk(map))).contains("Mine", "Wall", "Birds", "Waders");
    assertThat(visitor.get("/api/maps/" + map + "/outline").json().get("body").asString())
        .startsWith("- Birds");
    visitor.delete("/api/maps/" + map + "/outline");
    assertThat(visitor.desk(map).at("/facts/outlined").asBoolean()).isFalse();
    var empty = visitor.put("/api/maps/" + map + "/outline", Map.of("name", "x", "body", "\n\n"));
    assertThat(empty.status()).isEqualTo(422);
    assertThat(empty.problem()).startsWith("No line of this is a topic");
  }

  @Test
  void pasted_text_is_read_as_topics_and_the_map_stays_as_it_is(TestVisitor visitor) {
    UUID map = visitor.newMap();
    JsonNode before = visitor.desk(map);
    String path = "/api/maps/" + map + "/outline/read";
    JsonNode read =
        visitor.post(path, Map.of("text", "- Wall\n      - Stone\n- Birds\n-\n")).json();
    assertThat(read.get("items").valueStream().map(i -> i.get("label").asString()))
        .containsExactly("Wall", "Stone", "Birds");
    assertThat(read.get("repairs")).isNotEmpty();
    assertThat(visitor.desk(map).get("topics")).isEqualTo(before.get("topics"));
    var long_ = visitor.post(path, Map.of("text", "- a\n".repeat(60_000)));
    assertThat(long_.status()).isBetween(400, 422);
    assertThat(long_.json().toString()).contains("200,000 characters");
    assertThat(visitor.other().post(path, Map.of("text", "- a")).status()).isEqualTo(404);
  }
}
