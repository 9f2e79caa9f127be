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
class HistoryApiTest {
  private static JsonNode get(TestVisitor visitor, UUID map, String path) {
    return visitor.get("/api/maps/" + map + path).json();
  }

  private static List<String> said(JsonNode page) {
    return page.get("entries").valueStream().map(e -> e.get("said").asString()).toList();
  }

  private static List<String> labels(JsonNode desk) {
    return desk.get("topics").valueStream().map(t -> t.get("label").asString()).toList();
  }

  private static Map<String, ?> rename(UUID topic, String label) {
    return Map.of("type", "Rename", "topic", topic, "label", label);
  }

  private static JsonNode restore(TestVisitor visitor, UUID map, long number, UUID topic) {
    Map<String, Object> body =
        topic == null
            ? Map.of("id", UUID.randomUUID())
            : Map.of("id", UUID.randomUUID(), "topic", topic);
    return visitor.post("/api/maps/" + map + "/history/" + number + "/restore", body).desk();
  }

  @Test
  void what_was_done_is_listed_named_seen_compared_and_brought_back(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
    UUID wall = visitor.add(map, root, null, "Wall");
    UUID stone = visitor.add(map, wall, null, "Stone");
    visitor.add(map, root, wall, "Birds");
    JsonNode third = visitor.desk(map);
    visitor.edit(map, rename(wall, "Bank"));
    visitor.edit(map, Map.of("type", "Remove", "topic", stone));
    visitor.undo(map);
    visitor.edit(map, Map.of("type", "Remove", "topic", stone));

    JsonNode page = get(visitor, map, "/history");
    assertThat(said(page))
        .containsExactly(
            "Took “Stone” out",
            "Took “Stone” out",
            "Took “Stone” out",
            "Renamed “Wall” to “Bank”",
            "Added “Birds”",
            "Added “Stone”",
            "Added “Wall”");
    assertThat(page.at("/entries/1/kind").asString()).isEqualTo("UNDO");
    assertThat(visitor.put("/api/maps/" + map + "/history/3/name", Map.of("name", "Sent")).status())
        .isEqualTo(204);
    JsonNode versions = get(visitor, map, "/history?versions=true");
    assertThat(versions.at("/entries/0/name").asString()).isEqualTo("Sent");
    assertThat(versions.get("entries")).hasSize(1);

    JsonNode past = get(visitor, map, "/history/3");
    assertThat(labels(past)).containsExactlyElementsOf(labels(third));
    assertThat(past.at("/scene/topics")).hasSize(4);
    JsonNode differences = get(visitor, map, "/history/3/differences");
    assertThat(differences.valueStream().map(d -> d.get("kind").asString()))
        .containsExactly("RENAMED", "GONE");
    assertThat(get(visitor, map, "/history/1/differences?to=3")).hasSize(2);

    JsonNode branch = restore(visitor, map, 3, wall);
    assertThat(labels(branch)).contains("Wall", "Stone");
    visitor.undo(map);
    JsonNode whole = restore(visitor, map, 1, null);
    assertThat(labels(whole)).hasSize(2).contains("Wall");
    assertThat(labels(visitor.undo(map).desk())).contains("Bank", "Birds");
    assertThat(get(visitor, map, "/history?versions=true").at("/entries/0/moment").asString())
        .isEqualTo("RESTORED");
    assertThat(visitor.get("/api/maps/" + map + "/history/99").status()).isEqualTo(404);
  }

  @Test
  void a_source_that_left_comes_back_with_the_state_that_had_it(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode before = visitor.desk(map);
    long revision = before.at("/facts/revision").asLong();
    String source = before.at("/sources/0/id").asString();
    visitor.delete("/api/maps/" + map + "/sources/" + source);
    assertThat(visitor.desk(map).get("sources")).hasSize(before.get("sources").size() - 1);
    JsonNode restored = restore(visitor, map, revision, null);
    assertThat(restored.get("topics")).isEqualTo(before.get("topics"));
    assertThat(restored.get("sources")).hasSize(before.get("sources").size());
  }

  @Test
  void a_map_is_duplicated_opened_as_it_was_begun_over_and_made_a_template(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode desk = visitor.desk(map);
    long revision = desk.at("/facts/revision").asLong();
    String first = desk.at("/topics/1/id").asString();
    visitor.edit(map, Map.of("type", "Remove", "topic", first));
    JsonNode opened =
        visitor.desk(
            UUID.fromString(
                visitor
                    .post("/api/maps/" + map + "/history/" + revision + "/copy", Map.of())
                    .json()
                    .get("id")
                    .asString()));
    assertThat(labels(opened)).containsExactlyElementsOf(labels(desk));
    assertThat(opened.at("/topics/0/passages")).isEqualTo(desk.at("/topics/0/passages"));
    UUID copy =
        UUID.fromString(
            visitor.post("/api/maps/" + map + "/copy", Map.of()).json().get("id").asString());
    assertThat(labels(visitor.desk(copy))).hasSize(labels(visitor.desk(map)).size());

    JsonNode empty = visitor.edit(copy, Map.of("type", "Empty", "keepSources", true)).desk();
    assertThat(labels(empty)).hasSize(1);
    assertThat(empty.get("sources")).hasSize(7);
    JsonNode bare = visitor.edit(copy, Map.of("type", "Empty", "keepSources", false)).desk();
    assertThat(bare.get("sources")).isEmpty();
    assertThat(labels(visitor.undo(copy).desk())).hasSize(1);
    assertThat(labels(visitor.undo(copy).desk())).hasSize(labels(visitor.desk(map)).size());

    String kept =
        visitor.post("/api/maps/" + map + "/template", Map.of()).json().get("id").asString();
    JsonNode templates = visitor.get("/api/templates").json();
    assertThat(templates).hasSize(7);
    assertThat(templates.get(6).get("id").asString()).isEqualTo(kept);
    assertThat(visitor.get("/api/maps").json().valueStream().map(m -> m.get("id").asString()))
        .doesNotContain(kept);
    for (String template : List.of("minutes", kept)) {
      String begun =
          visitor.post("/api/templates", Map.of("template", template)).json().get("id").asString();
      JsonNode made = visitor.desk(UUID.fromString(begun));
      assertThat(labels(made).size()).isGreaterThan(10);
      assertThat(made.get("sources")).isEmpty();
      assertThat(made.at("/topics/0/passages").asInt()).isZero();
    }
    assertThat(visitor.post("/api/templates", Map.of("template", "none")).status()).isEqualTo(404);
  }
}
