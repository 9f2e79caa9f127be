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
class AgreementApiTest {
  private static final String ONE =
      "The lagoon covers 45 hectares of the old fields. Salt marsh protects the inner bank from"
          + " waves. The treasurer did not accept the figure for carbon.";
  private static final String OTHER =
      "The lagoon covers some 70 hectares of the old fields. The inner bank is protected from"
          + " waves by salt marsh.";

  private static String path(UUID map) {
    return "/api/maps/" + map + "/agreement";
  }

  private static UUID map(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "one.txt", ONE);
    visitor.read(map, "other.txt", OTHER);
    return map;
  }

  @Test
  void contradictions_are_told_with_their_reason_and_what_is_shared(TestVisitor visitor) {
    UUID map = map(visitor);
    JsonNode all = visitor.get(path(map)).json();
    assertThat(all.get("disputed")).hasSize(1);
    assertThat(all.at("/disputed/0/why").asString()).isEqualTo("FIGURE");
    assertThat(all.at("/disputed/0/reason").asString())
        .isEqualTo("Different figures: 45 hectares against 70 hectares.");
    assertThat(all.at("/disputed/0/other/passage/exact").asString()).contains("some 70 hectares");
    assertThat(all.at("/shared/0/statements/0/words").asString()).contains("Salt marsh protects");
    assertThat(all.at("/doubted/0/said").asString()).isEqualTo("not accept");
    assertThat(visitor.other().get(path(map)).status()).isEqualTo(404);
    assertThat(visitor.get(path(map) + "/table").text()).contains("Different figures");
  }

  @Test
  void a_person_says_that_it_is_none_and_what_they_found(TestVisitor visitor) {
    UUID map = map(visitor);
    String key = visitor.get(path(map)).json().at("/disputed/0/key").asString();
    Map<String, Object> none =
        Map.of("key", key, "against", false, "settled", "The second counts the creeks.");
    JsonNode all = visitor.post(path(map) + "/change", none).json();
    assertThat(all.at("/disputed/0/against").asBoolean()).isFalse();
    assertThat(all.at("/disputed/0/settled").asString()).startsWith("The second");
    JsonNode back = visitor.post(path(map) + "/unmark", Map.of("keys", List.of(key))).json();
    assertThat(back.at("/disputed/0/byHand").asBoolean()).isFalse();
    Map<String, Object> unknown = Map.of("key", "none", "against", false, "settled", "");
    assertThat(visitor.post(path(map) + "/change", unknown).status()).isEqualTo(409);
  }

  @Test
  void passages_that_dispute_are_proposed_and_their_stance_is_set_by_hand(TestVisitor visitor) {
    UUID map = map(visitor);
    JsonNode desk = visitor.desk(map);
    String root = desk.at("/topics/0/id").asString();
    String source = desk.at("/sources/0/id").asString();
    int start = ONE.indexOf("The treasurer");
    visitor.edit(
        map,
        Map.of(
            "type",
            "Link",
            "topic",
            root,
            "evidence",
            UUID.randomUUID(),
            "source",
            source,
            "start",
            start,
            "end",
            ONE.length()));
    JsonNode stance = visitor.get(path(map)).json().at("/stances/0");
    assertThat(stance.get("proposed").asString()).isEqualTo("DISPUTES");
    assertThat(stance.get("said").asString()).contains("not accept");
    String evidence = stance.get("evidence").asString();
    visitor.edit(
        map, Map.of("type", "Judge", "topic", root, "evidence", evidence, "stance", "DISPUTES"));
    assertThat(visitor.get(path(map)).json().get("stances")).isEmpty();
    String passages = "/api/maps/" + map + "/topics/" + root + "/passages";
    assertThat(visitor.get(passages).json().at("/0/stance").asString()).isEqualTo("DISPUTES");
    visitor.undo(map);
    assertThat(visitor.get(passages).json().at("/0/stance").asString()).isEqualTo("SUPPORTS");
  }

  @Test
  void disputes_become_a_branch_with_both_sides(TestVisitor visitor) {
    UUID map = map(visitor);
    String root = visitor.desk(map).at("/topics/0/id").asString();
    visitor.post(path(map) + "/branch", Map.of("id", UUID.randomUUID(), "parent", root));
    assertThat(visitor.desk(map).get("topics").valueStream().map(t -> t.get("label").asString()))
        .contains(
            "What is disputed",
            "Different figures: 45 hectares against 70 hectares.",
            "treasurer: The treasurer did not accept the figure for carbon.");
  }
}
