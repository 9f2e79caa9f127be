package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class LooseEndsApiTest {
  @Test
  void a_map_tells_what_it_leans_on_and_its_loose_ends(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    String path = "/api/maps/" + map + "/loose-ends";
    JsonNode all = visitor.get(path).json();
    assertThat(all.get("mean").asDouble()).isBetween(1.0, 4.0);
    assertThat(all.get("key")).isNotEmpty();
    assertThat(all.get("ends")).isNotEmpty();
    assertThat(all.get("bearing")).hasSize(visitor.desk(map).get("sources").size());
    assertThat(all.at("/key/0/relations").asInt()).isGreaterThan(2);
    assertThat(visitor.get(path + "/table").text()).contains("key topic,");
    assertThat(visitor.other().get(path).status()).isEqualTo(404);
  }

  @Test
  void a_topic_without_passages_is_unsupported(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
    UUID wall = visitor.add(map, root, null, "Wall");
    JsonNode all = visitor.get("/api/maps/" + map + "/loose-ends").json();
    assertThat(all.at("/unsupported/0").asString()).isEqualTo(wall.toString());
    assertThat(all.get("left")).isEmpty();
  }
}
