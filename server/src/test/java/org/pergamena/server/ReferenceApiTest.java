package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.formats.citation.Style;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import org.pergamena.server.testing.TestVisitor.Answer;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class ReferenceApiTest {
  private static final String BIB =
      "@book{kest2031, author = {Kest, Wenna}, title = {Mud and memory}, year = 2031,"
          + " publisher = {Ferrow Press}}\n@article{broken, title = {No end\n";

  private static String path(UUID map) {
    return "/api/maps/" + map + "/references";
  }

  private static JsonNode shown(TestVisitor visitor, UUID map) {
    return visitor.get(path(map)).json();
  }

  private static JsonNode work(JsonNode shown, String key) {
    return shown
        .get("works")
        .valueStream()
        .filter(work -> work.get("key").asString().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private static Answer list(TestVisitor visitor, UUID map, String name, String text) {
    return visitor.uploadTo(path(map) + "/list", name, text.getBytes(StandardCharsets.UTF_8));
  }

  private static String words(JsonNode runs) {
    StringBuilder words = new StringBuilder();
    runs.valueStream().forEach(run -> words.append(run.get("words").asString()));
    return words.toString();
  }

  @Test
  void each_source_is_a_work_with_what_its_file_says_and_passages_cite_it(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode shown = shown(visitor, map);
    assertThat(shown.get("works").size()).isEqualTo(visitor.desk(map).get("sources").size());
    assertThat(shown.get("works").valueStream().map(work -> work.get("key").asString()))
        .doesNotHaveDuplicates()
        .allMatch(key -> key.matches("[a-z][a-z0-9-]+"));
    assertThat(shown.get("style").asString()).isEqualTo(Style.USUAL);
    assertThat(shown.get("citations").valueStream())
        .isNotEmpty()
        .allSatisfy(cited -> assertThat(words(cited.get("words"))).startsWith("("))
        .anySatisfy(cited -> assertThat(words(cited.get("words"))).matches(".*, p\\. \\d+\\)"))
        .anySatisfy(cited -> assertThat(words(cited.get("words"))).matches(".*, \\d+:\\d\\d\\)"));
  }

  @Test
  void a_list_of_references_is_taken_as_far_as_it_is_sound(TestVisitor visitor) {
    UUID map = visitor.newMap();
    JsonNode brought = list(visitor, map, "works.bib", BIB).json();
    assertThat(brought.get("added").asInt()).isEqualTo(1);
    assertThat(brought.at("/faults/0/line").asInt()).isEqualTo(2);
    JsonNode again =
        list(
                visitor,
                map,
                "works.ris",
                "TY  - BOOK\nAU  - Kest, Wenna\nTI  - Mud and Memory\nPY  - 2031\nCY  - Ferrow\n"
                    + "ER  - \n")
            .json();
    assertThat(again.get("added").asInt()).isZero();
    assertThat(again.get("completed").asInt()).isEqualTo(1);
    JsonNode work = work(shown(visitor, map), "kest2031");
    assertThat(work.at("/reference/fields/PLACE").asString()).isEqualTo("Ferrow");
    assertThat(words(work.get("words")))
        .isEqualTo("Kest, W. (2031). Mud and memory. Ferrow Press.");
    assertThat(list(visitor, map, "x.bib", "nothing").problem()).contains("BibTeX");
    for (String ending : List.of("bib", "ris", "json")) {
      UUID other = visitor.newMap();
      String text = visitor.get(path(map) + "/list/" + ending).text();
      assertThat(list(visitor, other, "again." + ending, text).json().get("added").asInt())
          .isEqualTo(1);
      assertThat(work(shown(visitor, other), "kest2031").get("reference"))
          .isEqualTo(work.get("reference"));
    }
    assertThat(visitor.get(path(map) + "/list/exe").status()).isEqualTo(404);
  }

  @Test
  void works_without_a_text_are_added_corrected_given_their_text_and_taken_out(
      TestVisitor visitor) {
    UUID map = visitor.newMap();
    String works = "/api/maps/" + map + "/works";
    Map<String, Object> form = new HashMap<>();
    form.put("type", "BOOK");
    form.put("people", Map.of("AUTHOR", "Pell, Jory"));
    form.put("fields", Map.of("TITLE", "Silt", "ISSUED", "2029"));
    UUID id = UUID.fromString(visitor.post(works, form).json().get("id").asString());
    visitor.post(works, form);
    assertThat(work(shown(visitor, map), "pell2029-2").get("source").asBoolean()).isFalse();
    assertThat(
            visitor.put(works + "/" + id, Map.of("key", "pell2029-2", "reference", form)).problem())
        .contains("Another work");
    assertThat(visitor.put(works + "/" + id, Map.of("key", "A b", "reference", form)).problem())
        .contains("small letters");
    assertThat(visitor.put(works + "/" + id, Map.of("key", "silt", "reference", form)).status())
        .isEqualTo(204);
    Answer added =
        visitor.uploadTo(
            "/api/maps/" + map + "/sources?work=" + id,
            "silt.txt",
            "Silt settles.\n\nIt stays.".getBytes(StandardCharsets.UTF_8));
    String source = added.json().get("id").asString();
    visitor.deskWhen(map, desk -> desk.at("/sources/0/words").asInt() > 0);
    JsonNode work = work(shown(visitor, map), "silt");
    assertThat(work.get("source").asBoolean()).isTrue();
    assertThat(work.get("id").asString()).isEqualTo(source);
    assertThat(work.at("/reference/people/AUTHOR").asString()).isEqualTo("Pell, Jory");
    String other = work(shown(visitor, map), "pell2029-2").get("id").asString();
    assertThat(visitor.delete(works + "/" + other).status()).isEqualTo(204);
    assertThat(shown(visitor, map).get("works").size()).isEqualTo(1);
    assertThat(visitor.delete(works + "/" + other).status()).isEqualTo(404);
  }

  @Test
  void notes_cite_in_the_chosen_style_and_say_which_works_are_not_known(TestVisitor visitor)
      throws IOException {
    UUID map = visitor.newMap();
    list(visitor, map, "works.bib", BIB);
    UUID root = UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
    UUID topic = visitor.add(map, root, null, "Silt");
    visitor.edit(
        map,
        Map.of(
            "type",
            "Note",
            "topic",
            topic,
            "note",
            "It settles [see @kest2031, p. 12] fast [@gone1999]."));
    JsonNode citations = shown(visitor, map).get("citations");
    assertThat(words(citations.at("/0/words"))).isEqualTo("(see Kest, 2031, p. 12)");
    assertThat(citations.at("/0/label").asString()).isEqualTo("Silt");
    assertThat(citations.at("/1/unknown/0").asString()).isEqualTo("gone1999");
    visitor.put(path(map) + "/style", Map.of("style", "chicago-notes", "language", "en"));
    assertThat(words(shown(visitor, map).at("/citations/0/words")))
        .isEqualTo("see Wenna Kest, Mud and Memory (Ferrow Press, 2031), 12.");
    byte[] docx = visitor.export(map, "docx").bytes();
    try (XWPFDocument document = new XWPFDocument(new ByteArrayInputStream(docx))) {
      assertThat(document.getFootnotes())
          .anyMatch(note -> note.getParagraphs().get(0).getText().contains("Mud and Memory"));
      assertThat(document.getParagraphs().stream().map(XWPFParagraph::getText))
          .contains("Kest, Wenna. Mud and Memory. Ferrow Press, 2031.")
          .anyMatch(words -> words.contains("[@gone1999]"));
    }
    assertThat(
            visitor.put(path(map) + "/style", Map.of("style", "none", "language", "en")).status())
        .isEqualTo(400);
    assertThat(
            words(
                visitor
                    .post(path(map) + "/words", Map.of("note", "[-@kest2031, 3]"))
                    .json()
                    .get(0)))
        .contains("Mud and Memory");
  }

  @Test
  void a_style_of_ones_own_is_taken_and_copied_with_the_map(TestVisitor visitor) {
    UUID map = visitor.newMap();
    list(visitor, map, "works.bib", BIB);
    String csl = Style.of("vancouver").orElseThrow().xml();
    assertThat(
            visitor
                .uploadTo(path(map) + "/style", "own.csl", csl.getBytes(StandardCharsets.UTF_8))
                .status())
        .isEqualTo(204);
    assertThat(shown(visitor, map).get("style").asString()).isEqualTo(Style.OWN);
    assertThat(
            visitor
                .uploadTo(path(map) + "/style", "x.csl", "no".getBytes(StandardCharsets.UTF_8))
                .problem())
        .contains("no citation style");
    String copy = visitor.post("/api/maps/" + map + "/copy", Map.of()).json().get("id").asString();
    JsonNode copied = shown(visitor, UUID.fromString(copy));
    assertThat(copied.get("own")).isEqualTo(shown(visitor, map).get("own"));
    assertThat(words(work(copied, "kest2031").get("words"))).startsWith("Kest W. Mud and memory");
  }
}
