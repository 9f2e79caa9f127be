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
import org.pergamena.server.testing.TestVisitor.Answer;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class BringApiTest {
  private static Answer bring(TestVisitor visitor, String name, byte[] bytes) {
    return visitor.uploadTo("/api/imports", name, bytes);
  }

  private static UUID brought(TestVisitor visitor, String name, byte[] bytes) {
    return UUID.fromString(bring(visitor, name, bytes).json().get("id").asString());
  }

  private static byte[] saved(TestVisitor visitor, UUID map, String ending) {
    return visitor.export(map, ending).bytes();
  }

  private static List<String> topics(JsonNode desk) {
    return desk.get("topics")
        .valueStream()
        .map(t -> t.get("number").asString() + t.get("label").asString() + t.get("own"))
        .toList();
  }

  @Test
  void a_whole_map_goes_to_somebody_else_and_is_the_same_there(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    visitor.post(
        "/api/maps/" + map + "/works",
        Map.of("type", "BOOK", "people", Map.of(), "fields", Map.of("TITLE", "Silt")));
    visitor.put(
        "/api/maps/" + map + "/references/style", Map.of("style", "ieee", "language", "de"));
    TestVisitor other = visitor.other();
    UUID there = brought(other, "map.zip", saved(visitor, map, "zip"));
    JsonNode before = visitor.desk(map);
    JsonNode after = other.desk(there);
    assertThat(topics(after)).isEqualTo(topics(before));
    assertThat(after.get("sources").valueStream().map(BringApiTest::source))
        .containsExactlyElementsOf(
            before.get("sources").valueStream().map(BringApiTest::source).toList());
    assertThat(after.at("/facts/share").asDouble()).isEqualTo(before.at("/facts/share").asDouble());
    JsonNode cited = other.get("/api/maps/" + there + "/references").json();
    assertThat(cited.get("style").asString() + cited.get("language").asString())
        .isEqualTo("ieeede");
    JsonNode works = cited.get("works");
    assertThat(works.valueStream().map(work -> work.get("key").asString()))
        .containsExactlyElementsOf(
            visitor
                .get("/api/maps/" + map + "/references")
                .json()
                .get("works")
                .valueStream()
                .map(work -> work.get("key").asString())
                .toList());
    String source = after.at("/sources/0/id").asString();
    String first = before.at("/sources/0/id").asString();
    assertThat(other.get("/api/maps/" + there + "/sources/" + source + "/original").bytes())
        .isEqualTo(visitor.get("/api/maps/" + map + "/sources/" + first + "/original").bytes());
    assertThat(new String(saved(other, there, "md"), StandardCharsets.UTF_8))
        .isEqualTo(new String(saved(visitor, map, "md"), StandardCharsets.UTF_8));
  }

  @Test
  void what_was_corrected_by_hand_in_studies_goes_along(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "one.txt", "The wall is 3.2 kilometres long. It is old.");
    String figures = "/api/maps/" + map + "/figures";
    String key = visitor.get(figures).json().at("/all/0/key").asString();
    visitor.post(figures + "/change", Map.of("key", key, "of", "Length of the wall", "off", false));
    visitor.post(
        "/api/maps/" + map + "/drafts",
        Map.of("name", "Talk", "text", "The wall is old.", "message", "", "perMinute", 130));
    TestVisitor other = visitor.other();
    UUID there = brought(other, "map.zip", saved(visitor, map, "zip"));
    assertThat(other.get("/api/maps/" + there + "/figures").json().at("/all/0/of").asString())
        .isEqualTo("Length of the wall");
    assertThat(other.get("/api/maps/" + there + "/drafts").json()).hasSize(1);
  }

  private static String source(JsonNode source) {
    return source.get("name")
        + " "
        + source.get("words")
        + " "
        + source.get("pages")
        + " "
        + source.get("durationMs")
        + " "
        + source.get("kind");
  }

  @Test
  void other_formats_bring_topics_links_and_passages(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    for (String ending : List.of("json", "jsonld", "opml", "md", "csv")) {
      UUID there = brought(visitor, "map." + ending, saved(visitor, map, ending));
      assertThat(topics(visitor.desk(there))).as(ending).isEqualTo(topics(visitor.desk(map)));
    }
  }

  @Test
  void what_is_no_map_leaves_nothing_behind(TestVisitor visitor) {
    int before = visitor.get("/api/maps").json().size();
    assertThat(bring(visitor, "x.txt", new byte[] {1}).problem()).contains("no map");
    String broken =
        "{\"sources\": [{\"id\": \""
            + new UUID(0, 1)
            + "\", \"text\": \"a\","
            + " \"blocks\": [{\"start\": 0, \"end\": 9, \"kind\": \"PARAGRAPH\", \"level\": 0}]}],"
            + " \"topics\": [{\"id\": \""
            + new UUID(0, 2)
            + "\", \"label\": \"a\"}]}";
    assertThat(bring(visitor, "x.json", broken.getBytes(StandardCharsets.UTF_8)).problem())
        .contains("outside its text");
    assertThat(visitor.get("/api/maps").json().size()).isEqualTo(before);
  }
}
