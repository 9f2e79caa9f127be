package org.pergamena.server.mine;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import org.pergamena.server.testing.TestVisitor.Answer;
import org.springframework.context.ApplicationContext;
import org.springframework.transaction.support.TransactionTemplate;

@ExtendWith(TestApplication.class)
class MineTest {
  private static long count(ApplicationContext application, String from) {
    return ((Number)
            application
                .getBean(EntityManager.class)
                .createNativeQuery("select count(*) from " + from)
                .getSingleResult())
        .longValue();
  }

  private static String identity(TestVisitor visitor) {
    return visitor.get("/api/session").json().get("visitor").asString();
  }

  @Test
  void all_maps_are_taken_along_and_each_comes_in_again(TestVisitor visitor) throws IOException {
    UUID second = visitor.newMap();
    visitor.read(second, "wall.txt", "The wall was old and cracked in winter.");
    assertThat(visitor.post("/api/maps/" + second + "/template", null).status()).isLessThan(300);
    Answer answer = visitor.get("/api/mine/archive");
    assertThat(answer.headers().get("content-disposition")).contains("Pergamena").contains(".zip");
    TestVisitor other = visitor.other();
    List<String> names = new ArrayList<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(answer.bytes()))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        names.add(entry.getName());
        Answer brought = other.uploadTo("/api/imports", "map.zip", zip.readAllBytes());
        assertThat(brought.status()).as(entry.getName()).isEqualTo(201);
      }
    }
    assertThat(names)
        .hasSize(3)
        .anyMatch(name -> name.contains("Letting the sea back in"))
        .contains("to begin from/001 Untitled map.zip");
  }

  @Test
  void replies_go_along_beside_their_maps(TestVisitor visitor) throws IOException {
    UUID map = visitor.newMap();
    Map<String, Object> reply = new HashMap<>();
    reply.put("body", "- Sluice\n");
    reply.put("assistant", "Local model");
    reply.put("wish", "MORE");
    reply.put("about", List.of());
    reply.put("asked", "");
    visitor.post("/api/maps/" + map + "/replies", reply);
    Map<String, String> texts = new HashMap<>();
    byte[] archive = visitor.get("/api/mine/archive").bytes();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        texts.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
      }
    }
    assertThat(texts.get("001 Untitled map, reply 1.md"))
        .contains("Local model, more on", "Sluice");
  }

  @Test
  void everything_is_deleted_and_nobody_knows_who_it_was(
      TestVisitor visitor, ApplicationContext application) {
    String id = identity(visitor);
    UUID map = visitor.newMap();
    String words = "The sluice of " + UUID.randomUUID() + " is shut at night.";
    visitor.read(map, "sluice.txt", words);
    String text = "source_text where body like '%" + words.substring(14, 50) + "%'";
    assertThat(count(application, text)).isEqualTo(1);
    assertThat(visitor.post("/api/maps/" + map + "/template", null).status()).isLessThan(300);
    Answer gone = visitor.delete("/api/mine");
    assertThat(gone.status()).isEqualTo(204);
    assertThat(gone.headers().get("set-cookie")).contains("Max-Age=0");
    assertThat(count(application, text)).isZero();
    assertThat(count(application, "map where owner = '" + id + "'")).isZero();
    assertThat(count(application, "visitor where id = '" + id + "'")).isZero();
    assertThat(visitor.get("/api/maps/" + map).status()).isEqualTo(401);
  }

  @Test
  void who_only_asks_for_a_cookie_leaves_nothing_behind(
      TestVisitor visitor, ApplicationContext application) {
    TestVisitor other = visitor.other();
    long before = count(application, "visitor");
    TestVisitor third = visitor.other();
    assertThat(count(application, "visitor")).isEqualTo(before);
    assertThat(third.get("/api/maps").json()).as("received at the second request").hasSize(1);
    assertThat(count(application, "visitor")).isEqualTo(before + 1);
    assertThat(identity(other)).isNotEqualTo(identity(third));
  }

  private static void lastSeen(ApplicationContext application, String visitor, int daysAgo) {
    application
        .getBean(TransactionTemplate.class)
        .executeWithoutResult(
            status ->
                application
                    .getBean(EntityManager.class)
                    .createNativeQuery(
                        "update visitor set seen_at = :then where id = cast(:id as uuid)")
                    .setParameter("then", Instant.now().minus(Duration.ofDays(daysAgo)))
                    .setParameter("id", visitor)
                    .executeUpdate());
  }

  @Test
  void who_has_not_been_here_for_long_is_forgotten(
      TestVisitor visitor, ApplicationContext application) {
    String id = identity(visitor);
    UUID map = visitor.newMap();
    TestVisitor here = visitor.other();
    here.get("/api/maps");
    String kept = identity(here);
    lastSeen(application, id, 91);
    application.getBean(Forgetting.class).tidy();
    assertThat(count(application, "visitor where id = '" + id + "'")).isZero();
    assertThat(count(application, "map where id = '" + map + "'")).isZero();
    assertThat(count(application, "visitor where id = '" + kept + "'")).isEqualTo(1);
  }

  @Test
  void who_never_did_more_than_look_is_forgotten_sooner(
      TestVisitor visitor, ApplicationContext application) {
    visitor.newMap();
    TestVisitor looker = visitor.other();
    String shown = looker.get("/api/maps").json().get(0).get("id").asString();
    String folds = "/api/maps/" + shown + "/folds";
    assertThat(looker.send("PUT", folds, "{}".getBytes(), "application/json").status())
        .isLessThan(500);
    String doing = identity(visitor);
    String looking = identity(looker);
    lastSeen(application, doing, 4);
    lastSeen(application, looking, 4);
    application.getBean(Forgetting.class).tidy();
    assertThat(count(application, "visitor where id = '" + looking + "'")).isZero();
    assertThat(count(application, "visitor where id = '" + doing + "'")).isEqualTo(1);
  }
}
