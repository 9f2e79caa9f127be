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
class CompareApiTest {
  private static final String ONE =
      "The outer wall was built of clay. The yearly inspection of the outer wall took 18,000 euros."
          + " Redshank feed along the new creeks at low water.";
  private static final String OTHER =
      "We walked to the outer wall before breakfast. The yearly inspection of the outer wall took"
          + " 35,000 euros. The ferry did not run because of the fog.";

  private static UUID map(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "one.txt", ONE);
    visitor.read(map, "other.txt", OTHER);
    return map;
  }

  private static String path(UUID map) {
    return "/api/maps/" + map + "/comparison";
  }

  private static String source(TestVisitor visitor, UUID map, String name) {
    return visitor
        .desk(map)
        .get("sources")
        .valueStream()
        .filter(source -> source.get("name").asString().equals(name))
        .map(source -> "sources:" + source.get("id").asString())
        .findFirst()
        .orElseThrow();
  }

  private static List<String> words(JsonNode all, String column) {
    return all.at(column).valueStream().map(m -> m.get("words").asString()).toList();
  }

  @Test
  void two_sources_are_compared_with_passages_and_pairs_are_corrected(TestVisitor visitor) {
    UUID map = map(visitor);
    String one = source(visitor, map, "One");
    String other = source(visitor, map, "Other");
    String query = "?one=" + one + "&other=" + other;
    JsonNode all = visitor.get(path(map) + query).json();
    assertThat(words(all, "/terms/one")).contains("clay", "low water");
    assertThat(words(all, "/terms/other")).contains("ferry");
    assertThat(all.at("/passages/both")).hasSize(1);
    JsonNode pair = all.at("/passages/both/0");
    assertThat(pair.get("against").asString()).contains("18,000 euros against 35,000 euros");
    assertThat(pair.at("/one/passages/0/exact").asString()).contains("18,000");
    assertThat(all.get("concord").isNull()).isTrue();

    Map<String, Object> apart =
        Map.of(
            "one",
            one,
            "other",
            other,
            "kind",
            "PASSAGE",
            "first",
            pair.at("/one/words").asString(),
            "second",
            pair.at("/other/words").asString(),
            "together",
            false);
    JsonNode corrected = visitor.post(path(map) + "/pair", apart).json();
    assertThat(corrected.at("/passages/both")).isEmpty();
    String key = corrected.at("/marks/0/key").asString();
    JsonNode back =
        visitor
            .post(path(map) + "/unpair", Map.of("one", one, "other", other, "keys", List.of(key)))
            .json();
    assertThat(back.at("/passages/both")).hasSize(1);
    assertThat(visitor.get(path(map) + "/table" + query).text())
        .contains("kind,One,where,Other,where,sure,against", "passage,\"The yearly inspection");
    assertThat(visitor.get(path(map) + "/report" + query).text())
        .contains("<h1>One and Other</h1>", "Said by both", "18,000 euros");
    assertThat(visitor.other().get(path(map) + query).status()).isEqualTo(404);
  }

  @Test
  void two_branches_become_a_branch_with_what_they_share_in_the_middle(TestVisitor visitor) {
    UUID map = map(visitor);
    String root = visitor.desk(map).at("/topics/0/id").asString();
    UUID before = visitor.add(map, UUID.fromString(root), null, "Before");
    UUID after = visitor.add(map, UUID.fromString(root), before, "After");
    UUID cost = visitor.add(map, before, null, "Cost of inspection");
    visitor.add(map, before, cost, "Clay wall");
    visitor.add(map, after, null, "Inspection costs");
    Map<String, Object> wish =
        Map.of(
            "id",
            UUID.randomUUID(),
            "parent",
            root,
            "one",
            "topic:" + before,
            "other",
            "topic:" + after);
    UUID branch =
        UUID.fromString(visitor.post(path(map) + "/branch", wish).json().get("topic").asString());
    JsonNode topic =
        visitor
            .deskWhen(map, desk -> true)
            .get("topics")
            .valueStream()
            .filter(t -> t.get("id").asString().equals(branch.toString()))
            .findFirst()
            .orElseThrow();
    assertThat(topic.get("label").asString()).isEqualTo("Before and After");
    assertThat(visitor.desk(map).get("topics").valueStream().map(t -> t.get("label").asString()))
        .contains("Both", "Cost of inspection / Inspection costs");
    assertThat(topic.toString()).contains("SIDE_BY_SIDE");

    String inside = "?one=topic:" + before + "&other=topic:" + cost;
    assertThat(visitor.get(path(map) + inside).problem()).contains("stands under the other");
    String same = "?one=topic:" + before + "&other=topic:" + before;
    assertThat(visitor.get(path(map) + same).status()).isEqualTo(400);
    assertThat(visitor.get(path(map) + "?one=nothing&other=topic:x").problem())
        .contains("names nothing to compare");
  }

  @Test
  void two_maps_of_the_same_sources_tell_how_far_they_agree(TestVisitor visitor) {
    UUID map = map(visitor);
    UUID second = map(visitor);
    String query = "?one=map:" + map + "&other=map:" + second;
    JsonNode all = visitor.get(path(map) + query).json();
    assertThat(all.at("/concord/shared").asInt()).isEqualTo(6);
    assertThat(all.at("/passages/both")).hasSize(6);
    assertThat(all.get("named")).hasSize(4);
    UUID foreign = map(visitor.other());
    assertThat(visitor.get(path(map) + "?one=map:" + map + "&other=map:" + foreign).status())
        .isEqualTo(404);
    String root = visitor.desk(map).at("/topics/0/id").asString();
    Map<String, Object> wish =
        Map.of(
            "id", UUID.randomUUID(), "parent", root, "one", "map:" + map, "other", "map:" + second);
    assertThat(visitor.post(path(map) + "/branch", wish).status()).isEqualTo(200);
  }
}
