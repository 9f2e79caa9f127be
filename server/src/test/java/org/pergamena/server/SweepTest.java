package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import org.springframework.context.ApplicationContext;

/** What is deleted is gone, and what others still have is not. */
@ExtendWith(TestApplication.class)
@Isolated("it sweeps")
class SweepTest {
  private static long count(ApplicationContext application, String from) {
    Number count =
        (Number)
            application
                .getBean(EntityManager.class)
                .createNativeQuery("select count(*) from " + from)
                .getSingleResult();
    return count.longValue();
  }

  @Test
  void a_map_goes_with_its_bytes_texts_topics_and_revisions(
      TestVisitor visitor, ApplicationContext application) {
    String words = "The wall of field " + UUID.randomUUID() + " was old and cracked in winter.";
    UUID map = visitor.newMap();
    UUID other = visitor.other().newMap();
    visitor.read(map, "wall.txt", words);
    String size = "content where size = " + words.getBytes(StandardCharsets.UTF_8).length;
    String text = "source_text where body like '%" + words.substring(8, 40) + "%'";
    assertThat(count(application, text)).isEqualTo(1);
    long before = count(application, size);
    assertThat(visitor.delete("/api/maps/" + map).status()).isEqualTo(204);
    assertThat(visitor.get("/api/maps/" + map).status()).isEqualTo(404);
    assertThat(count(application, text)).isZero();
    assertThat(count(application, size)).isEqualTo(before - 1);
    for (String table : new String[] {"topic", "revision", "source", "job", "map_view"}) {
      assertThat(count(application, table + " where map_id = '" + map + "'")).as(table).isZero();
    }
    assertThat(count(application, "map where id = '" + other + "'")).isEqualTo(1);
  }

  @Test
  void bytes_that_another_map_has_too_stay(TestVisitor visitor, ApplicationContext application) {
    String words = "The creek of field " + UUID.randomUUID() + " filled at every spring tide.";
    UUID first = visitor.newMap();
    UUID second = visitor.newMap();
    visitor.read(first, "creek.txt", words);
    visitor.read(second, "creek.txt", words);
    visitor.delete("/api/maps/" + first);
    String text = "source_text where body like '%" + words.substring(8, 40) + "%'";
    assertThat(count(application, text)).isEqualTo(1);
    assertThat(visitor.desk(second).at("/sources/0/length").asInt()).isPositive();
  }

  @Test
  void a_picture_stays_as_long_as_a_map_has_it(
      TestVisitor visitor, ApplicationContext application) {
    String id = UUID.randomUUID().toString();
    String svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='60' height='40' id='"
            + id
            + "'><rect width='60' height='40'/></svg>";
    UUID map = visitor.newMap();
    byte[] bytes = svg.getBytes(StandardCharsets.UTF_8);
    String image =
        visitor
            .uploadTo("/api/maps/" + map + "/pictures", "a.svg", bytes)
            .json()
            .get("image")
            .asString();
    String kept = "content where id = '" + image + "'";
    String root = visitor.desk(map).at("/topics/0/id").asString();
    Map<String, ?> picture =
        Map.of("id", id, "image", image, "alt", "", "where", "ABOVE", "width", 60, "ratio", 0.66);
    visitor.edit(map, Map.of("type", "Illustrate", "topic", root, "pictures", List.of(picture)));
    String copy = visitor.post("/api/maps/" + map + "/copy", null).json().get("id").asString();
    visitor.delete("/api/maps/" + map);
    assertThat(count(application, kept)).as("the copy has it").isEqualTo(1);
    visitor.delete("/api/maps/" + copy);
    assertThat(count(application, kept)).isZero();
  }
}
