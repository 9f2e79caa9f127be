package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.Repository;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(TestApplication.class)
class HouseTest {
  @Test
  void the_page_is_served_with_headers_that_protect_it(TestVisitor visitor) {
    for (String path : new String[] {"/", "/maps/00000000-0000-0000-0000-000000000000"}) {
      var page = visitor.get(path);
      assertThat(page.status()).isEqualTo(200);
      assertThat(page.text()).contains("<div id=\"root\">");
      String policy = page.headers().get("Content-Security-Policy");
      assertThat(policy).contains("script-src 'self';").contains("frame-ancestors 'none'");
      assertThat(page.headers().get("X-Content-Type-Options")).isEqualTo("nosniff");
    }
  }

  @Test
  void a_request_without_the_token_changes_nothing(TestVisitor visitor) throws Exception {
    HttpResponse<String> answer =
        HttpClient.newHttpClient()
            .send(
                HttpRequest.newBuilder(URI.create(visitor.address() + "/api/maps"))
                    .POST(HttpRequest.BodyPublishers.noBody())
                    .build(),
                HttpResponse.BodyHandlers.ofString());
    assertThat(answer.statusCode()).isIn(401, 403);
  }

  @Test
  void a_forged_cookie_is_nobody(TestVisitor visitor) throws Exception {
    HttpResponse<String> answer =
        HttpClient.newHttpClient()
            .send(
                HttpRequest.newBuilder(URI.create(visitor.address() + "/api/maps"))
                    .header(
                        "Cookie",
                        "pergamena-session=forged;"
                            + " pergamena-visitor=00000000-0000-0000-0000-000000000001.c2lnbmF0dXJl")
                    .build(),
                HttpResponse.BodyHandlers.ofString());
    assertThat(answer.statusCode()).isEqualTo(401);
  }

  @Test
  void health_is_told(TestVisitor visitor) {
    assertThat(visitor.get("/actuator/health").json().get("status").asString()).isEqualTo("UP");
  }

  @Test
  void the_description_of_the_api_that_the_front_end_is_built_from_is_current(TestVisitor visitor)
      throws IOException {
    JsonMapper json = JsonMapper.builder().build();
    JsonNode kept = json.readTree(Files.readString(Repository.root().resolve("web/openapi.json")));
    JsonNode now = visitor.get("/api/openapi").json();
    boolean current =
        now.get("paths").equals(kept.get("paths"))
            && now.get("components").equals(kept.get("components"));
    assertThat(current)
        .as("renew it: curl 127.0.0.1:8470/api/openapi | python3 -m json.tool > web/openapi.json")
        .isTrue();
  }
}
