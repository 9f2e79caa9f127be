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
class FigureApiTest {
  private static final String ONE =
      "The wall is 3.2 kilometres long. Inspection of the inner bank costs 18,000 euros a year.";
  private static final String OTHER =
      "The yearly inspection of the inner bank is put at 35,000 euros a year.";

  private static String path(UUID map) {
    return "/api/maps/" + map + "/figures";
  }

  private static UUID map(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "one.txt", ONE);
    visitor.read(map, "other.txt", OTHER);
    return map;
  }

  @Test
  void figures_have_units_and_passages_and_those_of_the_same_stand_side_by_side(
      TestVisitor visitor) {
    UUID map = map(visitor);
    JsonNode all = visitor.get(path(map)).json();
    assertThat(all.get("all").valueStream().map(f -> f.get("words").asString()))
        .containsExactly("3.2 kilometres", "18,000 euros a year", "35,000 euros a year");
    assertThat(all.at("/all/0/base").asDouble()).isEqualTo(3200);
    assertThat(all.at("/all/0/passage/exact").asString()).startsWith("The wall is");
    assertThat(all.at("/beside/0/agree").asBoolean()).isFalse();
    assertThat(all.at("/beside/0/keys")).hasSize(2);
    assertThat(visitor.get(path(map) + "/table").text())
        .contains("wall,3.2,km,3.2 kilometres,One", "18000,€");
    assertThat(visitor.other().get(path(map)).status()).isEqualTo(404);
  }

  @Test
  void figures_are_corrected_by_hand_and_put_on_the_map(TestVisitor visitor) {
    UUID map = map(visitor);
    String key = visitor.get(path(map)).json().at("/all/0/key").asString();
    Map<String, Object> named = Map.of("key", key, "of", "Length of the wall", "off", false);
    JsonNode all = visitor.post(path(map) + "/change", named).json();
    assertThat(all.at("/all/0/of").asString()).isEqualTo("Length of the wall");
    String root = visitor.desk(map).at("/topics/0/id").asString();
    visitor.post(
        path(map) + "/branch",
        Map.of("id", UUID.randomUUID(), "parent", root, "keys", List.of(key)));
    assertThat(visitor.desk(map).get("topics").valueStream().map(t -> t.get("label").asString()))
        .contains("Figures", "Length of the wall: 3.2 kilometres");
    JsonNode back = visitor.post(path(map) + "/unmark", Map.of("keys", List.of(key))).json();
    assertThat(back.at("/all/0/byHand").asBoolean()).isFalse();
    Map<String, Object> gone = Map.of("key", "none", "of", "", "off", true);
    assertThat(visitor.post(path(map) + "/change", gone).status()).isEqualTo(409);
  }
}
