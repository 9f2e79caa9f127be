package org.pergamena.server.routes;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import org.pergamena.server.testing.TestVisitor.Answer;
import tools.jackson.core.json.JsonWriteFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whatever a request holds, it is not the server that fails. */
@ExtendWith(TestApplication.class)
class NonsenseTest {
  /** Requests beside one of each route. */
  private static final int MORE = Integer.getInteger("nonsense.requests", 900);

  private static final JsonMapper JSON =
      JsonMapper.builder().enable(JsonWriteFeature.ESCAPE_NON_ASCII).build();

  private final long seed = Long.getLong("nonsense.seed", 20261201);
  private final Random random = new Random(seed);

  @Test
  void no_route_fails_by_what_it_is_asked(TestVisitor first) {
    TestVisitor visitor = first;
    JsonNode api = visitor.get("/api/openapi").json();
    Nonsense nonsense = new Nonsense(random, api.at("/components/schemas"));
    List<Route> routes = Route.of(api).stream().filter(route -> !route.streams()).toList();
    List<Route> edits = routes.stream().filter(r -> r.path().endsWith("/edits")).toList();
    Map<String, String> failed = new TreeMap<>();
    int asked = 0;
    UUID map = visitor.firstMap();
    while (asked < routes.size() + MORE && failed.size() < 20) {
      if (visitor.get("/api/maps").status() == 401) {
        visitor = first.other(); // who has had everything deleted is somebody else from then on
        map = visitor.firstMap();
        know(nonsense, visitor.desk(map), map);
      } else if (asked % 40 == 0) {
        map = someMap(visitor, map);
        know(nonsense, visitor.desk(map), map);
      }
      // most that can be said is said in edits
      Route route =
          asked < routes.size()
              ? routes.get(asked)
              : nonsense.one(nonsense.chance(0.2) ? edits : routes);
      String[] told = new String[1];
      Answer answer = ask(visitor, route, nonsense, told);
      asked++;
      if (answer.status() >= 500) {
        failed.putIfAbsent(route.toString(), answer.status() + " for " + told[0]);
      }
    }
    assertThat(failed).as("seed %d, %d requests", seed, asked).isEmpty();
  }

  /** The same, or another if it has gone. */
  private static UUID someMap(TestVisitor visitor, UUID map) {
    if (visitor.get("/api/maps/" + map).status() == 200) {
      return map;
    }
    JsonNode all = visitor.get("/api/maps").json();
    return all.isEmpty() ? visitor.newMap() : UUID.fromString(all.get(0).get("id").asString());
  }

  private static void know(Nonsense nonsense, JsonNode desk, UUID map) {
    nonsense.know("map", List.of(map.toString()));
    List<String> topics = ids(desk.get("topics"));
    for (String name : List.of("topic", "topics", "parent", "after", "from", "to", "id")) {
      nonsense.know(name, topics);
    }
    List<String> sources = ids(desk.get("sources"));
    if (!sources.isEmpty()) {
      nonsense.know("source", sources);
      nonsense.know("sources", sources);
    }
  }

  private static List<String> ids(JsonNode all) {
    return all.valueStream().map(each -> each.get("id").asString()).toList();
  }

  private static Answer ask(TestVisitor visitor, Route route, Nonsense nonsense, String[] told) {
    String path = route.path();
    List<String> query = new ArrayList<>();
    for (JsonNode parameter : route.parameters()) {
      String name = parameter.get("name").asString();
      Object value = nonsense.value(name, parameter.get("schema"), 0);
      if (parameter.get("in").asString().equals("path")) {
        String words = String.valueOf(value);
        path = path.replace("{" + name + "}", encoded(words.isBlank() ? "x" : words));
      } else if (value instanceof Map<?, ?> many) {
        many.forEach((key, each) -> query.add(key + "=" + encoded(String.valueOf(each))));
      } else if (value != null && nonsense.chance(0.8)) {
        query.add(name + "=" + encoded(String.valueOf(value)));
      }
    }
    String address = path + (query.isEmpty() ? "" : "?" + String.join("&", query));
    address = address.length() > 4_000 ? path : address;
    told[0] = route.method() + " " + address;
    if (route.type().startsWith("multipart/")) {
      return visitor.uploadTo(
          route.method(), address, nonsense.string().replaceAll("[\"\r\n]", "_"), nonsense.bytes());
    }
    byte[] body = null;
    if (!route.type().isEmpty()) {
      String json = JSON.writeValueAsString(nonsense.value("", route.body(), 0));
      told[0] += " " + (json.length() > 700 ? json.substring(0, 700) + "..." : json);
      body = json.getBytes(StandardCharsets.US_ASCII);
    }
    return visitor.send(
        route.method(), address, body, route.type().isEmpty() ? null : route.type());
  }

  private static String encoded(String words) {
    return URLEncoder.encode(
            words.length() > 500 ? words.substring(0, 500) : words, StandardCharsets.UTF_8)
        .replace("+", "%20");
  }
}
