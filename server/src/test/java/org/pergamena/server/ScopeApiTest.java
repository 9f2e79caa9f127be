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
class ScopeApiTest {
  private static final String SAID =
      "The saltmarsh was opened in two places. A salt marsh buries carbon every year. The growers"
          + " say that mud smothered the oyster beds in the first years. The survey did not find"
          + " that mud harmed the oyster beds of the channel.";

  private static String path(UUID map) {
    return "/api/maps/" + map + "/scope";
  }

  private static UUID root(TestVisitor visitor, UUID map) {
    return UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
  }

  @Test
  void a_topic_becomes_a_question_with_a_search_string_and_what_the_sources_say(
      TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "survey.txt", SAID);
    UUID marsh = visitor.add(map, root(visitor, map), null, "Saltmarsh");
    UUID opening = visitor.add(map, marsh, null, "Opening the wall");
    visitor.add(map, opening, null, "Loss of grazing");
    JsonNode offered = visitor.get(path(map) + "?topic=" + opening + "&frame=EFFECT").json();
    assertThat(offered.get("text").asString())
        .isEqualTo("For saltmarsh, what is the effect of opening the wall on loss of grazing?");
    assertThat(offered.get("search").asString())
        .startsWith("(saltmarsh OR \"salt marsh\") AND (opening AND wall)");
    assertThat(offered.at("/synonyms/0/passage/exact").asString()).contains("salt marsh");

    List<Map<String, Object>> fields =
        List.of(
            Map.of("name", "What", "terms", List.of("Saltmarsh")),
            Map.of("name", "Of", "terms", List.of("carbon", " ")));
    JsonNode worded =
        visitor
            .post(
                path(map) + "/worded",
                Map.of("frame", "OWN", "fields", fields, "without", List.of("salt marsh")))
            .json();
    assertThat(worded.get("search").asString()).isEqualTo("saltmarsh AND carbon");
    Map<String, Object> question =
        Map.of("frame", "OWN", "fields", fields, "text", "Does a salt marsh bury carbon?");
    visitor.post(path(map) + "/questions", question);
    JsonNode kept = visitor.post(path(map) + "/questions", question).json();
    assertThat(kept).as("the same question is kept once").hasSize(1);
    assertThat(kept.at("/0/answers").asInt()).isPositive();
    String id = kept.at("/0/id").asString();
    Map<String, Object> wish =
        Map.of("id", UUID.randomUUID(), "parent", root(visitor, map), "keys", List.of(id));
    visitor.post(path(map) + "/branch", wish);
    assertThat(visitor.desk(map).get("topics").valueStream().map(t -> t.get("label").asString()))
        .contains("Questions for research", "Does a salt marsh bury carbon?", "Of: carbon");
    assertThat(visitor.delete(path(map) + "/questions/" + id).status()).isEqualTo(204);
    assertThat(visitor.get(path(map) + "/questions").json()).isEmpty();
    assertThat(visitor.get(path(map) + "?topic=" + UUID.randomUUID() + "&frame=OWN").status())
        .isEqualTo(404);
    assertThat(visitor.other().get(path(map) + "/questions").status()).isEqualTo(404);
  }

  @Test
  void what_is_supposed_has_passages_whose_bearing_is_set_by_hand_and_undone(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "survey.txt", SAID);
    UUID mud = visitor.add(map, root(visitor, map), null, "Mud");
    UUID beds = visitor.add(map, root(visitor, map), mud, "Oyster beds");
    UUID link = UUID.randomUUID();
    visitor.edit(
        map,
        Map.of("type", "Connect", "link", link, "from", mud, "to", beds, "phrase", "smothers"));
    assertThat(visitor.get(path(map) + "/hypotheses").json()).isEmpty();
    visitor.edit(
        map, Map.of("type", "Qualify", "link", link, "direction", "ONE", "supposed", true));
    JsonNode all = visitor.get(path(map) + "/hypotheses").json();
    assertThat(all.at("/0/statement").asString()).isEqualTo("Mud smothers Oyster beds");
    assertThat(all.at("/0/bearings")).hasSize(2);
    JsonNode against =
        all.at("/0/bearings")
            .valueStream()
            .filter(b -> b.get("stance").asString().equals("DISPUTES"))
            .findFirst()
            .orElseThrow();
    JsonNode passage = against.get("passage");
    Map<String, Object> set =
        Map.of(
            "type",
            "Ground",
            "link",
            link,
            "source",
            passage.get("source").asString(),
            "start",
            passage.get("start").asInt(),
            "end",
            passage.get("end").asInt(),
            "stance",
            "MENTIONS");
    visitor.edit(map, set);
    JsonNode now = visitor.get(path(map) + "/hypotheses").json().at("/0/bearings/0");
    assertThat(now.get("byHand").asBoolean()).isTrue();
    assertThat(now.get("stance").asString()).isEqualTo("MENTIONS");
    assertThat(visitor.get(path(map) + "/hypotheses/table").text())
        .contains("Mud smothers Oyster beds,mentions,");
    visitor.undo(map);
    assertThat(visitor.get(path(map) + "/hypotheses").json().at("/0/bearings"))
        .hasSize(2)
        .allMatch(b -> !b.get("byHand").asBoolean());
  }
}
