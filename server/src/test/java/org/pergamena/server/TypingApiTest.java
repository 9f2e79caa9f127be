package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.core.writing.Typing;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

/** Texts that are saved while they are typed, in one place or in two. */
@ExtendWith(TestApplication.class)
class TypingApiTest {
  private static JsonNode root(TestVisitor visitor, UUID map) {
    return visitor.desk(map).at("/topics/0");
  }

  private static void type(
      TestVisitor visitor, UUID map, Map<String, ?> edit, String from, UUID field) {
    Map<String, ?> sent =
        Map.of(
            "id", UUID.randomUUID(), "edit", edit, "typed", Map.of("from", from, "field", field));
    assertThat(visitor.post("/api/maps/" + map + "/edits", sent).status()).isEqualTo(200);
  }

  private static void note(TestVisitor visitor, UUID map, String words, String from, UUID field) {
    String topic = root(visitor, map).get("id").asString();
    type(visitor, map, Map.of("type", "Note", "topic", topic, "note", words), from, field);
  }

  private static JsonNode history(TestVisitor visitor, UUID map) {
    return visitor.get("/api/maps/" + map + "/history").json().get("entries");
  }

  @Test
  void what_is_saved_while_one_types_is_one_change(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID field = UUID.randomUUID();
    note(visitor, map, "The", "", field);
    note(visitor, map, "The wall", "The", field);
    note(visitor, map, "The wall is old", "The wall", field);
    assertThat(history(visitor, map)).hasSize(1);
    note(visitor, map, "The wall is very old", "The wall is old", UUID.randomUUID());
    assertThat(history(visitor, map)).hasSize(2);

    visitor.undo(map);
    assertThat(root(visitor, map).get("note").asString()).isEqualTo("The wall is old");
    visitor.undo(map);
    assertThat(root(visitor, map).get("note").asString()).isEmpty();
    visitor.redo(map);
    assertThat(root(visitor, map).get("note").asString()).isEqualTo("The wall is old");
  }

  @Test
  void a_topic_that_is_named_while_it_is_added_is_one_change(TestVisitor visitor) {
    UUID map = visitor.newMap();
    String root = root(visitor, map).get("id").asString();
    UUID field = UUID.randomUUID();
    UUID topic = UUID.randomUUID();
    type(
        visitor,
        map,
        Map.of("type", "Add", "topic", topic, "parent", root, "label", "Cre"),
        "",
        field);
    type(visitor, map, Map.of("type", "Rename", "topic", topic, "label", "Creeks"), "Cre", field);
    assertThat(visitor.desk(map).at("/topics/1/label").asString()).isEqualTo("Creeks");
    visitor.undo(map);
    assertThat(visitor.desk(map).get("topics")).hasSize(1);
    visitor.redo(map);
    assertThat(visitor.desk(map).at("/topics/1/label").asString()).isEqualTo("Creeks");
    // an earlier state is still found through what was typed
    assertThat(visitor.get("/api/maps/" + map + "/history/0").status()).isEqualTo(200);
  }

  @Test
  void a_state_that_was_named_while_one_types_stays_to_be_gone_back_to(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID field = UUID.randomUUID();
    note(visitor, map, "The wall", "", field);
    String number = history(visitor, map).at("/0/number").asString();
    visitor.put("/api/maps/" + map + "/history/" + number + "/name", Map.of("name", "First"));
    note(visitor, map, "The wall is old", "The wall", field);
    assertThat(history(visitor, map)).hasSize(2);
    JsonNode past = visitor.get("/api/maps/" + map + "/history/" + number).json();
    assertThat(past.at("/topics/0/note").asString()).isEqualTo("The wall");
  }

  @Test
  void what_is_typed_in_two_places_is_merged_or_kept_twice_and_said(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID one = UUID.randomUUID();
    UUID other = UUID.randomUUID();
    note(visitor, map, "Old wall, new bank", "", UUID.randomUUID());
    note(visitor, map, "Old stone wall, new bank", "Old wall, new bank", one);
    note(visitor, map, "Old wall, new clay bank", "Old wall, new bank", other);
    assertThat(root(visitor, map).get("note").asString())
        .isEqualTo("Old stone wall, new clay bank");
    assertThat(visitor.desk(map).get("comments")).isEmpty();

    note(visitor, map, "Old brick wall, new bank", "Old stone wall, new bank", one);
    note(visitor, map, "Old flint wall, new clay bank", "Old stone wall, new clay bank", other);
    assertThat(root(visitor, map).get("note").asString())
        .isEqualTo("Old brick / flint wall, new clay bank");
    assertThat(visitor.desk(map).at("/comments/0/text").asString()).isEqualTo(Typing.BOTH);
  }
}
