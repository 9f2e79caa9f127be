package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class RegroupApiTest {
  private static JsonNode topic(JsonNode desk, String id) {
    return desk.get("topics")
        .valueStream()
        .filter(t -> t.get("id").asString().equals(id))
        .findFirst()
        .orElse(null);
  }

  private static List<String> ids(JsonNode list) {
    return list.valueStream().map(JsonNode::asString).toList();
  }

  /** Two topics with passages that stand under the same one. */
  private static List<String> pair(JsonNode desk) {
    return desk.get("topics")
        .valueStream()
        .map(t -> ids(t.get("children")).stream().filter(id -> leaf(topic(desk, id))).toList())
        .filter(leaves -> leaves.size() >= 2)
        .findFirst()
        .orElseThrow();
  }

  private static Map<String, ?> between(String added, List<String> around) {
    return Map.of("type", "Between", "topic", added, "label", "Above", "around", around);
  }

  private static boolean leaf(JsonNode topic) {
    return topic.get("children").isEmpty() && topic.get("own").asInt() >= 1;
  }

  @Test
  void two_topics_are_merged_and_come_back_by_undo(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode before = visitor.desk(map);
    List<String> two = pair(before);
    int passages =
        topic(before, two.get(0)).get("own").asInt() + topic(before, two.get(1)).get("own").asInt();
    Map<String, ?> merge =
        Map.of("type", "Merge", "into", two.get(0), "topics", List.of(two.get(1)));
    JsonNode after = visitor.edit(map, merge).desk();
    assertThat(topic(after, two.get(1))).isNull();
    assertThat(topic(after, two.get(0)).get("own").asInt()).isEqualTo(passages);
    assertThat(visitor.undo(map).desk().get("topics")).isEqualTo(before.get("topics"));
  }

  @Test
  void a_topic_is_put_above_and_children_are_sorted(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode before = visitor.desk(map);
    List<String> two = pair(before);
    String added = UUID.randomUUID().toString();
    JsonNode after = visitor.edit(map, between(added, two)).desk();
    assertThat(ids(topic(after, added).get("children"))).containsExactlyElementsOf(two);
    JsonNode sorted =
        visitor.edit(map, Map.of("type", "Sort", "topic", added, "by", "LABEL")).desk();
    List<String> labels =
        ids(topic(sorted, added).get("children")).stream()
            .map(id -> topic(sorted, id).get("label").asString())
            .toList();
    assertThat(labels).isSortedAccordingTo(String.CASE_INSENSITIVE_ORDER);
  }

  @Test
  void a_passage_becomes_a_topic_and_moves_on(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    List<String> two = pair(visitor.desk(map));
    String path = "/api/maps/" + map + "/topics/" + two.get(0) + "/passages";
    String evidence = visitor.get(path).json().at("/0/evidence").asString();
    String added = UUID.randomUUID().toString();
    Map<String, ?> split =
        Map.of(
            "type",
            "Split",
            "topic",
            two.get(0),
            "evidence",
            List.of(evidence),
            "added",
            added,
            "label",
            "Of its own",
            "under",
            true);
    JsonNode after = visitor.edit(map, split).desk();
    assertThat(topic(after, added).get("own").asInt()).isEqualTo(1);
    Map<String, ?> move =
        Map.of(
            "type",
            "MovePassages",
            "topic",
            added,
            "evidence",
            List.of(evidence),
            "to",
            two.get(1));
    JsonNode moved = visitor.edit(map, move).desk();
    assertThat(topic(moved, added).get("own").asInt()).isZero();
    assertThat(visitor.edit(map, move).status()).isEqualTo(422);
  }

  @Test
  void each_of_several_edits_sees_what_those_before_it_did_and_too_many_are_refused(
      TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode before = visitor.desk(map);
    List<String> two = pair(before);
    String added = UUID.randomUUID().toString();
    Map<String, ?> merge = Map.of("type", "Merge", "into", added, "topics", two);
    Map<String, ?> both = Map.of("type", "Several", "edits", List.of(between(added, two), merge));
    JsonNode after = visitor.edit(map, both).desk();
    assertThat(topic(after, added).get("children")).isEmpty();
    assertThat(visitor.undo(map).desk().get("topics")).isEqualTo(before.get("topics"));
    Map<String, ?> sort = Map.of("type", "Sort", "topic", two.get(0), "by", "LABEL");
    Map<String, ?> many = Map.of("type", "Several", "edits", Collections.nCopies(51, sort));
    var refused = visitor.edit(map, many);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.json().toString()).contains("At most 50 regroupings");
    Map<String, ?> thirty = Map.of("type", "Several", "edits", Collections.nCopies(30, sort));
    Map<String, ?> nested = Map.of("type", "Several", "edits", List.of(thirty, thirty));
    assertThat(visitor.edit(map, nested).status()).isEqualTo(422);
  }

  @Test
  void words_are_found_with_what_would_come_in_their_place(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    String root = visitor.desk(map).at("/topics/0/id").asString();
    visitor.edit(map, Map.of("type", "Rename", "topic", root, "label", "Quixotic ferry"));
    String path = "/api/maps/" + map + "/replacements?words=";
    JsonNode found = visitor.get(path + "quixotic&by=Plain").json();
    assertThat(found.size()).isEqualTo(1);
    assertThat(found.at("/0/id").asString()).isEqualTo(root);
    assertThat(found.at("/0/after").asString()).isEqualTo("Plain ferry");
    assertThat(visitor.get(path + "quixotic&exact=true").json()).isEmpty();
    assertThat(visitor.get(path + "%20").status()).isEqualTo(422);
    assertThat(visitor.other().get(path + "a").status()).isEqualTo(404);
  }
}
