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
class EventApiTest {
  private static final String WALL =
      "The outer wall was breached on 12 October 2019. The harbour light was built in 1861 of"
          + " local stone. At noon the bell rang.";
  private static final String LIGHT =
      "The harbour light was built of local stone in 1866. Redshank bred in the third year after"
          + " the breach. The creek deepened in the second year after the breach.";

  private static String path(UUID map) {
    return "/api/maps/" + map + "/events";
  }

  private static UUID map(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "wall.txt", WALL);
    visitor.read(map, "light.txt", LIGHT);
    return map;
  }

  private static JsonNode event(JsonNode all, String label) {
    return all.get("events")
        .valueStream()
        .filter(e -> e.get("label").asString().contains(label))
        .findFirst()
        .orElseThrow(() -> new AssertionError(label + " is not in " + all));
  }

  private static JsonNode changed(
      TestVisitor visitor, UUID map, JsonNode event, String what, Object to) {
    Map<String, Object> change = new HashMap<>();
    change.put(
        "keys", event.get("passages").valueStream().map(p -> p.get("key").asString()).toList());
    change.put(what, to);
    return visitor.post(path(map) + "/change", change).json();
  }

  @Test
  void events_come_in_order_with_passages_and_other_dates(TestVisitor visitor) {
    UUID map = map(visitor);
    JsonNode all = visitor.get(path(map)).json();
    JsonNode breach = event(all, "outer wall was breached");
    assertThat(breach.get("when").asString()).isEqualTo("2019-10-12");
    assertThat(breach.get("date").asString()).isEqualTo("12 October 2019");
    assertThat(breach.get("basis").asString()).isEqualTo("STATED");
    assertThat(breach.at("/passages/0/exact").asString()).startsWith("The outer wall");
    assertThat(event(all, "The harbour light was built").get("differs")).hasSize(1);
    assertThat(all.at("/open/0/label").asString()).contains("bell rang");
    assertThat(all.at("/counted/event").asString()).isEqualTo("breach");
    assertThat(visitor.other().get(path(map)).status()).isEqualTo(404);
  }

  @Test
  void events_are_corrected_by_hand_and_that_is_taken_back(TestVisitor visitor) {
    UUID map = map(visitor);
    JsonNode all = visitor.get(path(map)).json();
    JsonNode breach = event(all, "outer wall was breached");
    JsonNode moved = changed(visitor, map, breach, "when", "13 October 2019, 6:30");
    JsonNode now = event(moved, "outer wall was breached");
    assertThat(now.get("when").asString()).isEqualTo("2019-10-13T06:30");
    assertThat(now.get("byHand").asBoolean()).isTrue();
    assertThat(event(changed(visitor, map, breach, "label", "The breach"), "The breach"))
        .isNotNull();
    assertThat(
            event(changed(visitor, map, breach, "off", true), "The breach").get("off").asBoolean())
        .isTrue();
    List<String> keys = List.of(breach.get("key").asString());
    JsonNode back = visitor.post(path(map) + "/unmark", Map.of("keys", keys)).json();
    assertThat(event(back, "outer wall was breached").get("byHand").asBoolean()).isFalse();
    var wrong = visitor.post(path(map) + "/change", Map.of("keys", keys, "when", "some day"));
    assertThat(wrong.status()).isEqualTo(400);
    assertThat(wrong.json().get("detail").asString()).contains("“some day” is not read as a time");
    var gone = visitor.post(path(map) + "/change", Map.of("keys", List.of("none"), "off", true));
    assertThat(gone.status()).isEqualTo(409);
  }

  @Test
  void what_was_corrected_stays_when_its_words_are_gone_and_comes_along_to_a_copy(
      TestVisitor visitor) {
    UUID map = map(visitor);
    changed(
        visitor, map, event(visitor.get(path(map)).json(), "outer wall"), "label", "The breach");
    visitor.post(path(map), Map.of("when", "1953", "label", "The great flood"));
    UUID copy =
        UUID.fromString(
            visitor.post("/api/maps/" + map + "/copy", null).json().get("id").asString());
    JsonNode copied = visitor.get(path(copy)).json();
    assertThat(event(copied, "The breach").get("byHand").asBoolean()).isTrue();
    assertThat(event(copied, "The great flood").get("passages")).isEmpty();
    String source = visitor.desk(map).at("/sources/0/id").asString();
    visitor.delete("/api/maps/" + map + "/sources/" + source);
    JsonNode lost = visitor.get(path(map)).json().get("lost");
    assertThat(lost.at("/0/quote").asString()).startsWith("The outer wall was breached");
    assertThat(lost.at("/0/label").asString()).isEqualTo("The breach");
  }

  @Test
  void times_count_from_an_event_once_a_person_says_when_it_was(TestVisitor visitor) {
    UUID map = map(visitor);
    JsonNode before = visitor.get(path(map)).json();
    assertThat(event(before, "Redshank").get("after").asDouble()).isEqualTo(2.5);
    JsonNode all =
        visitor
            .put(path(map) + "/counted", Map.of("event", "breach", "when", "12 October 2019"))
            .json();
    assertThat(event(all, "Redshank").get("when").asString()).startsWith("2021");
    assertThat(all.at("/counted/when").asString()).isEqualTo("2019-10-12");
    JsonNode back =
        visitor.put(path(map) + "/counted", Map.of("event", "breach", "when", "")).json();
    assertThat(event(back, "Redshank").get("when").asString()).isEmpty();
  }

  @Test
  void events_become_a_branch_in_order_with_their_passages(TestVisitor visitor) {
    UUID map = map(visitor);
    JsonNode all = visitor.get(path(map)).json();
    List<String> keys = all.get("events").valueStream().map(e -> e.get("key").asString()).toList();
    UUID root = UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
    Map<String, Object> wish = Map.of("id", UUID.randomUUID(), "parent", root, "keys", keys);
    visitor.post(path(map) + "/branch", wish);
    visitor.post(path(map) + "/branch", wish);
    List<JsonNode> topics = visitor.desk(map).get("topics").valueStream().toList();
    assertThat(topics).hasSize(2 + keys.size());
    assertThat(topics.stream().map(t -> t.get("label").asString()))
        .contains("Events in order", "12 October 2019: The outer wall was breached");
  }
}
