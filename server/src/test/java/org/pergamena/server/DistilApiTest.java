package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class DistilApiTest {
  private static final String GERMAN =
      "Der alte Deich am Ferrow wird jedes Jahr niedriger. Die Pflege des Deiches kostet die"
          + " Gemeinde viel Geld. Ein neuer Deich schützt den Hafen.\n\nDie Vögel brüten auf der"
          + " Salzwiese. Die Vögel finden dort Futter. Die Salzwiese bremst die Wellen.\n\n";

  private static Map<String, Object> options(Map<String, Object> wishes) {
    return Map.of("levels", 2, "branches", 0, "wishes", wishes);
  }

  private static JsonNode distilled(TestVisitor visitor, UUID map, Map<String, Object> options) {
    Set<String> before = ended(visitor.desk(map));
    assertThat(visitor.post("/api/maps/" + map + "/distil", options).status()).isEqualTo(202);
    JsonNode desk = visitor.deskWhen(map, now -> !before.containsAll(ended(now)));
    if (!desk.at("/facts/again").asBoolean()) {
      return desk;
    }
    assertThat(take(visitor, map, "WHOLE").status()).isEqualTo(204);
    return visitor.desk(map);
  }

  private static TestVisitor.Answer take(TestVisitor visitor, UUID map, String how) {
    return visitor.post(
        "/api/maps/" + map + "/distil/again", Map.of("id", UUID.randomUUID(), "how", how));
  }

  @Test
  void a_map_that_stands_is_not_touched_until_a_person_takes_what_was_distilled_again(
      TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode before = visitor.desk(map);
    String main = before.at("/topics/0/children/0").asString();
    visitor.edit(map, Map.of("type", "Rename", "topic", main, "label", "The wall, as I see it"));
    visitor.edit(map, Map.of("type", "Note", "topic", main, "note", "Ask the warden."));
    JsonNode edited = visitor.desk(map);
    visitor.post("/api/maps/" + map + "/distil", Map.of("levels", 3, "branches", 9));
    JsonNode waiting = visitor.deskWhen(map, desk -> desk.at("/facts/again").asBoolean());
    assertThat(waiting.get("topics")).isEqualTo(edited.get("topics"));
    JsonNode compared = visitor.get("/api/maps/" + map + "/distil/again").json();
    assertThat(compared.get("before").asInt()).isEqualTo(edited.get("topics").size());
    assertThat(compared.at("/outcome/same").asInt()).isPositive();

    assertThat(take(visitor, map, "NOTHING").status()).isEqualTo(204);
    JsonNode left = visitor.desk(map);
    assertThat(left.at("/facts/again").asBoolean()).isFalse();
    assertThat(left.get("topics")).isEqualTo(edited.get("topics"));
    assertThat(take(visitor, map, "WHOLE").status()).isEqualTo(404);

    JsonNode after =
        distilled(visitor, map, Map.of("levels", 3, "branches", 9, "wishes", Map.of()));
    JsonNode own =
        after
            .get("topics")
            .valueStream()
            .filter(t -> t.get("id").asString().equals(main))
            .findFirst()
            .orElseThrow();
    assertThat(own.get("label").asString()).isEqualTo("The wall, as I see it");
    assertThat(own.get("note").asString()).isEqualTo("Ask the warden.");
    assertThat(after.at("/topics/0/label").asString())
        .isEqualTo("Letting the sea back in at Ferrow");
    assertThat(visitor.undo(map).desk().get("topics")).isEqualTo(edited.get("topics"));
  }

  /** The jobs that have ended; after a while they are told no more. */
  private static Set<String> ended(JsonNode desk) {
    return desk.get("jobs")
        .valueStream()
        .filter(j -> j.get("kind").asString().equals("DISTIL"))
        .filter(j -> List.of("DONE", "FAILED").contains(j.get("state").asString()))
        .map(j -> j.get("id").asString())
        .collect(Collectors.toSet());
  }

  @Test
  void a_question_is_answered_in_front_and_what_was_asked_is_kept(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    Map<String, Object> asked = options(Map.of("question", "What did the wall cost?"));
    JsonNode preview = visitor.post("/api/maps/" + map + "/distil/preview", asked).json();
    JsonNode desk = distilled(visitor, map, asked);
    int topics = preview.get("levels").valueStream().mapToInt(JsonNode::asInt).sum();
    assertThat(desk.get("topics").size())
        .as("those that come, the root, and what was done by hand before")
        .isBetween(topics + 1, topics + 3);
    List<JsonNode> mains =
        desk.get("topics").valueStream().filter(t -> t.get("level").asInt() == 1).toList();
    assertThat(mains)
        .anyMatch(
            main ->
                main.get("aside").asBoolean()
                    && main.get("label").asString().equals("Also in the sources"));
    JsonNode last = visitor.get("/api/maps/" + map + "/distil").json();
    assertThat(last.at("/wishes/question").asString()).isEqualTo("What did the wall cost?");
  }

  @Test
  void a_wish_that_cannot_be_met_is_told_before_and_after_and_changes_nothing(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode before = visitor.desk(map);
    Map<String, Object> asked = options(Map.of("question", "Zyzzyva?"));
    TestVisitor.Answer preview = visitor.post("/api/maps/" + map + "/distil/preview", asked);
    assertThat(preview.status()).isEqualTo(422);
    assertThat(preview.problem()).contains("Zyzzyva");
    JsonNode desk = distilled(visitor, map, asked);
    assertThat(desk.get("topics")).isEqualTo(before.get("topics"));
    assertThat(desk.at("/jobs/0/problem").asString()).contains("Zyzzyva");
    Map<String, Object> endless = new HashMap<>(Map.of("question", "x".repeat(600)));
    assertThat(visitor.post("/api/maps/" + map + "/distil/preview", options(endless)).problem())
        .contains("at most 500");
  }

  @Test
  void what_a_term_left_out_is_listed_under_it(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    distilled(
        visitor, map, options(Map.of("without", List.of("oyster"), "terms", List.of("kelp"))));
    JsonNode left = visitor.get("/api/maps/" + map + "/left-out").json();
    List<JsonNode> term =
        left.valueStream().filter(l -> l.get("why").asString().equals("TERM")).toList();
    assertThat(term)
        .isNotEmpty()
        .anyMatch(l -> l.get("exact").asString().toLowerCase().contains("oyster"));
    JsonNode desk = visitor.desk(map);
    assertThat(desk.get("topics").valueStream())
        .anyMatch(t -> t.get("label").asString().equals("Kelp") && t.get("passages").asInt() == 0)
        .noneMatch(t -> t.get("label").asString().toLowerCase().contains("oyster"));
  }

  @Test
  void main_branches_given_beforehand_and_time_work_together(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    Map<String, Object> options = new HashMap<>();
    options.putAll(options(Map.of("mains", List.of("Birds", "The sea wall: bank, stone"))));
    options.put("order", "TIME");
    options.put("detail", "FINE");
    JsonNode desk = distilled(visitor, map, options);
    List<String> mains =
        desk.get("topics")
            .valueStream()
            .filter(t -> t.get("level").asInt() == 1)
            .map(t -> t.get("label").asString())
            .toList();
    assertThat(mains).contains("Birds", "The sea wall").endsWith("Also in the sources");
  }

  @Test
  void a_source_is_distilled_in_its_own_language_and_in_the_one_that_is_set(TestVisitor visitor) {
    UUID map = visitor.newMap();
    String source = visitor.read(map, "deich.txt", GERMAN.repeat(6));
    assertThat(visitor.desk(map).at("/sources/0/language").asString()).isEqualTo("German");
    JsonNode german = distilled(visitor, map, options(Map.of()));
    assertThat(labels(german)).contains("Deich").doesNotContain(" and ");
    visitor.put(
        "/api/maps/" + map + "/sources/" + source,
        Map.of(
            "name",
            "Deich",
            "key",
            "deich",
            "reference",
            Map.of("type", "DOCUMENT", "people", Map.of(), "fields", Map.of()),
            "language",
            "eng"));
    assertThat(labels(distilled(visitor, map, options(Map.of("terms", List.of("Ebbe"))))))
        .contains("Ebbe");
    assertThat(visitor.desk(map).at("/sources/0/language").asString()).isEqualTo("English");
  }

  private static String labels(JsonNode desk) {
    return desk.get("topics").valueStream().map(t -> t.get("label").asString()).toList().toString();
  }
}
