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
class LooksApiTest {
  private static Map<String, Object> style(Object... named) {
    Map<String, Object> style = new HashMap<>();
    for (int i = 0; i < named.length; i += 2) {
      style.put((String) named[i], named[i + 1]);
    }
    return style;
  }

  private static JsonNode topic(JsonNode desk, UUID id) {
    return desk.get("topics")
        .valueStream()
        .filter(t -> t.get("id").asString().equals(id.toString()))
        .findFirst()
        .orElseThrow();
  }

  private static JsonNode placed(JsonNode desk, UUID id) {
    return desk.at("/scene/topics")
        .valueStream()
        .filter(t -> t.get("id").asString().equals(id.toString()))
        .findFirst()
        .orElseThrow();
  }

  private static JsonNode drawn(JsonNode desk, UUID id) {
    return placed(desk, id).get("drawn");
  }

  private static String fill(JsonNode desk, UUID id) {
    return drawn(desk, id)
        .get("texts")
        .valueStream()
        .filter(t -> t.get("role").asString().equals("LABEL"))
        .map(t -> t.get("fill").asString())
        .findFirst()
        .orElseThrow();
  }

  @Test
  void looks_are_drawn_kept_undone_and_outlive_the_theme(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
    UUID wall = visitor.add(map, root, null, "Wall");
    UUID age = visitor.add(map, wall, null, "Age");
    visitor.edit(
        map,
        Map.of("type", "Paint", "topic", wall, "below", true, "style", style("ink", "WOAD/60")));
    visitor.edit(
        map,
        Map.of(
            "type",
            "Paint",
            "topic",
            age,
            "below",
            false,
            "style",
            style("ground", "#102030", "outline", "OVAL", "size", "LARGE")));
    JsonNode desk = visitor.desk(map);
    String light = fill(desk, wall);
    assertThat(fill(desk, age)).isEqualTo(light);
    assertThat(drawn(desk, age).at("/areas/0/fill").asString()).isEqualTo("#102030");
    assertThat(topic(desk, age).get("contrast").asDouble()).isLessThan(4.5);
    visitor.edit(map, Map.of("type", "Arrange", "theme", "NIGHT"));
    desk = visitor.desk(map);
    assertThat(fill(desk, wall)).isNotEqualTo(light);
    assertThat(topic(desk, age).at("/style/ground").asString()).isEqualTo("#102030");
    visitor.edit(map, Map.of("type", "Plain", "topic", wall, "reach", "BRANCH", "places", false));
    desk = visitor.desk(map);
    assertThat(topic(desk, age).get("style").isNull()).isTrue();
    assertThat(topic(desk, wall).get("below").isNull()).isTrue();
    visitor.undo(map);
    assertThat(topic(visitor.desk(map), wall).at("/below/ink").asString()).isEqualTo("WOAD/60");
    assertThat(
            visitor
                .edit(
                    map,
                    Map.of(
                        "type",
                        "Paint",
                        "topic",
                        wall,
                        "below",
                        true,
                        "style",
                        style("ink", "pink")))
                .problem())
        .contains("is no colour");
  }

  @Test
  void rules_and_paper_are_drawn_and_told_in_a_key(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
    UUID wall = visitor.add(map, root, null, "Wall of 1887");
    UUID gap = visitor.add(map, root, wall, "Gap of 1953");
    Map<String, Object> rule = new HashMap<>();
    rule.put("by", "TIME");
    rule.put("match", "");
    rule.put("style", style());
    rule.put("each", "GROUND");
    Map<String, Object> words = new HashMap<>();
    words.put("by", "WORDS");
    words.put("match", "gap");
    words.put("style", style());
    words.put("tag", "to-check");
    visitor.edit(
        map,
        Map.of(
            "type",
            "Arrange",
            "styles",
            Map.of("levels", List.of(), "named", List.of(), "rules", List.of(rule, words)),
            "paper",
            Map.of("grain", "LINES", "watermark", "Draft")));
    JsonNode desk = visitor.desk(map);
    assertThat(desk.at("/facts/key").valueStream().map(k -> k.get("words").asString()))
        .containsExactly("1880 to 1899", "1940 to 1959", "says “gap”");
    assertThat(drawn(desk, wall).at("/areas/0/fill").asString())
        .isEqualTo(desk.at("/facts/key/0/ground").asString())
        .isNotEqualTo(drawn(desk, gap).at("/areas/0/fill").asString());
    assertThat(drawn(desk, gap).get("texts").toString()).contains("to check");
    assertThat(desk.at("/scene/backdrop/watermark/text").asString()).isEqualTo("Draft");
    assertThat(desk.at("/scene/backdrop/tile/side").asDouble()).isPositive();
    assertThat(visitor.export(map, "svg").text()).contains("url(#grain)", ">Draft<");
    rule.put("each", null);
    assertThat(
            visitor
                .edit(
                    map,
                    Map.of(
                        "type",
                        "Arrange",
                        "styles",
                        Map.of("levels", List.of(), "named", List.of(), "rules", List.of(rule))))
                .problem())
        .contains("which topics");
  }

