package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.Repository;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class SourcesApiTest {
  private static final Path DEMO = Repository.root().resolve("demo");

  private static boolean read(JsonNode desk, int sources) {
    return desk.get("sources").valueStream().filter(s -> s.get("length").asInt() > 0).count()
        == sources;
  }

  private static boolean over(JsonNode desk) {
    return desk.get("jobs")
        .valueStream()
        .allMatch(
            job -> List.of("DONE", "FAILED", "CANCELLED").contains(job.get("state").asString()));
  }

  @Test
  void files_are_read_and_distilled_to_a_map(TestVisitor visitor) throws IOException {
    UUID map = visitor.newMap();
    for (String name :
        List.of("survey-report.pdf", "marsh-and-memory.md", "wardens-interview.vtt")) {
      assertThat(visitor.upload(map, name, Files.readAllBytes(DEMO.resolve(name))).status())
          .isEqualTo(201);
    }
    JsonNode desk = visitor.deskWhen(map, d -> read(d, 3));
    assertThat(desk.at("/sources/0/name").asString()).isEqualTo("Ferrow survey report");
    assertThat(desk.at("/sources/0/pages").asInt()).isGreaterThanOrEqualTo(12);
    assertThat(desk.at("/sources/1/kind").asString()).isEqualTo("article");
    assertThat(desk.at("/sources/2/durationMs").asLong()).isGreaterThan(19 * 60_000);

    assertThat(
            visitor
                .post("/api/maps/" + map + "/distil", Map.of("levels", 3, "branches", 0))
                .status())
        .isEqualTo(202);
    JsonNode distilled = visitor.deskWhen(map, d -> d.get("topics").size() > 1 && over(d));
    assertThat(distilled.at("/topics/0/children").size()).isBetween(4, 10);
    assertThat(distilled.at("/topics/0/label").asString()).isNotEqualTo("Untitled map");
    assertThat(distilled.at("/facts/share").asDouble()).isGreaterThan(0.9);
    assertThat(distilled.at("/sources/0/ribbon").size()).isGreaterThan(2);
    JsonNode undone = visitor.undo(map).desk();
    assertThat(undone.get("topics")).hasSize(1);
    assertThat(undone.at("/topics/0/label").asString()).isEqualTo("Untitled map");
  }

  @Test
  void one_bad_file_says_why_and_the_others_go_on(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.upload(
        map, "broken.vtt", "WEBVTT\n\n00:xx --> 00:02\nhi".getBytes(StandardCharsets.UTF_8));
    visitor.upload(map, "good.txt", "The wall is old and tired.".getBytes(StandardCharsets.UTF_8));
    JsonNode desk = visitor.deskWhen(map, d -> read(d, 1) && over(d));
    assertThat(desk.at("/sources/0/problem").asString()).startsWith("Line 3 should give two times");
    assertThat(desk.at("/sources/1/problem").isNull()).isTrue();
    String broken = "/api/maps/" + map + "/sources/" + desk.at("/sources/0/id").asString();
    assertThat(visitor.post(broken + "/reading", null).status()).isEqualTo(202);
    visitor.deskWhen(map, SourcesApiTest::over);
    assertThat(visitor.delete(broken).status()).isEqualTo(204);
    assertThat(visitor.desk(map).get("sources")).hasSize(1);
  }

  @Test
  void pasted_text_is_a_source_and_headings_make_it_markdown(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.post(
        "/api/maps/" + map + "/sources/pasted",
        Map.of("title", "My notes", "text", "# Wall\n\nIt is old.\n\n# Birds\n\nThey came back."));
    JsonNode desk = visitor.deskWhen(map, d -> read(d, 1));
    assertThat(desk.at("/sources/0/name").asString()).isEqualTo("My notes");
    assertThat(desk.at("/sources/0/kind").asString()).isEqualTo("article");
    assertThat(
            visitor
                .post("/api/maps/" + map + "/sources/pasted", Map.of("title", "x", "text", " "))
                .status())
        .isEqualTo(400);
  }

  @Test
  void the_original_bytes_are_kept(TestVisitor visitor) {
    UUID map = visitor.newMap();
    byte[] bytes = "The w\u00e4ll.\r\n".getBytes(StandardCharsets.ISO_8859_1);
    String id = visitor.upload(map, "n\u00f6tes.txt", bytes).json().get("id").asString();
    var original = visitor.get("/api/maps/" + map + "/sources/" + id + "/original");
    assertThat(original.bytes()).isEqualTo(bytes);
    assertThat(original.headers().get("Content-Disposition")).contains("attachment");
    assertThat(visitor.other().get("/api/maps/" + map + "/sources/" + id + "/original").status())
        .isEqualTo(404);
  }

  @Test
  void a_source_is_taken_out_with_its_passages_and_comes_back_by_undo(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode before = visitor.desk(map);
    String source = before.at("/sources/0/id").asString();
    String path = "/api/maps/" + map + "/sources/" + source;
    JsonNode details = visitor.get(path).json();
    assertThat(details.get("resting").size()).isGreaterThan(3);
    assertThat(visitor.delete(path).status()).isEqualTo(204);
    JsonNode without = visitor.desk(map);
    assertThat(without.get("sources")).hasSize(before.get("sources").size() - 1);
    assertThat(without.at("/topics/0/passages").asInt())
        .isLessThan(before.at("/topics/0/passages").asInt());
    JsonNode after = visitor.undo(map).desk();
    assertThat(after.get("topics")).isEqualTo(before.get("topics"));
    assertThat(after.get("sources")).isEqualTo(before.get("sources"));
  }

  @Test
  void there_must_be_something_to_distil_and_sensible_choices(TestVisitor visitor) {
    UUID map = visitor.newMap();
    String distil = "/api/maps/" + map + "/distil";
    assertThat(visitor.post(distil, Map.of("levels", 3, "branches", 0)).problem())
        .startsWith("There is no source to distil");
    assertThat(visitor.post(distil, Map.of("levels", 9, "branches", 0)).status()).isEqualTo(400);
  }

  @Test
  void a_title_that_a_person_gave_survives_distilling(TestVisitor visitor) {
    UUID map = visitor.newMap();
    String root = visitor.desk(map).at("/topics/0/id").asString();
    visitor.edit(map, Map.of("type", "Rename", "topic", root, "label", "My marsh"));
    visitor.post(
        "/api/maps/" + map + "/sources/pasted",
        Map.of("title", "t", "text", "# Wall\n\nIt is old.\n\n# Birds\n\nThey came back."));
    visitor.deskWhen(map, d -> read(d, 1));
    visitor.post("/api/maps/" + map + "/distil", Map.of("levels", 1, "branches", 0));
    JsonNode desk = visitor.deskWhen(map, d -> d.get("topics").size() > 1);
    assertThat(desk.at("/topics/0/label").asString()).isEqualTo("My marsh");
  }
}
