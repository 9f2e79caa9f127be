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
class PeopleApiTest {
  private static final String COUNT =
      "Dr Mara Ellis, the warden, counted the birds on the lower marsh. Ellis thanked the Estuary"
          + " Board. The warden asked Piet Holm for a boat.";

  private static String path(UUID map) {
    return "/api/maps/" + map + "/people";
  }

  private static UUID map(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "count.txt", COUNT);
    return map;
  }

  private static List<String> names(JsonNode people) {
    return people
        .get("all")
        .valueStream()
        .filter(each -> !each.get("off").asBoolean())
        .map(each -> each.get("name").asString())
        .toList();
  }

  @Test
  void people_and_bodies_have_passages_and_ties(TestVisitor visitor) {
    UUID map = map(visitor);
    JsonNode people = visitor.get(path(map)).json();
    assertThat(names(people)).containsExactly("Dr Mara Ellis", "Estuary Board", "Piet Holm");
    assertThat(people.at("/all/0/roles/0").asString()).isEqualTo("warden");
    assertThat(people.at("/all/0/times").asInt()).isEqualTo(3);
    assertThat(people.at("/all/0/places/0/exact").asString()).startsWith("Dr Mara Ellis");
    assertThat(people.at("/ties/0/phrases/0").asString()).isEqualTo("thanked");
    assertThat(people.at("/ties/0/passages/0/exact").asString()).startsWith("Ellis thanked");
    assertThat(visitor.other().get(path(map)).status()).isEqualTo(404);
    assertThat(visitor.get(path(map) + "/table").text()).contains("Dr Mara Ellis,person,warden");
  }

  @Test
  void names_are_corrected_by_hand_and_that_is_taken_back(TestVisitor visitor) {
    UUID map = map(visitor);
    String change = path(map) + "/change";
    JsonNode joined =
        visitor.post(change, Map.of("words", "piet holm", "with", "mara ellis")).json();
    assertThat(names(joined)).containsExactly("Dr Mara Ellis", "Estuary Board");
    JsonNode apart = visitor.post(change, Map.of("words", "Warden", "apart", true)).json();
    assertThat(names(apart)).contains("Warden");
    visitor.post(change, Map.of("words", "mara ellis", "name", "Mara Ellis"));
    JsonNode off = visitor.post(change, Map.of("words", "estuary board", "off", true)).json();
    assertThat(names(off)).containsExactlyInAnyOrder("Mara Ellis", "Warden");
    List<String> words = List.of("piet holm", "warden", "mara ellis", "estuary board");
    JsonNode back = visitor.post(path(map) + "/unmark", Map.of("keys", words)).json();
    assertThat(names(back)).containsExactly("Dr Mara Ellis", "Estuary Board", "Piet Holm");
    assertThat(visitor.post(change, Map.of("words", " ")).status()).isEqualTo(400);
  }

  @Test
  void they_become_topics_with_cross_links_that_rest_on_passages(TestVisitor visitor) {
    UUID map = map(visitor);
    String root = visitor.desk(map).at("/topics/0/id").asString();
    Map<String, Object> wish =
        Map.of(
            "id", UUID.randomUUID(),
            "parent", root,
            "keys", List.of("mara ellis", "estuary board"));
    visitor.post(path(map) + "/branch", wish);
    JsonNode desk = visitor.desk(map);
    assertThat(desk.get("topics").valueStream().map(t -> t.get("label").asString()))
        .contains("People and bodies", "Dr Mara Ellis", "Estuary Board");
    assertThat(desk.at("/links/0/phrase").asString()).isEqualTo("thanked");
    Map<String, Object> nobody =
        Map.of("id", UUID.randomUUID(), "parent", root, "keys", List.of("nobody"));
    assertThat(visitor.post(path(map) + "/branch", nobody).status()).isEqualTo(409);
  }
}
