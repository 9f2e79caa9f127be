package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class QuestionApiTest {
  private static JsonNode answers(TestVisitor visitor, UUID map, String question) {
    return visitor.post("/api/maps/" + map + "/answers", Map.of("text", question)).json();
  }

  @Test
  void a_question_is_answered_by_passages_with_their_topics(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode answers = answers(visitor, map, "What do the waders feed on?");
    JsonNode first = answers.at("/found/0");
    assertThat(first.get("exact").asString()).contains("waders");
    assertThat(first.get("place").asString()).isNotBlank();
    assertThat(first.get("strength").asDouble()).isBetween(0.5, 1.0);
    assertThat(answers.get("found").valueStream().anyMatch(a -> !a.get("topics").isEmpty()))
        .isTrue();
    assertThat(answers(visitor, map, "Who is the mayor of Atlantis?").get("found")).isEmpty();
    String path = "/api/maps/" + map + "/answers";
    assertThat(visitor.post(path, Map.of("text", " ")).status()).isEqualTo(400);
    assertThat(visitor.other().post(path, Map.of("text", "Who?")).status()).isEqualTo(404);
  }

  @Test
  void a_question_that_is_kept_tells_when_a_new_source_adds_to_it(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.read(map, "wall.txt", "The sluice was shut in March. Barley grew behind the wall.");
    String path = "/api/maps/" + map + "/questions";
    JsonNode kept = visitor.post(path, Map.of("text", "When was the sluice shut?")).json();
    assertThat(kept.at("/0/answers").asInt()).isEqualTo(1);
    assertThat(kept.at("/0/fresh").asInt()).isZero();
    assertThat(visitor.post(path, Map.of("text", "When was the sluice shut?")).json()).hasSize(1);
    visitor.read(map, "more.txt", "They said that the sluice was shut in May of that year.");
    assertThat(visitor.get(path).json().at("/0/fresh").asInt()).isEqualTo(1);
    String question = path + "/" + kept.at("/0/id").asString();
    visitor.post(question + "/seen", null);
    assertThat(visitor.get(path).json().at("/0/fresh").asInt()).isZero();
    assertThat(visitor.delete(question).status()).isEqualTo(204);
    assertThat(visitor.get(path).json()).isEmpty();
  }
}
