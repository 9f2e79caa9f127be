package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class RecallApiTest {
  private static String path(UUID map) {
    return "/api/maps/" + map + "/recall";
  }

  /** Wall(Clay, Sluice), Birds(Terns, Redshank). */
  private static UUID map(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
    UUID wall = visitor.add(map, root, null, "Wall");
    UUID birds = visitor.add(map, root, wall, "Birds");
    UUID clay = visitor.add(map, wall, null, "Clay");
    visitor.add(map, wall, clay, "Sluice");
    UUID terns = visitor.add(map, birds, null, "Terns");
    visitor.add(map, birds, terns, "Redshank");
    return map;
  }

  private static Map<String, Object> answer(JsonNode quiz, List<Integer> chosen) {
    return new HashMap<>(
        Map.of(
            "topic", quiz.get("topic").asString(),
            "kind", quiz.get("kind").asString(),
            "seed", quiz.get("seed").asLong(),
            "chosen", chosen,
            "written", List.of()));
  }

  private static List<Integer> right(JsonNode quiz, String topic) {
    List<String> below =
        topic.contains("Wall") ? List.of("Clay", "Sluice") : List.of("Terns", "Redshank");
    return IntStream.range(0, quiz.get("options").size())
        .filter(i -> below.contains(quiz.get("options").get(i).asString()))
        .boxed()
        .toList();
  }

  @Test
  void topics_are_asked_and_kept_in_mind_until_it_is_enough_for_a_day(TestVisitor visitor) {
    UUID map = map(visitor);
    JsonNode today = visitor.get(path(map)).json();
    assertThat(today.get("fresh").asInt()).isEqualTo(2);
    JsonNode quiz = today.get("quiz");
    assertThat(quiz.get("kind").asString()).isEqualTo("BELOW");
    assertThat(quiz.has("right")).as("the answer is not told before").isFalse();
    String asks = quiz.get("asks").asString();
    JsonNode marked = visitor.post(path(map) + "/answers", answer(quiz, right(quiz, asks))).json();
    assertThat(marked.get("grade").asString()).isEqualTo("YES");
    assertThat(marked.at("/known/lasting").asDouble()).isBetween(0.8, 0.9);
    JsonNode next = visitor.get(path(map)).json();
    assertThat(next.get("answered").asInt()).isEqualTo(1);
    assertThat(next.at("/quiz/topic")).isNotEqualTo(quiz.get("topic"));
    JsonNode wrong =
        visitor.post(path(map) + "/answers", answer(next.get("quiz"), List.of())).json();
    assertThat(wrong.get("grade").asString()).isEqualTo("NO");
    assertThat(wrong.get("right")).hasSize(2);
    assertThat(visitor.get(path(map) + "?most=2").json().get("quiz").isNull()).isTrue();
    assertThat(visitor.get(path(map)).json().get("known")).hasSize(2);
    assertThat(visitor.delete(path(map)).status()).isEqualTo(204);
    assertThat(visitor.get(path(map)).json().get("known")).isEmpty();
  }

  @Test
  void what_only_a_person_can_judge_is_kept_when_they_have(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "one.txt", "The wall was built of clay that men dug behind the farm.");
    UUID root = UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
    UUID wall = visitor.add(map, root, null, "Wall");
    UUID last = null;
    for (String label : List.of("Clay", "Sluice", "Crest path")) {
      last = visitor.add(map, wall, last, label);
    }
    Map<String, Object> free =
        new HashMap<>(
            Map.of(
                "topic",
                wall,
                "kind",
                "FREE",
                "seed",
                0,
                "chosen",
                List.of(),
                "written",
                List.of("clay, I think\nthe path on the crest")));
    JsonNode opened = visitor.post(path(map) + "/answers", free).json();
    assertThat(opened.get("grade").asString()).isEqualTo("PARTLY");
    assertThat(opened.get("known").isNull()).isTrue();
    assertThat(opened.at("/expected/1").asString()).isEqualTo("Sluice");
    free.put("grade", "YES");
    assertThat(visitor.post(path(map) + "/answers", free).json().at("/known/right").asInt())
        .isEqualTo(1);
    assertThat(visitor.get(path(map) + "/cards").text())
        .contains("front,back,topic,source", "What belongs under", "Clay; Sluice; Crest path");
    free.put("kind", "ORDER");
    assertThat(visitor.post(path(map) + "/answers", free).status()).isEqualTo(409);
    free.put("topic", UUID.randomUUID());
    assertThat(visitor.post(path(map) + "/answers", free).status()).isEqualTo(404);
    assertThat(visitor.other().get(path(map)).status()).isEqualTo(404);
  }
}
