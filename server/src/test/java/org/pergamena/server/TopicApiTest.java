package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class TopicApiTest {
  private static JsonNode leaf(JsonNode desk) {
    return desk.get("topics")
        .valueStream()
        .filter(t -> t.get("children").isEmpty() && t.get("own").asInt() >= 4)
        .findFirst()
        .orElseThrow();
  }

  private static long fresh(JsonNode desk) {
    return desk.get("topics").valueStream().filter(t -> t.get("fresh").asBoolean()).count();
  }

  private static JsonNode done(TestVisitor visitor, UUID map, String kind) {
    return visitor.deskWhen(
        map,
        d ->
            d.get("jobs")
                .valueStream()
                .anyMatch(
                    j ->
                        j.get("kind").asString().equals(kind)
                            && List.of("DONE", "FAILED").contains(j.get("state").asString())));
  }

  @Test
  void a_topic_is_deepened_by_one_change(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode before = visitor.desk(map);
    String topic = leaf(before).get("id").asString();
    String path = "/api/maps/" + map + "/topics/" + topic;
    assertThat(visitor.post(path + "/deepen", null).status()).isEqualTo(202);
    JsonNode after = done(visitor, map, "DEEPEN");
    List<JsonNode> now =
        after
            .get("topics")
            .valueStream()
            .filter(t -> t.get("id").asString().equals(topic))
            .toList();
    assertThat(now.get(0).get("children").size()).isGreaterThanOrEqualTo(2);
    assertThat(after.at("/facts/share").asDouble()).isEqualTo(before.at("/facts/share").asDouble());
    JsonNode undone = visitor.undo(map).desk();
    assertThat(undone.get("topics")).isEqualTo(before.get("topics"));
    assertThat(
            visitor
                .post("/api/maps/" + map + "/topics/" + UUID.randomUUID() + "/deepen", null)
                .status())
        .isEqualTo(422);
  }

  @Test
  void labels_are_offered_for_what_a_topic_rests_on_and_nothing_is_renamed(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode before = visitor.desk(map);
    JsonNode leaf = leaf(before);
    String path = "/api/maps/" + map + "/topics/" + leaf.get("id").asString() + "/labels";
    List<String> offers = visitor.get(path).json().valueStream().map(JsonNode::asString).toList();
    assertThat(offers).hasSizeBetween(1, 4).doesNotHaveDuplicates();
    assertThat(offers).doesNotContain(leaf.get("label").asString());
    assertThat(visitor.desk(map).get("topics")).isEqualTo(before.get("topics"));
    UUID empty = visitor.newMap();
    String root = visitor.desk(empty).at("/topics/0/id").asString();
    assertThat(visitor.get("/api/maps/" + empty + "/topics/" + root + "/labels").json()).isEmpty();
    assertThat(visitor.other().get(path).status()).isEqualTo(404);
  }

  @Test
  void what_is_below_a_topic_is_told_in_the_order_of_its_dates(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode root = visitor.desk(map).at("/topics/0");
    String path = "/api/maps/" + map + "/topics/" + root.get("id").asString() + "/times";
    List<String> times = visitor.get(path).json().valueStream().map(JsonNode::asString).toList();
    List<String> children = root.get("children").valueStream().map(JsonNode::asString).toList();
    assertThat(times).containsExactlyInAnyOrderElementsOf(children);
    assertThat(visitor.other().get(path).status()).isEqualTo(404);
  }

  @Test
  void a_branch_is_named_anew_in_one_step_but_for_what_a_person_named(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode before = visitor.desk(map);
    String mine = leaf(before).get("id").asString();
    String other = otherLeaf(before, mine);
    for (String topic : List.of(mine, other)) {
      Map<String, Object> note = Map.of("type", "Rename", "topic", topic, "label", "A " + topic);
      visitor.edit(map, note);
    }
    visitor.undo(map);
    String root = before.at("/topics/0/id").asString();
    String path = "/api/maps/" + map + "/topics/" + root + "/names";
    List<JsonNode> names = visitor.get(path).json().valueStream().toList();
    assertThat(names).noneMatch(n -> n.get("topic").asString().equals(mine));
    List<Map<String, Object>> edits =
        List.of(
            Map.of("type", "Rename", "topic", mine, "label", "One"),
            Map.of("type", "Note", "topic", other, "note", "Two"));
    JsonNode desk = visitor.edit(map, Map.of("type", "Several", "edits", edits)).desk();
    assertThat(desk.get("topics").toString()).contains("\"One\"", "\"Two\"");
    JsonNode undone = visitor.undo(map).desk();
    assertThat(undone.get("topics").toString()).doesNotContain("\"One\"", "\"Two\"");
    assertThat(visitor.other().get(path).status()).isEqualTo(404);
  }

  private static String otherLeaf(JsonNode desk, String than) {
    return desk.get("topics")
        .valueStream()
        .map(t -> t.get("id").asString())
        .filter(id -> !id.equals(than) && !id.equals(desk.at("/topics/0/id").asString()))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void a_topic_without_text_says_why_it_is_not_deepened(TestVisitor visitor) {
    UUID map = visitor.newMap();
    String root = visitor.desk(map).at("/topics/0/id").asString();
    visitor.post("/api/maps/" + map + "/topics/" + root + "/deepen", null);
    JsonNode desk = done(visitor, map, "DEEPEN");
    assertThat(desk.at("/jobs/0/problem").asString()).contains("0 words of its own");
  }

  @Test
  void more_passages_like_a_topic_are_proposed_and_not_linked(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode topic = leaf(visitor.desk(map));
    visitor.post("/api/maps/" + map + "/topics/" + topic.get("id").asString() + "/like", null);
    JsonNode desk = done(visitor, map, "MATCH");
    assertThat(desk.get("proposals").size()).isBetween(1, 8);
    assertThat(desk.get("proposals").valueStream())
        .allMatch(p -> p.get("topic").equals(topic.get("id")));
    assertThat(leaf(desk).get("own")).isEqualTo(topic.get("own"));
  }

  @Test
  void what_is_left_out_is_listed_with_its_reason(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "notes.txt", "The wall is old and it leaks at the third gate.\n\nBriefly.");
    JsonNode left = visitor.get("/api/maps/" + map + "/left-out").json();
    assertThat(left).hasSize(2);
    assertThat(left.at("/1/why").asString()).isEqualTo("SHORT");
    assertThat(left.at("/1/place").asString()).isEqualTo("line 3");
    String root = visitor.desk(map).at("/topics/0/id").asString();
    visitor.edit(
        map,
        Map.of(
            "type", "Link",
            "topic", root,
            "source", left.at("/1/source").asString(),
            "start", left.at("/1/start").asInt(),
            "end", left.at("/1/end").asInt()));
    assertThat(visitor.get("/api/maps/" + map + "/left-out").json()).hasSize(1);
  }

  @Test
  void a_source_is_folded_in_and_what_came_is_new_until_it_is_seen(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode before = visitor.desk(map);
    String source =
        visitor.read(
            map,
            "letter.txt",
            "The harbour committee wrote again about the oyster growers. The growers want the new"
                + " bank inspected twice a year. The treasurer of the committee counts the cost of"
                + " that inspection against the saving on the old wall.\n\nThe ferry timetable was"
                + " changed. Tickets for the ferry cost less on Sundays.");
    String root = before.at("/topics/0/label").asString();
    assertThat(visitor.post("/api/maps/" + map + "/sources/" + source + "/fold", null).status())
        .isEqualTo(202);
    JsonNode desk = done(visitor, map, "FOLD");
    List<String> fresh =
        desk.get("topics")
            .valueStream()
            .filter(t -> t.get("fresh").asBoolean())
            .map(t -> t.get("id").asString())
            .toList();
    assertThat(fresh).isNotEmpty();
    assertThat(desk.at("/topics/0/label").asString()).isEqualTo(root);
    assertThat(fresh(visitor.undo(map).desk())).isZero();
    assertThat(fresh(visitor.redo(map).desk())).isEqualTo(fresh.size());
    assertThat(desk.get("topics").size()).isGreaterThanOrEqualTo(before.get("topics").size());
    visitor.post("/api/maps/" + map + "/topics/" + fresh.get(0) + "/seen", null);
    assertThat(visitor.desk(map).get("topics").valueStream())
        .noneMatch(t -> t.get("id").asString().equals(fresh.get(0)) && t.get("fresh").asBoolean());
    visitor.post("/api/maps/" + map + "/seen", null);
    assertThat(visitor.desk(map).get("topics").valueStream())
        .noneMatch(t -> t.get("fresh").asBoolean());
    JsonNode undone = visitor.undo(map).desk();
    assertThat(undone.get("topics")).isEqualTo(before.get("topics"));
  }

  @Test
  void how_sure_a_grouping_is_and_setting_a_topic_aside(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode desk = visitor.desk(map);
    String main = desk.at("/topics/0/children/0").asString();
    JsonNode sure = visitor.get("/api/maps/" + map + "/topics/" + main + "/grouping").json();
    assertThat(sure.get("pieces").asInt()).isPositive();
    assertThat(sure.get("own").asInt()).isBetween(1, sure.get("pieces").asInt());
    Map<String, Object> aside = Map.of("type", "SetAside", "topic", main, "aside", true);
    JsonNode after = visitor.edit(map, aside).desk();
    JsonNode topic =
        after
            .get("topics")
            .valueStream()
            .filter(t -> t.get("id").asString().equals(main))
            .findFirst()
            .orElseThrow();
    assertThat(topic.get("aside").asBoolean()).isTrue();
    assertThat(topic.get("branch").asInt()).isEqualTo(-2);
    JsonNode undone = visitor.undo(map).desk();
    assertThat(undone.get("topics")).isEqualTo(desk.get("topics"));
  }

  @Test
  void of_a_newer_version_only_what_is_new_is_folded_in(TestVisitor visitor) {
    UUID map = visitor.newMap();
    String wall = "The old wall of clay was cracked. Engineers patched the wall each winter. ";
    String birds = "Redshank feed on the mud. The warden counts the redshank at high water. ";
    String ferry = "The ferry runs on Sundays. Tickets for the ferry cost three crowns. ";
    String first = (wall.repeat(3) + "\n\n").repeat(8) + (birds.repeat(3) + "\n\n").repeat(8);
    String source = visitor.read(map, "notes.txt", first);
    visitor.post("/api/maps/" + map + "/distil", Map.of("levels", 2, "branches", 0));
    done(visitor, map, "DISTIL");
    assertThat(visitor.desk(map).at("/sources/0/toFold").asInt()).isZero();
    visitor.uploadTo(
        "/api/maps/" + map + "/sources/" + source + "/file",
        "notes.txt",
        (first + ferry.repeat(4)).getBytes(StandardCharsets.UTF_8));
    JsonNode newer = visitor.deskWhen(map, d -> d.at("/sources/0/newer").asBoolean());
    assertThat(newer.at("/sources/0/toFold").asInt()).isEqualTo(48);
    visitor.post("/api/maps/" + map + "/sources/" + source + "/fold", null);
    JsonNode desk = done(visitor, map, "FOLD");
    assertThat(desk.at("/sources/0/newer").asBoolean()).isFalse();
    assertThat(desk.get("topics").valueStream())
        .anyMatch(t -> t.get("fresh").asBoolean() && t.get("added").asInt() > 0);
  }
}
