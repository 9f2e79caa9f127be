package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

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
class MapsApiTest {
  private static Answer edit(TestVisitor visitor, UUID map, Map<String, Object> edit) {
    return visitor.edit(map, edit);
  }

  private static UUID root(JsonNode desk) {
    return UUID.fromString(desk.at("/topics/0/id").asString());
  }

  private static List<String> outline(JsonNode desk) {
    return desk.get("topics")
        .valueStream()
        .map(t -> (t.get("number").asString() + " " + t.get("label").asString()).strip())
        .toList();
  }

  @Test
  void every_visitor_has_a_demonstration_map_of_their_own(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode desk = visitor.desk(map);
    assertThat(desk.at("/topics/0/label").asString())
        .isEqualTo("Letting the sea back in at Ferrow");
    assertThat(desk.get("sources")).hasSize(7);
    assertThat(desk.get("topics").valueStream().map(t -> t.get("note").asString()))
        .anyMatch(note -> note.startsWith("Savings claimed"));
    TestVisitor other = visitor.other();
    assertThat(other.firstMap()).isNotEqualTo(map);
    assertThat(other.get("/api/maps/" + map).status()).isEqualTo(404);
    assertThat(
            edit(other, map, Map.of("type", "Rename", "topic", root(desk), "label", "x")).status())
        .isEqualTo(404);
    edit(visitor, map, Map.of("type", "Rename", "topic", root(desk), "label", "Mine"));
    assertThat(other.desk(other.firstMap()).at("/topics/0/label").asString())
        .isEqualTo("Letting the sea back in at Ferrow");
  }

  @Test
  void edits_are_kept_undone_and_done_again(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = root(visitor.desk(map));
    UUID wall = visitor.add(map, root, null, "Wall");
    UUID birds = visitor.add(map, root, wall, "Birds");
    visitor.add(map, wall, null, "Age");
    edit(visitor, map, Map.of("type", "Rename", "topic", birds, "label", "Wading birds"));
    edit(visitor, map, Map.of("type", "Note", "topic", birds, "note", "Counted monthly"));
    edit(visitor, map, Map.of("type", "Move", "topic", wall, "parent", birds));
    List<String> after = List.of("Untitled map", "1 Wading birds", "1.1 Wall", "1.1.1 Age");
    assertThat(outline(visitor.desk(map))).isEqualTo(after);

    for (int i = 0; i < 6; i++) {
      assertThat(visitor.undo(map).status()).isEqualTo(200);
    }
    JsonNode undone = visitor.desk(map);
    assertThat(outline(undone)).containsExactly("Untitled map");
    assertThat(undone.at("/facts/canUndo").asBoolean()).isFalse();
    assertThat(visitor.undo(map).problem()).isEqualTo("There is nothing to undo.");
    for (int i = 0; i < 6; i++) {
      visitor.redo(map);
    }
    assertThat(outline(visitor.desk(map))).isEqualTo(after);
    assertThat(visitor.desk(map).at("/topics/1/note").asString()).isEqualTo("Counted monthly");
  }

  @Test
  void a_new_edit_after_an_undo_takes_the_place_of_what_could_be_redone(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = root(visitor.desk(map));
    visitor.add(map, root, null, "One");
    visitor.undo(map);
    visitor.add(map, root, null, "Two");
    JsonNode desk = visitor.desk(map);
    assertThat(desk.at("/facts/canRedo").asBoolean()).isFalse();
    visitor.undo(map);
    visitor.redo(map);
    assertThat(outline(visitor.desk(map))).containsExactly("Untitled map", "1 Two");
  }

  @Test
  void removing_a_branch_with_passages_is_undone_whole(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode before = visitor.desk(map);
    String main = before.at("/topics/0/children/0").asString();
    edit(visitor, map, Map.of("type", "Remove", "topic", main));
    assertThat(visitor.desk(map).get("topics").size()).isLessThan(before.get("topics").size());
    JsonNode after = visitor.undo(map).desk();
    assertThat(after.get("topics")).isEqualTo(before.get("topics"));
    assertThat(after.get("sources")).isEqualTo(before.get("sources"));
  }

