package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.Repository;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

/** What a person does with sources beside bringing them: correcting, replacing, playing. */
@ExtendWith(TestApplication.class)
class GatherApiTest {
  private static final String WALL =
      "The wall was breached in the autumn, when the tides were high and the wind stood east.";
  private static final String BIRDS =
      "The warden counted nineteen waders at every high water of the second winter.";
  private static final String COST =
      "The treasurer asked what the new bank would cost to inspect in the years to come.";

  private static String text(String... paragraphs) {
    return String.join("\n\n", paragraphs);
  }

  private static String path(UUID map, String source) {
    return "/api/maps/" + map + "/sources/" + source;
  }

  private static void link(
      TestVisitor visitor, UUID map, String source, String text, String words) {
    String root = visitor.desk(map).at("/topics/0/id").asString();
    int start = text.indexOf(words);
    Map<String, Object> link =
        Map.of(
            "type",
            "Link",
            "topic",
            root,
            "source",
            source,
            "start",
            start,
            "end",
            start + words.length());
    assertThat(visitor.edit(map, link).status()).isEqualTo(200);
  }

  @Test
  void the_same_bytes_twice_are_the_source_that_is_there(TestVisitor visitor) {
    UUID map = visitor.newMap();
    String first = visitor.read(map, "wall.txt", WALL);
    JsonNode again = visitor.upload(map, "other.txt", WALL.getBytes(StandardCharsets.UTF_8)).json();
    assertThat(again.get("id").asString()).isEqualTo(first);
    assertThat(again.get("already").asString()).isEqualTo("Wall");
    assertThat(visitor.desk(map).get("sources")).hasSize(1);
  }

  @Test
  void a_newer_version_keeps_every_passage_and_lists_those_that_are_lost(TestVisitor visitor) {
    UUID map = visitor.newMap();
    String before = text(WALL, BIRDS, COST);
    String source = visitor.read(map, "notes.txt", before);
    for (String words : List.of(WALL, BIRDS, COST)) {
      link(visitor, map, source, before, words);
    }
    String changed = BIRDS.replace("nineteen", "twenty-one");
    String after = text("A foreword.", changed, WALL);
    visitor.uploadTo(
        path(map, source) + "/file", "notes-2.txt", after.getBytes(StandardCharsets.UTF_8));
    JsonNode desk = visitor.deskWhen(map, d -> d.at("/sources/0/adrift").asInt() == 1);
    assertThat(desk.at("/sources/0/fileName").asString()).isEqualTo("notes-2.txt");
    JsonNode adrift = visitor.get(path(map, source)).json().get("adrift");
    assertThat(adrift.at("/0/exact").asString()).isEqualTo(COST);
    String root = desk.at("/topics/0/id").asString();
    JsonNode passages = visitor.get("/api/maps/" + map + "/topics/" + root + "/passages").json();
    assertThat(passages).hasSize(3);
    assertThat(passages.at("/0/exact").asString()).isEqualTo(WALL);
    assertThat(passages.at("/1/exact").asString()).contains("twenty-one");
    assertThat(passages.at("/2/adrift").asBoolean()).isTrue();
    JsonNode undone = visitor.undo(map).desk();
    assertThat(undone.at("/sources/0/adrift").asInt()).isZero();
    assertThat(undone.at("/sources/0/fileName").asString()).isEqualTo("notes.txt");
    assertThat(visitor.get(path(map, source) + "/text").json().get("text").asString())
        .isEqualTo(before);
  }

