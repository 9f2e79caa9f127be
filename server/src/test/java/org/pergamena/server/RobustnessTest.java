package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import org.pergamena.server.testing.TestVisitor.Answer;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class RobustnessTest {
  @Test
  void edits_made_at_the_same_time_all_hold(TestVisitor visitor) throws Exception {
    UUID map = visitor.newMap();
    String root = visitor.desk(map).at("/topics/0/id").asString();
    ExecutorService threads = Executors.newFixedThreadPool(6);
    try {
      List<Callable<Answer>> edits = new ArrayList<>();
      for (int i = 0; i < 24; i++) {
        Map<String, Object> add =
            Map.of("type", "Add", "topic", UUID.randomUUID(), "parent", root, "label", "T" + i);
        edits.add(() -> visitor.edit(map, add));
      }
      for (Future<Answer> done : threads.invokeAll(edits)) {
        assertThat(done.get().status()).as(done.get().text()).isEqualTo(200);
      }
    } finally {
      threads.shutdown();
    }
    JsonNode desk = visitor.desk(map);
    assertThat(desk.at("/facts/revision").asInt()).isEqualTo(24);
    assertThat(desk.at("/topics/0/children")).hasSize(24);
    for (int i = 0; i < 24; i++) {
      visitor.undo(map);
    }
    assertThat(visitor.desk(map).get("topics")).hasSize(1);
  }

  @Test
  void a_file_that_is_too_large_is_refused_with_a_sentence(TestVisitor visitor) {
    UUID map = visitor.newMap();
    Answer answer = visitor.upload(map, "large.txt", new byte[66 * 1024 * 1024]);
    assertThat(answer.status()).isEqualTo(413);
    assertThat(answer.problem()).contains("larger than 64 MB");
    assertThat(visitor.desk(map).get("sources")).isEmpty();
  }

  @Test
  void names_of_files_are_words_and_never_paths(TestVisitor visitor) {
    UUID map = visitor.newMap();
    visitor.upload(map, "../../etc/pass<b>wd.txt", "The wall.".getBytes(StandardCharsets.UTF_8));
    JsonNode desk = visitor.deskWhen(map, d -> d.at("/sources/0/length").asInt() > 0);
    assertThat(desk.at("/sources/0/fileName").asString()).isEqualTo("pass<b>wd.txt");
  }

  @Test
  void nobody_and_a_lost_token_get_a_sentence_too(TestVisitor visitor) throws Exception {
    var client = java.net.http.HttpClient.newHttpClient();
    var request =
        java.net.http.HttpRequest.newBuilder(java.net.URI.create(visitor.address() + "/api/maps"));
    var answer = client.send(request.build(), java.net.http.HttpResponse.BodyHandlers.ofString());
    assertThat(answer.statusCode()).isEqualTo(401);
    assertThat(answer.headers().firstValue("content-type").orElse(""))
        .startsWith("application/problem+json");
    assertThat(answer.body()).contains("Reload it");
  }

  @Test
  void it_answers_only_under_its_own_names(TestVisitor visitor) throws Exception {
    java.net.URI here = java.net.URI.create(visitor.address());
    for (String host : List.of("127.0.0.1", "localhost", "evil.example")) {
      try (java.net.Socket socket = new java.net.Socket("127.0.0.1", here.getPort())) {
        String asked =
            "GET /api/session HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n";
        socket.getOutputStream().write(asked.getBytes(StandardCharsets.US_ASCII));
        String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(answer)
            .as(host)
            .startsWith(host.startsWith("evil") ? "HTTP/1.1 400" : "HTTP/1.1 200");
        if (!host.startsWith("evil")) {
          assertThat(answer.toLowerCase(java.util.Locale.ROOT))
              .contains("cross-origin-opener-policy: same-origin")
              .contains("cross-origin-resource-policy: same-origin")
              .contains("httponly");
        }
      }
    }
  }

  @Test
  void a_job_can_be_cancelled_and_its_source_says_so(TestVisitor visitor) {
    UUID map = visitor.newMap();
    StringBuilder long_ = new StringBuilder();
    for (int i = 0; i < 60_000; i++) {
      long_.append("The tide left mud on field ").append(i).append(" of the marsh.\n\n");
    }
    String source =
        visitor
            .upload(map, "long.txt", long_.toString().getBytes(StandardCharsets.UTF_8))
            .json()
            .get("id")
            .asString();
    JsonNode job = visitor.deskWhen(map, d -> !d.get("jobs").isEmpty()).at("/jobs/0");
    assertThat(job.get("sourceId").asString()).isEqualTo(source);
    String cancel = "/api/maps/" + map + "/jobs/" + job.get("id").asString() + "/cancel";
    assertThat(visitor.post(cancel, null).status()).isEqualTo(204);
    JsonNode desk =
        visitor.deskWhen(map, d -> d.at("/jobs/0/state").asString().equals("CANCELLED"));
    assertThat(desk.at("/sources/0/problem").asString()).startsWith("Reading was cancelled");
    assertThat(desk.at("/sources/0/length").asInt()).isZero();
    assertThat(
            visitor
                .post("/api/maps/" + map + "/jobs/" + UUID.randomUUID() + "/cancel", null)
                .status())
        .isEqualTo(404);
  }

  @Test
  void one_persons_many_files_keep_nobody_else_waiting(TestVisitor visitor) {
    TestVisitor other = visitor.other();
    UUID many = visitor.newMap();
    UUID one = other.newMap();
    for (int i = 0; i < 12; i++) {
      String words = ("The tide left mud on field " + i + " of the marsh.\n\n").repeat(400);
      visitor.upload(many, "file" + i + ".txt", words.getBytes(StandardCharsets.UTF_8));
    }
    other.read(one, "mine.txt", "The wall was opened in the autumn of the second year.");
    assertThat(visitor.desk(many).get("jobs").valueStream())
        .as("others are still being read when this one has been")
        .anyMatch(job -> job.get("state").asString().equals("WAITING"));
    visitor.deskWhen(
        many, desk -> desk.get("sources").valueStream().allMatch(s -> s.get("length").asInt() > 0));
  }

  @Test
  void a_map_of_two_thousand_topics_is_distilled_loaded_and_changed(TestVisitor visitor) {
    UUID map = visitor.newMap();
    StringBuilder outline = new StringBuilder();
    for (int i = 0; i < 12; i++) {
      outline.append("# Part ").append(i).append("\n\n");
      for (int j = 0; j < 12; j++) {
        outline.append("## Section ").append(i).append(' ').append(j).append("\n\n");
        for (int k = 0; k < 12; k++) {
          outline.append("### Point ").append(i).append(' ').append(j).append(' ').append(k);
          outline
              .append("\n\nThe tide left mud on field ")
              .append(i * 144 + j * 12 + k)
              .append(".\n\n");
        }
      }
    }
    visitor.post(
        "/api/maps/" + map + "/sources/pasted",
        Map.of("title", "Large", "text", outline.toString()));
    visitor.deskWhen(map, d -> d.at("/sources/0/length").asInt() > 0);
    visitor.post("/api/maps/" + map + "/distil", Map.of("levels", 3, "branches", 12));
    JsonNode desk = visitor.deskWhen(map, d -> d.get("topics").size() > 1);
    assertThat(desk.get("topics").size()).isGreaterThan(1800);
    String topic = desk.at("/topics/5/id").asString();
    for (int i = 0; i < 5; i++) {
      visitor.edit(map, Map.of("type", "Rename", "topic", topic, "label", "Renamed " + i));
    }
    JsonNode renamed = visitor.desk(map);
    assertThat(renamed.at("/topics/5/label").asString()).isEqualTo("Renamed 4");
    assertThat(renamed.get("topics").size()).isEqualTo(desk.get("topics").size());
  }
}
