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
class MinutesApiTest {
  private static final String MEETING =
      "Minutes of the path committee\n\nPresent: the chair, Piet Holm. Apologies: the clerk.\n\n"
          + "The path. The path is wet. It was agreed to close it in winter.\n\n"
          + "The boat. The motion was carried by five votes to two. The chair undertook to write to"
          + " the board before the next meeting.";

  private static String path(UUID map) {
    return "/api/maps/" + map + "/minutes";
  }

  private static UUID map(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "meeting.txt", MEETING);
    visitor.read(map, "report.txt", "The wall is old. It was built by hand.");
    return map;
  }

  @Test
  void minutes_are_told_from_other_sources_and_taken_apart(TestVisitor visitor) {
    UUID map = map(visitor);
    JsonNode all = visitor.get(path(map)).json();
    JsonNode minutes = all.at("/all/0");
    assertThat(minutes.get("told").asBoolean()).isTrue();
    assertThat(all.at("/all/1/told").asBoolean()).isFalse();
    assertThat(minutes.get("people").valueStream().map(p -> p.get("name").asString()))
        .containsExactly("the chair", "Piet Holm", "the clerk");
    assertThat(minutes.at("/items/0/title").asString()).isEqualTo("The path");
    assertThat(minutes.at("/items/1/points/1/who").asString()).isEqualTo("The chair");
    assertThat(minutes.at("/items/1/points/1/until").asString()).isEqualTo("the next meeting");
    assertThat(visitor.get(path(map) + "/table").text()).contains("The boat,action,The chair");
    assertThat(visitor.other().get(path(map)).status()).isEqualTo(404);
  }

  @Test
  void a_person_says_what_a_sentence_is_and_it_comes_on_the_map(TestVisitor visitor) {
    UUID map = map(visitor);
    JsonNode minutes = visitor.get(path(map)).json().at("/all/0");
    String source = minutes.get("source").asString();
    String key = minutes.at("/items/0/points/0/key").asString();
    Map<String, Object> change =
        Map.of(
            "source", source, "key", key, "kind", "ACTION", "who", "the clerk", "until", "winter");
    JsonNode point =
        visitor.post(path(map) + "/change", change).json().at("/all/0/items/0/points/0");
    assertThat(point.get("kind").asString()).isEqualTo("ACTION");
    assertThat(point.get("byHand").asBoolean()).isTrue();
    String root = visitor.desk(map).at("/topics/0/id").asString();
    visitor.post(
        path(map) + "/branch", Map.of("id", UUID.randomUUID(), "parent", root, "source", source));
    assertThat(visitor.desk(map).get("topics").valueStream().map(t -> t.get("label").asString()))
        .contains(
            "Present",
            "Piet Holm",
            "The path",
            "the clerk, until winter: It was agreed to close it in winter.");
    JsonNode back = visitor.post(path(map) + "/unmark", Map.of("keys", List.of(key))).json();
    assertThat(back.at("/all/0/items/0/points/0/kind").asString()).isEqualTo("DECISION");
    Map<String, Object> gone =
        Map.of("source", source, "key", "none", "kind", "NONE", "who", "", "until", "");
    assertThat(visitor.post(path(map) + "/change", gone).status()).isEqualTo(409);
  }
}
