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
class RelationApiTest {
  private static final String TERMS = "Tide\tThe sea, twice a day\nSilt\nMarsh\nBird\n";
  private static final String RELATIONS =
      "Tide\tbrings\tSilt\nSilt\tbuilds\tMarsh\nMarsh\tfeeds\tBird\nTide\t\tSilt\nBird\tis\tOtter\n";

  private static UUID root(TestVisitor visitor, UUID map) {
    return UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
  }

  private static JsonNode labelled(JsonNode desk, String label) {
    return desk.get("topics")
        .valueStream()
        .filter(t -> t.get("label").asString().equals(label))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void tables_become_a_map_that_is_cleaned_and_hung_by_its_relations(TestVisitor visitor) {
    UUID map = visitor.newMap();
    Map<String, ?> bring =
        Map.of(
            "type", "Bring", "under", root(visitor, map), "topics", TERMS, "relations", RELATIONS);
    JsonNode read = visitor.post("/api/maps/" + map + "/tables/read", bring).json();
    assertThat(read.get("topics").asInt()).isEqualTo(4);
    assertThat(read.get("links").asInt()).isEqualTo(4);
    assertThat(read.at("/relationFaults/0/row").asInt()).isEqualTo(5);
    assertThat(visitor.desk(map).get("topics")).hasSize(1);

    JsonNode brought = visitor.edit(map, bring).desk();
    assertThat(brought.get("topics")).hasSize(5);
    JsonNode last = visitor.get("/api/maps/" + map + "/history").json().at("/entries/0");
    assertThat(last.get("said").asString()).startsWith("Pasted tables: added 4 topics");
    assertThat(last.get("moment").asString()).isEqualTo("BROUGHT");
    JsonNode relations = visitor.get("/api/maps/" + map + "/relations").json();
    assertThat(relations.at("/redundant/0/reason").asString()).isEqualTo("TWICE");
    assertThat(relations.get("key")).isNotEmpty();
    String redundant = relations.at("/redundant/0/link").asString();
    visitor.edit(map, Map.of("type", "Clean", "links", List.of(redundant)));
    JsonNode hung = visitor.edit(map, Map.of("type", "Hang", "topic", root(visitor, map))).desk();
    assertThat(hung.get("links")).isEmpty();
    assertThat(labelled(hung, "Bird").get("level").asInt()).isEqualTo(4);
    assertThat(labelled(hung, "Marsh").get("lead").asString()).isEqualTo("builds");

    JsonNode ends = visitor.get("/api/maps/" + map + "/selection?standing=END&words=bir").json();
    assertThat(ends).hasSize(1);
    assertThat(ends.get(0)).isEqualTo(labelled(hung, "Bird").get("id"));
    for (int i = 0; i < 3; i++) {
      visitor.undo(map);
    }
    assertThat(visitor.desk(map).get("topics")).hasSize(1);
  }

  @Test
  void a_table_that_is_none_is_refused_with_its_line(TestVisitor visitor) {
    UUID map = visitor.newMap();
    Map<String, ?> bring =
        Map.of("type", "Bring", "under", root(visitor, map), "topics", "a,b\n\"c", "relations", "");
    assertThat(visitor.edit(map, bring).problem()).contains("line").contains("paste again");
  }

  @Test
  void a_branch_is_copied_to_another_map_with_its_sources_and_goes_by_undo(TestVisitor visitor) {
    UUID first = visitor.firstMap();
    UUID map = visitor.newMap();
    JsonNode from = visitor.desk(first);
    JsonNode branch =
        from.get("topics")
            .valueStream()
            .filter(t -> t.get("level").asInt() == 1 && t.get("own").asInt() == 0)
            .filter(t -> t.get("passages").asInt() > 2)
            .findFirst()
            .orElseThrow();
    Map<String, ?> plant =
        Map.of(
            "type",
            "Plant",
            "map",
            first,
            "topics",
            List.of(branch.get("id").asString(), branch.at("/children/0").asString()),
            "parent",
            root(visitor, map));
    JsonNode copied = visitor.edit(map, plant).desk();
    assertThat(copied.get("sources")).hasSize(branch.get("sourceCount").asInt());
    JsonNode copy = labelled(copied, branch.get("label").asString());
    assertThat(copy.get("passages")).isEqualTo(branch.get("passages"));
    assertThat(copy.get("id")).isNotEqualTo(branch.get("id"));
    JsonNode leaf =
        copied
            .get("topics")
            .valueStream()
            .filter(t -> t.get("own").asInt() > 0)
            .findFirst()
            .orElseThrow();
    String passages = "/api/maps/" + map + "/topics/" + leaf.get("id").asString() + "/passages";
    assertThat(visitor.get(passages).json().at("/0/exact").asString()).isNotBlank();
    JsonNode again = visitor.edit(map, plant).desk();
    assertThat(again.get("sources")).hasSize(copied.get("sources").size());
    visitor.undo(map);
    JsonNode undone = visitor.undo(map).desk();
    assertThat(undone.get("topics")).hasSize(1);
    assertThat(undone.get("sources")).isEmpty();
  }

  @Test
  void branches_of_somebody_elses_map_are_not_copied(TestVisitor visitor, TestVisitor other) {
    UUID theirs = other.firstMap();
    UUID map = visitor.newMap();
    Map<String, ?> plant =
        Map.of(
            "type",
            "Plant",
            "map",
            theirs,
            "topics",
            List.of(root(other, theirs)),
            "parent",
            root(visitor, map));
    assertThat(visitor.edit(map, plant).status()).isEqualTo(404);
  }
}
