package org.pergamena.server.routes;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import org.pergamena.server.testing.TestVisitor.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every route by everybody: who may not, does not. */
@ExtendWith(TestApplication.class)
class AccessTest {
  /** The only routes for those whom nobody knows. */
  private static final Set<String> OPEN = Set.of("GET /api/session");

  /** What is done already where there is nothing to do it to. */
  private static final String SEEN = "POST /api/maps/{map}/topics/{topic}/seen";

  private static final String DESCRIBE = "PUT /api/maps/{map}/sources/{source}";
  private static final String DESCRIPTION =
      "{\"name\":\"x\",\"key\":\"\",\"language\":\"eng\",\"chosen\":null,"
          + "\"reference\":{\"type\":\"DOCUMENT\",\"people\":{},\"fields\":{}}}";

  private static final JsonMapper JSON = JsonMapper.builder().build();

  /** The path with what is somebody's in place of its parameters. */
  private static String filled(Route route, UUID map, JsonNode desk) {
    String query =
        route.parameters().stream()
            .filter(p -> p.get("in").asString().equals("query") && p.path("required").asBoolean())
            .map(p -> p.get("name").asString() + "=1")
            .collect(Collectors.joining("&", "?", ""));
    String path = route.path() + (query.length() > 1 ? query : "");
    return path.replace("{map}", map.toString())
        .replace("{topic}", desk.at("/topics/1/id").asString())
        .replace("{source}", desk.at("/sources/0/id").asString())
        .replaceAll("\\{(ending)}", "txt")
        .replaceAll("\\{(number)}", "1")
        .replaceAll("\\{[a-z]+}", UUID.randomUUID().toString());
  }

  @Test
  void nobody_gets_at_anything(TestVisitor visitor) throws Exception {
    UUID map = visitor.firstMap();
    JsonNode desk = visitor.desk(map);
    HttpClient client = HttpClient.newHttpClient();
    List<String> let = new ArrayList<>();
    for (Route route : Route.of(visitor.get("/api/openapi").json())) {
      HttpRequest request =
          HttpRequest.newBuilder(URI.create(visitor.address() + filled(route, map, desk)))
              .method(route.method(), BodyPublishers.ofString("{}"))
              .header("Content-Type", "application/json")
              .build();
      HttpResponse<Void> answer = client.send(request, BodyHandlers.discarding());
      if (answer.statusCode() != 401 && answer.statusCode() != 403) {
        let.add(route.toString());
      }
    }
    assertThat(let).containsExactlyInAnyOrderElementsOf(OPEN);
  }

  @Test
  void nobody_gets_at_what_is_somebody_elses(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode desk = visitor.desk(map);
    TestVisitor stranger = visitor.other();
    stranger.firstMap();
    JsonNode api = visitor.get("/api/openapi").json();
    Nonsense nonsense = new Nonsense(new Random(1), api.at("/components/schemas"));
    nonsense.know("id", List.of(desk.at("/topics/1/id").asString()));
    List<String> let = new ArrayList<>();
    int walked = 0;
    for (Route route : Route.of(api)) {
      if (route.path().contains("{map}")) {
        walked++;
        Answer answer = asked(stranger, route, filled(route, map, desk), nonsense);
        if (answer.status() != 404) {
          let.add(route + " " + answer.status()); // a request that is not understood is not refused
        } else if (answer.text().contains(desk.at("/topics/1/label").asString())) {
          let.add(route + " tells");
        }
      }
    }
    assertThat(let).isEmpty();
    assertThat(walked).isGreaterThan(60);
    JsonNode after = visitor.desk(map);
    assertThat(after.get("topics")).isEqualTo(desk.get("topics"));
    assertThat(after.get("sources")).isEqualTo(desk.get("sources"));
  }

  private static Answer asked(TestVisitor stranger, Route route, String path, Nonsense nonsense) {
    if (route.type().startsWith("multipart/")) {
      return stranger.uploadTo(route.method(), path, "x.txt", "The wall.".getBytes());
    }
    byte[] body = null;
    if (route.toString().equals(DESCRIBE)) {
      body = DESCRIPTION.getBytes(StandardCharsets.UTF_8); // none that is made up is understood
    } else if (!route.type().isEmpty()) {
      body = JSON.writeValueAsBytes(nonsense.value("", route.body(), 0));
    }
    return stranger.send(route.method(), path, body, route.type().isEmpty() ? null : route.type());
  }

  /** The answer to the first body that is understood, of many that are made up. */
  private static Answer understood(
      TestVisitor stranger, Route route, String path, Nonsense nonsense) {
    Answer answer = asked(stranger, route, path, nonsense);
    for (int i = 0; i < 200 && answer.status() == 400; i++) {
      answer = asked(stranger, route, path, nonsense);
    }
    return answer;
  }

  @Test
  void an_own_map_does_not_open_the_topics_and_sources_of_another(TestVisitor visitor) {
    UUID theirs = visitor.firstMap();
    JsonNode desk = visitor.desk(theirs);
    TestVisitor stranger = visitor.other();
    UUID own = stranger.firstMap();
    JsonNode api = visitor.get("/api/openapi").json();
    Nonsense nonsense = new Nonsense(new Random(2), api.at("/components/schemas"));
    nonsense.know("id", List.of(desk.at("/topics/1/id").asString()));
    List<String> let = new ArrayList<>();
    for (Route route : Route.of(api)) {
      boolean names = route.path().contains("{topic}") || route.path().contains("{source}");
      boolean counts = !route.streams() && !route.toString().equals(SEEN);
      if (names && counts && route.path().contains("{map}")) {
        Answer answer = understood(stranger, route, filled(route, own, desk), nonsense);
        if (answer.status() < 400 || answer.status() == 400) {
          let.add(route + " " + answer.status());
        }
      }
    }
    assertThat(let).isEmpty();
    JsonNode after = visitor.desk(theirs);
    assertThat(after.get("topics")).isEqualTo(desk.get("topics"));
    assertThat(after.get("sources")).isEqualTo(desk.get("sources"));
  }
}