  @Test
  void words_are_linked_by_hand_and_unlinked(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode desk = visitor.desk(map);
    JsonNode leaf =
        desk.get("topics")
            .valueStream()
            .filter(t -> t.get("children").isEmpty())
            .findFirst()
            .orElseThrow();
    String topic = leaf.get("id").asString();
    String source = desk.at("/sources/3/id").asString();
    String text =
        visitor
            .get("/api/maps/" + map + "/sources/" + source + "/text")
            .json()
            .get("text")
            .asString();
    int start = text.indexOf("The harbour master reported on the January storm");
    Map<String, Object> link =
        Map.of("type", "Link", "topic", topic, "source", source, "start", start, "end", start + 18);
    assertThat(edit(visitor, map, link).status()).isEqualTo(200);
    assertThat(edit(visitor, map, link).problem()).contains("already");
    String passages = "/api/maps/" + map + "/topics/" + topic + "/passages";
    JsonNode linked = visitor.get(passages).json();
    JsonNode last = linked.get(linked.size() - 1);
    assertThat(last.get("exact").asString()).isEqualTo("The harbour master");
    assertThat(last.get("origin").asString()).isEqualTo("HAND_LINKED");
    assertThat(
            visitor.get("/api/maps/" + map + "/sources/" + source + "/marks").json().valueStream())
        .anyMatch(mark -> mark.get("evidence").equals(last.get("evidence")));
    edit(
        visitor,
        map,
        Map.of("type", "Unlink", "topic", topic, "evidence", last.get("evidence").asString()));
    assertThat(visitor.get(passages).json()).hasSize(linked.size() - 1);
    assertThat(
            edit(
                    visitor,
                    map,
                    Map.of(
                        "type", "Link", "topic", topic, "source", source, "start", 5, "end",
                        9_999_999))
                .problem())
        .contains("does not lie in");
  }

