package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class ReplyApiTest {
  private static final String REPLY =
      "Sure! Here it is:\n\n```\n- Old walls\n  - Height of the wall\n- Glasswort [p00000000]\n```\n"
          + "Let me know if you want more.";

  private static UUID bring(TestVisitor visitor, UUID map, String body, String wish) {
    Map<String, Object> brought = new HashMap<>();
    brought.put("body", body);
    brought.put("assistant", "Local model");
    brought.put("wish", wish);
    brought.put("about", List.of());
    brought.put("asked", "Write an outline.");
    TestVisitor.Answer made = visitor.post("/api/maps/" + map + "/replies", brought);
    assertThat(made.status()).isEqualTo(201);
    return UUID.fromString(made.json().get("id").asString());
  }

  private static UUID small(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
    UUID wall = visitor.add(map, root, null, "Old wall");
    visitor.add(map, wall, null, "Age");
    visitor.add(map, root, wall, "Birds");
    return map;
  }

  private static List<String> told(JsonNode reply) {
    List<String> told = new ArrayList<>();
    reply
        .get("differences")
        .forEach(
            each ->
                told.add(
                    each.get("kind").asString()
                        + " "
                        + (each.get("is").asString().isEmpty() ? each.get("was") : each.get("is"))
                            .asString()));
    return told;
  }

  private static List<String> labels(JsonNode desk) {
    List<String> labels = new ArrayList<>();
    desk.get("topics").forEach(topic -> labels.add(topic.get("label").asString()));
    return labels;
  }

  @Test
  void a_reply_is_read_compared_and_taken_in_as_one_step_and_a_version(TestVisitor visitor) {
    UUID map = small(visitor);
    UUID id = bring(visitor, map, REPLY, "SUBJECT");
    String path = "/api/maps/" + map + "/replies/" + id;
    JsonNode reply = visitor.get(path).json();
    assertThat(told(reply))
        .containsExactly(
            "RENAMED Old walls",
            "NEW Height of the wall",
            "NEW Glasswort",
            "MISSING Old wall",
            "MISSING Untitled map");
    assertThat(reply.at("/differences/0/yours").asBoolean()).isTrue();
    assertThat(reply.get("left")).hasSize(4);
    assertThat(reply.get("brief").asString()).isEqualTo("an outline of “Untitled map”");
    List<String> wanted = List.of("NEW 1", "NEW 2");
    Map<String, Object> take = Map.of("id", UUID.randomUUID(), "differences", wanted);
    assertThat(visitor.post(path + "/take", take).status()).isEqualTo(204);
    assertThat(visitor.post(path + "/take", take).status()).isEqualTo(204);
    JsonNode desk = visitor.desk(map);
    assertThat(labels(desk))
        .containsExactly(
            "Untitled map", "Old wall", "Age", "Height of the wall", "Glasswort", "Birds");
    JsonNode trace = desk.at("/topics/3/trace");
    assertThat(trace.get("assistant").asString()).isEqualTo("Local model");
    JsonNode versions = visitor.get("/api/maps/" + map + "/history?versions=true").json();
    assertThat(versions.toString()).contains("Took in a reply of Local model");
    visitor.undo(map);
    assertThat(labels(visitor.desk(map)))
        .containsExactly("Untitled map", "Old wall", "Age", "Birds");
    visitor.redo(map);
    assertThat(visitor.desk(map).at("/topics/3/trace/brief").asString()).contains("an outline of");
  }

  @Test
  void what_is_refused_stays_refused_and_what_is_corrected_is_read_again(TestVisitor visitor) {
    UUID map = small(visitor);
    String path = "/api/maps/" + map + "/replies/" + bring(visitor, map, REPLY, "SUBJECT");
    visitor.post(path + "/refuse", Map.of("differences", List.of("NEW 2"), "refused", true));
    JsonNode preview = visitor.get(path + "/map").json();
    assertThat(preview.get("points")).hasSize(3);
    assertThat(preview.at("/points/2").isNull()).isTrue();
    assertThat(labels(preview.get("map")))
        .contains("Height of the wall")
        .doesNotContain("Glasswort");
    Map<String, Object> corrected = Map.of("body", "- Glasswort\n- Mud\n", "assistant", "");
    visitor.put(path, corrected);
    JsonNode again = visitor.get(path).json();
    assertThat(told(again)).contains("NEW Glasswort", "NEW Mud");
    assertThat(again.at("/differences/0/refused").asBoolean()).isTrue();
    assertThat(labels(visitor.desk(map))).doesNotContain("Glasswort");
    visitor.delete(path);
    assertThat(visitor.get(path).status()).isEqualTo(404);
    assertThat(visitor.other().get("/api/maps/" + map + "/replies").status()).isEqualTo(404);
  }

  @Test
  void a_reply_is_checked_against_the_sources_and_laid_beside_another(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    String body = "- Waders on the mud\n- Ferry ticket prices: 4711 a year\n- Barley [p00000000]\n";
    UUID id = bring(visitor, map, body, null);
    String path = "/api/maps/" + map + "/replies/" + id;
    JsonNode check = visitor.get(path + "/check").json();
    assertThat(check.at("/points/0/grade").asString()).isNotEqualTo("UNSUPPORTED");
    assertThat(check.at("/points/0/found/0/exact").asString()).isNotBlank();
    assertThat(check.at("/points/1/claims/0").asString()).isEqualTo("4711");
    assertThat(check.at("/points/2/cites/0/known").asBoolean()).isFalse();
    assertThat(check.get("unsaid")).isNotEmpty();
    UUID other = bring(visitor, map, "- Wader counts\n- Waders on mud\n", null);
    JsonNode rows = visitor.get(path + "/beside/" + other).json().get("rows");
    assertThat(rows.toString())
        .contains("\"first\":\"Waders on the mud\",\"second\":\"Waders on mud\"");
    assertThat(rows).hasSize(4);
    assertThat(visitor.get("/api/maps/" + map + "/replies").json()).hasSize(2);
    Map<String, Object> both = Map.of("replies", List.of(id, other), "title", "Both");
    JsonNode made = visitor.post("/api/maps/" + map + "/merged-replies", both).json();
    JsonNode merged = visitor.desk(UUID.fromString(made.get("id").asString()));
    assertThat(labels(merged))
        .containsExactly(
            "Both",
            "Waders on the mud",
            "Ferry ticket prices: 4711 a year",
            "Barley",
            "Wader counts");
    assertThat(merged.at("/topics/1/trace/assistant").asString()).isEqualTo("Local model");
    assertThat(merged.get("sources")).hasSameSizeAs(visitor.desk(map).get("sources"));
  }

  @Test
  void traces_come_back_with_the_map_from_a_file(TestVisitor visitor) {
    UUID map = small(visitor);
    String path = "/api/maps/" + map + "/replies/" + bring(visitor, map, REPLY, "MORE");
    visitor.post(path + "/take", Map.of("id", UUID.randomUUID(), "differences", List.of("NEW 2")));
    String json = visitor.export(map, "json").text();
    assertThat(json).contains("\"trace\"", "Local model", "more on");
    for (String format : List.of("md", "txt", "html", "opml", "csv")) {
      assertThat(visitor.export(map, format).text()).contains("From a reply of Local model");
      assertThat(visitor.export(map, format + "?traces=false").text())
          .doesNotContain("Local model");
    }
  }
}
