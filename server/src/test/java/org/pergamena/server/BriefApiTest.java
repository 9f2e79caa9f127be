package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

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
class BriefApiTest {
  private static Map<String, Object> brief(String wish, List<String> along) {
    Map<String, Object> brief = new HashMap<>();
    brief.put("wish", wish);
    brief.put("topics", List.of());
    brief.put("subject", "");
    brief.put("levels", 3);
    brief.put("points", 5);
    brief.put("words", 0);
    brief.put("audience", "farmers");
    brief.put("role", "");
    brief.put("language", "");
    brief.put("along", along);
    return brief;
  }

  @Test
  void a_brief_is_written_with_what_goes_along_and_nothing_is_changed(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode before = visitor.desk(map).get("topics");
    String path = "/api/maps/" + map + "/brief";
    JsonNode bare = visitor.post(path, brief("MORE", List.of())).json();
    JsonNode full = visitor.post(path, brief("MORE", List.of("LABELS", "PASSAGES"))).json();
    assertThat(bare.get("text").asString()).contains("for farmers", "at most 3 levels");
    assertThat(full.get("text").asString())
        .contains("Passages:")
        .containsPattern("\\[p[0-9a-f]{6}");
    assertThat(full.get("passages").asInt()).isGreaterThan(50);
    assertThat(full.get("tokens").asInt()).isGreaterThan(full.get("words").asInt());
    assertThat(visitor.desk(map).get("topics")).isEqualTo(before);
    Map<String, Object> wrong = brief("MORE", List.of());
    wrong.put("levels", 900);
    assertThat(visitor.post(path, wrong).problem()).contains("between 1 and 200");
    assertThat(visitor.other().post(path, brief("MORE", List.of())).status()).isEqualTo(404);
  }

  @Test
  void briefs_are_kept_by_name_for_the_person_alone(TestVisitor visitor) {
    Map<String, Object> keeping = Map.of("name", "For farmers", "brief", brief("BELOW", List.of()));
    visitor.post("/api/briefs", keeping);
    visitor.post(
        "/api/briefs", Map.of("name", "For farmers", "brief", brief("MISSING", List.of())));
    JsonNode kept = visitor.get("/api/briefs").json();
    assertThat(kept).hasSize(1);
    assertThat(kept.at("/0/brief/wish").asString()).isEqualTo("MISSING");
    TestVisitor other = visitor.other();
    assertThat(other.get("/api/briefs").json()).isEmpty();
    String path = "/api/briefs/" + kept.at("/0/id").asString();
    other.delete(path);
    assertThat(visitor.get("/api/briefs").json()).hasSize(1);
    visitor.delete(path);
    assertThat(visitor.get("/api/briefs").json()).isEmpty();
    assertThat(
            visitor
                .post("/api/briefs", Map.of("name", " ", "brief", brief("MORE", List.of())))
                .status())
        .isEqualTo(400);
  }
}