  @Test
  void what_a_person_says_of_a_source_is_kept_and_its_kind_corrected(TestVisitor visitor) {
    UUID map = visitor.newMap();
    String source = visitor.read(map, "notes.txt", "# The wall\n\n" + text(WALL, BIRDS, COST));
    JsonNode details = visitor.get(path(map, source)).json();
    assertThat(details.get("headings")).isEmpty();
    assertThat(details.get("languageName").asString()).isEqualTo("English");
    Map<String, Object> said = new HashMap<>();
    said.put("name", "Wall notes");
    said.put("key", "reed2031");
    said.put(
        "reference",
        Map.of(
            "type",
            "MANUSCRIPT",
            "people",
            Map.of("AUTHOR", "Reed, A."),
            "fields",
            Map.of("TITLE", "Field notes", "ISSUED", "2031-05")));
    said.put("language", "deu");
    said.put("chosen", "MARKDOWN");
    assertThat(visitor.put(path(map, source), said).status()).isEqualTo(204);
    JsonNode desk =
        visitor.deskWhen(map, d -> d.at("/sources/0/kind").asString().equals("article"));
    assertThat(desk.at("/sources/0/name").asString()).isEqualTo("Wall notes");
    assertThat(desk.at("/sources/0/language").asString()).isEqualTo("German");
    JsonNode now = visitor.get(path(map, source)).json();
    assertThat(now.at("/headings/0/words").asString()).isEqualTo("The wall");
    assertThat(now.at("/reference/people/AUTHOR").asString()).isEqualTo("Reed, A.");
    assertThat(now.get("key").asString()).isEqualTo("reed2031");
    said.put("chosen", "PDF");
    assertThat(visitor.put(path(map, source), said).problem()).contains("cannot be read as that");
  }

  @Test
  void parts_are_left_out_of_distilling(TestVisitor visitor) {
    UUID map = visitor.newMap();
    String text =
        "# Wall\n\n" + WALL + "\n\n# Birds\n\n" + BIRDS + "\n\n# References\n\n" + COST + "\n";
    String source = visitor.read(map, "notes.md", text);
    String read = visitor.get(path(map, source) + "/text").json().get("text").asString();
    int from = read.indexOf("References");
    assertThat(
            visitor
                .put(
                    path(map, source) + "/exclusions",
                    List.of(Map.of("start", from, "end", read.length())))
                .status())
        .isEqualTo(204);
    visitor.post("/api/maps/" + map + "/distil", Map.of("levels", 2, "branches", 0));
    JsonNode desk = visitor.deskWhen(map, d -> d.get("topics").size() > 1);
    assertThat(desk.get("topics").toString()).doesNotContain("References");
    assertThat(
            visitor
                .put(
                    path(map, source) + "/exclusions",
                    List.of(Map.of("start", 0, "end", 1_000_000)))
                .status())
        .isEqualTo(400);
  }

  @Test
  void a_recording_and_its_transcript_meet_whichever_comes_first(TestVisitor visitor)
      throws Exception {
    byte[] sound = Files.readAllBytes(Repository.root().resolve("demo/web/pilot-talk.opus"));
    String vtt = Files.readString(Repository.root().resolve("demo/web/pilot-talk.vtt"));
    UUID map = visitor.newMap();
    visitor.upload(map, "talk.opus", sound);
    assertThat(visitor.desk(map).at("/sources/0/problem").asString())
        .contains("without a transcript");
    String source = visitor.read(map, "talk.en.vtt", vtt);
    JsonNode desk = visitor.deskWhen(map, d -> d.get("sources").size() == 1);
    assertThat(desk.at("/sources/0/sound").asString()).isEqualTo("audio/ogg");
    plays(visitor, map, source, sound);
    UUID other = visitor.newMap();
    String transcript = visitor.read(other, "talk.vtt", vtt);
    visitor.upload(other, "talk.opus", sound);
    assertThat(visitor.desk(other).get("sources")).hasSize(1);
    plays(visitor, other, transcript, sound);
  }

  private static void plays(TestVisitor visitor, UUID map, String source, byte[] sound)
      throws IOException {
    var whole = visitor.get(path(map, source) + "/recording");
    assertThat(whole.bytes()).isEqualTo(sound);
    var part = visitor.getRange(path(map, source) + "/recording", 100, 199);
    assertThat(part.status()).isEqualTo(206);
    assertThat(part.bytes()).hasSize(100);
    assertThat(part.headers().get("Content-Range")).isEqualTo("bytes 100-199/" + sound.length);
  }