  @Test
  void a_passage_is_no_whole_book(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "log.txt", "The wall was opened in autumn. ".repeat(1_000));
    JsonNode desk = visitor.desk(map);
    Map<String, Object> whole =
        Map.of(
            "type",
            "Link",
            "topic",
            root(desk),
            "source",
            desk.at("/sources/0/id").asString(),
            "start",
            0,
            "end",
            20_001);
    assertThat(edit(visitor, map, whole).problem()).contains("at most 20,000 characters");
  }

  @Test
  void an_edit_that_breaks_a_rule_is_refused_with_a_sentence(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = root(visitor.desk(map));
    Answer removal = edit(visitor, map, Map.of("type", "Remove", "topic", root));
    assertThat(removal.status()).isEqualTo(422);
    assertThat(removal.headers().get("Content-Type")).startsWith("application/problem+json");
    assertThat(removal.problem()).startsWith("The root carries");
    assertThat(edit(visitor, map, Map.of("type", "Fly", "topic", root)).status()).isEqualTo(400);
    assertThat(edit(visitor, map, Map.of("type", "Rename", "topic", root)).problem())
        .contains("label");
    assertThat(visitor.desk(map).at("/facts/revision").asInt()).isZero();
  }

  @Test
  void branches_close_open_and_fit_a_window(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    String folds = "/api/maps/" + map + "/folds";
    JsonNode mains = visitor.put(folds, Map.of("level", 1)).desk();
    int children = mains.at("/topics/0/children").size();
    assertThat(mains.at("/scene/topics")).hasSize(children + 1);
    JsonNode all = visitor.put(folds, Map.of("closed", List.of())).desk();
    assertThat(all.at("/scene/topics")).hasSize(all.get("topics").size());
    JsonNode fitting = visitor.put(folds, Map.of("width", 1200, "height", 800)).desk();
    assertThat(fitting.at("/scene/height").asDouble()).isLessThanOrEqualTo(800);
    assertThat(fitting.at("/scene/topics").size()).isGreaterThan(children + 1);
    assertThat(fitting.at("/facts/revision")).isEqualTo(mains.at("/facts/revision"));
  }

  @Test
  void one_branch_is_closed_and_opened_without_touching_the_others(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    String folds = "/api/maps/" + map + "/folds";
    JsonNode mains = visitor.put(folds, Map.of("level", 1)).desk();
    long closed = closed(mains);
    String first = mains.at("/topics/0/children/0").asString();
    assertThat(closed(visitor.put(folds, Map.of("open", List.of(first))).desk()))
        .isEqualTo(closed - 1);
    assertThat(closed(visitor.put(folds, Map.of("close", List.of(first))).desk()))
        .isEqualTo(closed);
  }

  private static long closed(JsonNode desk) {
    return desk.get("topics").valueStream().filter(t -> t.get("closed").asBoolean()).count();
  }

  @Test
  void a_remark_is_made_resolved_and_there_again_with_its_topic(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID wall = visitor.add(map, root(visitor.desk(map)), null, "Wall");
    UUID comment = UUID.randomUUID();
    visitor.edit(
        map, Map.of("type", "Say", "comment", comment, "subject", wall, "text", " How old? "));
    JsonNode said =
        visitor.edit(map, Map.of("type", "Reword", "comment", comment, "text", "How high?")).desk();
    assertThat(said.at("/comments/0/text").asString()).isEqualTo("How high?");
    assertThat(said.at("/comments/0/subject").asString()).isEqualTo(wall.toString());
    JsonNode settled =
        visitor.edit(map, Map.of("type", "Settle", "comment", comment, "resolved", true)).desk();
    assertThat(settled.at("/comments/0/resolved").asBoolean()).isTrue();
    assertThat(visitor.undo(map).desk().at("/comments/0/resolved").asBoolean()).isFalse();
    visitor.edit(map, Map.of("type", "Remove", "topic", wall));
    assertThat(visitor.undo(map).desk().get("comments")).hasSize(1);
    JsonNode without = visitor.edit(map, Map.of("type", "Unsay", "comment", comment)).desk();
    assertThat(without.get("comments")).isEmpty();
    Map<String, Object> blank =
        Map.of("type", "Say", "comment", comment, "subject", wall, "text", "  ");
    assertThat(edit(visitor, map, blank).problem()).contains("A remark has");
  }

  @Test
  void a_topic_lies_loose_and_is_shown_again_under_another(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = root(visitor.desk(map));
    UUID wall = visitor.add(map, root, null, "Wall");
    UUID stone = visitor.add(map, wall, null, "Stone");
    UUID birds = visitor.add(map, root, wall, "Birds");
    UUID idea = UUID.randomUUID();
    visitor.edit(
        map, Map.of("type", "AddLoose", "topic", idea, "label", "Idea", "x", -20, "y", 300));
    visitor.edit(map, Map.of("type", "Note", "topic", idea, "note", "What if it rains?"));
    visitor.edit(map, Map.of("type", "Lay", "topic", birds, "x", 10, "y", 400));
    UUID also = UUID.randomUUID();
    JsonNode desk =
        visitor
            .edit(map, Map.of("type", "ShowAlso", "also", also, "topic", stone, "parent", birds))
            .desk();
    assertThat(desk.at("/topics/3/number").asString()).isEqualTo("a");
    assertThat(desk.at("/topics/3/loose/y").asDouble()).isEqualTo(400);
    assertThat(desk.at("/topics/4/label").asString()).isEqualTo("Idea");
    assertThat(desk.at("/scene/topics").valueStream().map(p -> p.path("again").asString("")))
        .contains(stone.toString());
    assertThat(desk.get("scene").toString()).contains("What if it rains?");
    assertThat(visitor.desk(map).get("scene")).isEqualTo(desk.get("scene"));
    assertThat(visitor.export(map, "md").text()).contains("*also here:* Stone (1.1)");
    Map<String, Object> under =
        Map.of("type", "ShowAlso", "also", UUID.randomUUID(), "topic", wall, "parent", stone);
    assertThat(edit(visitor, map, under).problem()).contains("under itself");

    JsonNode moved =
        visitor.edit(map, Map.of("type", "Move", "topic", stone, "parent", birds)).desk();
    assertThat(moved.get("also")).isEmpty();
    JsonNode back = visitor.undo(map).desk();
    assertThat(back.get("also")).hasSize(1);
    JsonNode hung = visitor.edit(map, Map.of("type", "Move", "topic", idea, "parent", wall)).desk();
    assertThat(hung.get("topics").valueStream().filter(t -> t.get("loose").isObject())).hasSize(1);
    visitor.edit(map, Map.of("type", "Remove", "topic", birds));
    assertThat(visitor.desk(map).get("also")).isEmpty();
    assertThat(visitor.undo(map).desk().get("also")).hasSize(1);
    assertThat(visitor.edit(map, Map.of("type", "HideAlso", "also", also)).desk().get("also"))
        .isEmpty();
  }

  @Test
  void a_link_turns_is_supposed_and_noted_and_topics_have_definitions_words_and_tags(
      TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = root(visitor.desk(map));
    UUID wall = visitor.add(map, root, null, "Wall");
    UUID birds = visitor.add(map, root, wall, "Birds");
    JsonNode before = visitor.desk(map);
    UUID link = UUID.randomUUID();
    Map<String, ?> several =
        Map.of(
            "type",
            "Several",
            "edits",
            List.of(
                Map.of(
                    "type", "Connect", "link", link, "from", wall, "to", birds, "phrase", "feeds"),
                Map.of("type", "Reattach", "link", link, "from", birds, "to", wall),
                Map.of("type", "Qualify", "link", link, "direction", "BOTH", "supposed", true),
                Map.of("type", "Remark", "link", link, "note", "Since the storm?"),
                Map.of("type", "Define", "topic", wall, "definition", "A bank.", "pinned", true),
                Map.of("type", "Lead", "topic", birds, "phrase", "home of"),
                Map.of("type", "Mark", "topic", birds, "tags", List.of("agreed", "mine")),
                Map.of("type", "Arrange", "crossing", "TIES", "numbered", false),
                Map.of(
                    "type",
                    "Legend",
                    "tags",
                    List.of(Map.of("id", "mine", "word", "mine", "meaning", "", "sign", "leaf")))));
    JsonNode desk = visitor.edit(map, several).desk();
    JsonNode across = desk.at("/links/0");
    assertThat(across.get("from").asString()).isEqualTo(birds.toString());
    assertThat(across.get("direction").asString()).isEqualTo("BOTH");
    assertThat(across.get("supposed").asBoolean()).isTrue();
    assertThat(across.get("note").asString()).isEqualTo("Since the storm?");
    assertThat(desk.at("/topics/1/definition").asString()).isEqualTo("A bank.");
    assertThat(desk.at("/topics/1/pinned").asBoolean()).isTrue();
    assertThat(desk.at("/topics/2/lead").asString()).isEqualTo("home of");
    assertThat(desk.at("/topics/2/tags").valueStream().map(JsonNode::asString))
        .containsExactly("mine");
    assertThat(desk.at("/scene/links/0/tie").asBoolean()).isTrue();
    String path =
        visitor.get("/api/signs/named?names=leaf,nothing").json().at("/0/path").asString();
    assertThat(path).startsWith("m");
    assertThat(visitor.desk(map).get("topics")).isEqualTo(desk.get("topics"));
    JsonNode undone = visitor.undo(map).desk();
    assertThat(undone.get("topics")).isEqualTo(before.get("topics"));
    assertThat(undone.at("/facts/legend")).hasSize(12);
  }

  @Test
  void a_branch_is_laid_out_around_and_not_further_than_around(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID wall = visitor.add(map, root(visitor.desk(map)), null, "Wall");
    Map<String, Object> fan = Map.of("layout", "RADIAL", "fanFrom", 45, "fanSpread", 90);
    edit(visitor, map, Map.of("type", "ArrangeBranch", "topic", wall, "arrangement", fan));
    JsonNode desk = visitor.desk(map);
    assertThat(desk.at("/topics/1/arrangement/fanSpread").asInt()).isEqualTo(90);
    assertThat(desk.at("/topics/0/arrangement").isNull()).isTrue();
    JsonNode json = visitor.export(map, "json").json();
    assertThat(json.at("/topics/1/arrangement/fan/from").asInt()).isEqualTo(45);
    fan = Map.of("layout", "RADIAL", "fanFrom", 45, "fanSpread", 900);
    assertThat(
            edit(visitor, map, Map.of("type", "ArrangeBranch", "topic", wall, "arrangement", fan))
                .problem())
        .contains("opens by 30 to 360");
  }

  @Test
  void a_cross_link_and_an_ink_go_into_the_map_the_files_and_back_by_undo(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = root(visitor.desk(map));
    UUID wall = visitor.add(map, root, null, "Wall");
    UUID birds = visitor.add(map, root, wall, "Birds");
    UUID link = UUID.randomUUID();
    edit(
        visitor,
        map,
        Map.of("type", "Connect", "link", link, "from", wall, "to", birds, "phrase", "keeps out"));
    edit(visitor, map, Map.of("type", "Rephrase", "link", link, "phrase", "shelters"));
    edit(
        visitor,
        map,
        Map.of(
            "type",
            "Paint",
            "topic",
            wall,
            "below",
            false,
            "style",
            Map.of("ink", "WOAD", "bold", true)));
    edit(
        visitor,
        map,
        Map.of("type", "Arrange", "theme", "NIGHT", "arrangement", Map.of("layout", "BOTH_SIDES")));
    JsonNode desk = visitor.desk(map);
    assertThat(desk.at("/links/0/phrase").asString()).isEqualTo("shelters");
    assertThat(desk.at("/scene/links/0/from").asString()).isEqualTo(wall.toString());
    assertThat(desk.at("/topics/1/style/ink").asString()).isEqualTo("WOAD");
    assertThat(desk.at("/facts/arrangement/layout").asString()).isEqualTo("BOTH_SIDES");
    assertThat(desk.at("/facts/theme").asString()).isEqualTo("NIGHT");
    assertThat(visitor.export(map, "svg").text()).contains("fill=\"#1F1C19\"");
    assertThat(visitor.export(map, "md").text()).contains("*shelters* \u2192 Birds (2)");
    JsonNode json = visitor.export(map, "json").json();
    assertThat(json.at("/links/0/phrase").asString()).isEqualTo("shelters");
    assertThat(json.at("/topics/1/style/ink").asString()).isEqualTo("WOAD");
    assertThat(
            edit(
                    visitor,
                    map,
                    Map.of(
                        "type",
                        "Connect",
                        "link",
                        UUID.randomUUID(),
                        "from",
                        wall,
                        "to",
                        birds,
                        "phrase",
                        "Shelters"))
                .problem())
        .contains("is linked to \"Birds\" with the same words already");
    for (int i = 0; i < 4; i++) {
      visitor.undo(map);
    }
    JsonNode undone = visitor.desk(map);
    assertThat(undone.get("links")).isEmpty();
    assertThat(undone.at("/topics/1/style").isNull()).isTrue();
    assertThat(undone.at("/facts/arrangement/layout").asString()).isEqualTo("BRACES");
  }

  @Test
  void a_page_is_sent_only_what_has_changed_since_the_state_that_it_has(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode desk = visitor.desk(map);
    long stamp = desk.at("/facts/stamp").asLong();
    String leaf = desk.at("/topics/2/id").asString();
    Map<String, Object> rename = Map.of("type", "Rename", "topic", leaf, "label", "Wall and bank");
    Answer answer =
        visitor.post(
            "/api/maps/" + map + "/edits",
            Map.of("id", UUID.randomUUID(), "base", stamp, "edit", rename));
    JsonNode patch = answer.json();
    assertThat(patch.get("whole").isNull()).isTrue();
    assertThat(patch.get("base").asLong()).isEqualTo(stamp);
    assertThat(patch.get("topics")).hasSize(1);
    assertThat(patch.at("/topics/0/label").asString()).isEqualTo("Wall and bank");
    assertThat(patch.get("sources")).isEmpty();
    assertThat(answer.bytes().length).isLessThan(6000);
    String since = "/api/maps/" + map + "/patch?since=";
    assertThat(visitor.get(since + stamp).json().get("topics")).hasSize(1);
    long now = patch.at("/facts/stamp").asLong();
    assertThat(visitor.get(since + now).json().get("scene").isNull()).isTrue();
    assertThat(visitor.get(since + 17).json().get("whole").isNull()).isFalse();
  }
}