  private static double off(JsonNode desk, UUID topic, UUID parent) {
    return placed(desk, topic).get("x").asDouble() - placed(desk, parent).get("x").asDouble();
  }

  @Test
  void places_and_widths_by_hand_are_kept_and_put_back(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
    UUID wall = visitor.add(map, root, null, "The old wall by the sea");
    UUID age = visitor.add(map, wall, null, "Age");
    visitor.edit(map, Map.of("type", "Put", "topic", wall, "x", 400, "y", 300));
    visitor.edit(map, Map.of("type", "Widen", "topic", wall, "width", 80));
    visitor.edit(map, Map.of("type", "Put", "topic", age, "x", -200, "y", 100));
    JsonNode desk = visitor.desk(map);
    assertThat(off(desk, wall, root)).isEqualTo(400);
    assertThat(off(desk, age, wall)).isEqualTo(-200);
    assertThat(topic(desk, wall).get("put").asBoolean()).isTrue();
    assertThat(topic(desk, wall).get("wide").asInt()).isEqualTo(80);
    assertThat(placed(desk, wall).get("height").asDouble()).isGreaterThan(60);
    visitor.edit(map, Map.of("type", "Plain", "topic", wall, "reach", "CHILDREN", "places", true));
    desk = visitor.desk(map);
    assertThat(topic(desk, age).get("put").asBoolean()).isFalse();
    assertThat(topic(desk, wall).get("put").asBoolean()).isTrue();
    // in the tree again, it is laid out with the others
    visitor.edit(map, Map.of("type", "Move", "topic", wall, "parent", root));
    assertThat(topic(visitor.desk(map), wall).get("put").asBoolean()).isFalse();
    visitor.undo(map);
    assertThat(off(visitor.desk(map), wall, root)).isEqualTo(400);
    assertThat(visitor.edit(map, Map.of("type", "Widen", "topic", wall, "width", 5000)).problem())
        .contains("60 to 1200 wide");
    assertThat(visitor.edit(map, Map.of("type", "Put", "topic", wall, "x", 1e9, "y", 0)).problem())
        .contains("too far");
  }

  @Test
  void a_person_looks_at_a_branch_alone_and_others_do_not(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
    UUID wall = visitor.add(map, root, null, "Wall");
    visitor.add(map, wall, null, "Age");
    visitor.add(map, root, null, "Fish");
    visitor.put("/api/maps/" + map + "/focus", Map.of("topic", wall));
    JsonNode desk = visitor.desk(map);
    assertThat(desk.at("/facts/focus").asString()).isEqualTo(wall.toString());
    assertThat(desk.at("/scene/topics")).hasSize(2);
    assertThat(desk.get("topics")).hasSize(4);
    visitor.edit(map, Map.of("type", "Remove", "topic", wall));
    desk = visitor.desk(map);
    assertThat(desk.at("/facts/focus").isNull()).isTrue();
    assertThat(desk.at("/scene/topics")).hasSize(2);
    visitor.undo(map);
    visitor.put("/api/maps/" + map + "/focus", new HashMap<>());
    assertThat(visitor.desk(map).at("/scene/topics")).hasSize(4);
    assertThat(visitor.other().put("/api/maps/" + map + "/focus", Map.of()).status())
        .isEqualTo(404);
  }

  @Test
  void the_way_through_a_map_is_kept_without_what_is_not_there_any_more(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
    UUID wall = visitor.add(map, root, null, "Wall");
    UUID fish = visitor.add(map, root, null, "Fish");
    visitor.edit(map, Map.of("type", "Arrange", "walk", List.of(fish, wall, root)));
    visitor.edit(map, Map.of("type", "Remove", "topic", wall));
    assertThat(visitor.desk(map).at("/facts/walk").valueStream().map(JsonNode::asString))
        .containsExactly(fish.toString(), root.toString());
    visitor.undo(map);
    assertThat(visitor.desk(map).at("/facts/walk")).hasSize(3);
    assertThat(visitor.export(map, "json").json().at("/look/walk/0").asString())
        .isEqualTo(fish.toString());
    JsonNode copy = visitor.post("/api/maps/" + map + "/copy", null).json();
    JsonNode other = visitor.desk(UUID.fromString(copy.get("id").asString()));
    assertThat(other.at("/facts/walk/0").asString())
        .isEqualTo(
            other
                .get("topics")
                .valueStream()
                .filter(t -> t.get("label").asString().equals("Fish"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString());
  }
}