  @Test
  void two_sources_of_nearly_the_same_text_say_so(TestVisitor visitor) {
    UUID map = visitor.newMap();
    String long_ = (WALL + " " + BIRDS + " ").repeat(3);
    visitor.read(map, "first.txt", text(long_));
    visitor.read(map, "other.txt", text("Barley was sown on the fields until the sea came in."));
    visitor.read(map, "second.txt", text(long_, "A last word was added to it."));
    JsonNode sources = visitor.desk(map).get("sources");
    assertThat(sources.get(0).get("like").isNull()).isTrue();
    assertThat(sources.get(1).get("like").isNull()).isTrue();
    assertThat(sources.get(2).get("like").asString())
        .isEqualTo(sources.get(0).get("name").asString());
  }

  @Test
  void all_sources_are_searched_at_once_and_one_alike(TestVisitor visitor, TestVisitor other) {
    UUID map = visitor.newMap();
    visitor.read(map, "a.txt", WALL);
    visitor.read(map, "b.txt", text(BIRDS, "The w\u00e4rden wrote it down."));
    JsonNode found = visitor.get("/api/maps/" + map + "/search?words=warden").json();
    assertThat(found).hasSize(1);
    assertThat(found.at("/0/hits")).hasSize(2);
    assertThat(found.at("/0/hits/0/place").asString()).isEqualTo("line 1");
    assertThat(
            visitor.get("/api/maps/" + map + "/search?words=waders%20counted").json().at("/0/hits"))
        .hasSize(1);
    assertThat(visitor.get("/api/maps/" + map + "/search?words=zebra").json()).isEmpty();
    String path = "/api/maps/" + map + "/sources/" + found.at("/0/source").asString() + "/search";
    JsonNode first = visitor.get(path + "?words=WARDEN").json().get(0);
    assertThat(first.get("start")).isEqualTo(found.at("/0/hits/0/start"));
    assertThat(first.get("end")).isEqualTo(found.at("/0/hits/0/end"));
    assertThat(visitor.get(path + "?words=%20").json()).isEmpty();
    assertThat(other.get(path + "?words=warden").status()).isEqualTo(404);
  }

  @Test
  void pages_of_the_simulated_web_are_fetched_and_private_ones_are_not(TestVisitor visitor) {
    UUID map = visitor.newMap();
    JsonNode samples = visitor.get("/api/session").json().get("samples");
    for (JsonNode sample : samples) {
      visitor.post("/api/maps/" + map + "/sources/address", Map.of("address", sample.asString()));
    }
    JsonNode desk =
        visitor.deskWhen(
            map,
            d ->
                d.get("sources").valueStream().filter(s -> s.get("length").asInt() > 0).count()
                    == samples.size());
    assertThat(desk.at("/sources/0/name").asString()).contains("The night the wall was opened");
    assertThat(desk.at("/sources/0/author").asString()).isEqualTo("Imre Castellan");
    assertThat(desk.at("/sources/0/dated").asString()).isEqualTo("2031-10-14");
    String two = desk.at("/sources/1/id").asString();
    assertThat(visitor.get(path(map, two) + "/text").json().get("text").asString())
        .contains("blue carbon")
        .contains("What methane takes back")
        .doesNotContain("Archive");
    assertThat(desk.at("/sources/2/sound").asString()).isEqualTo("audio/ogg");
    URI own = URI.create(visitor.address());
    visitor.post(
        "/api/maps/" + map + "/sources/address",
        Map.of("address", "http://127.0.0.1:" + own.getPort() + "/api/session"));
    JsonNode refused = visitor.deskWhen(map, d -> d.at("/sources/3/problem").isString());
    assertThat(refused.at("/sources/3/problem").asString()).contains("only the usual ports");
  }
}
