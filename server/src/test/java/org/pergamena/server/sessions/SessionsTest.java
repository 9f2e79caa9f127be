package org.pergamena.server.sessions;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import org.pergamena.server.testing.TestVisitor.Answer;
import org.springframework.context.ApplicationContext;
import org.springframework.transaction.support.TransactionTemplate;

@ExtendWith(TestApplication.class)
class SessionsTest {
  private static final String COOKIE = "pergamena-session";
  private static final String FORMER = "pergamena-visitor";

  private static void sql(ApplicationContext application, String sql, Object... values) {
    application
        .getBean(TransactionTemplate.class)
        .executeWithoutResult(
            status -> {
              var query = application.getBean(EntityManager.class).createNativeQuery(sql);
              for (int i = 0; i < values.length; i++) {
                query.setParameter(i + 1, values[i]);
              }
              query.executeUpdate();
            });
  }

  private static Instant ago(int days) {
    return Instant.now().minus(Duration.ofDays(days));
  }

  private static void age(ApplicationContext application, String token, String what, int days) {
    sql(
        application,
        "update session set " + what + " = ? where hash = ?",
        ago(days),
        Tokens.hash(token));
  }

  private static int status(TestVisitor visitor) {
    return visitor.get("/api/maps").status();
  }

  @Test
  void only_a_hash_of_the_token_is_kept(TestVisitor visitor, ApplicationContext application) {
    assertThat(status(visitor)).isEqualTo(200);
    String token = visitor.cookie(COOKIE);
    assertThat(token).hasSize(43);
    Object kept =
        application
            .getBean(EntityManager.class)
            .createNativeQuery("select count(*) from session where hash = ? and hash <> ?")
            .setParameter(1, Tokens.hash(token))
            .setParameter(2, token)
            .getSingleResult();
    assertThat(kept).isEqualTo(1L);
  }

  @Test
  void a_token_that_nobody_was_given_is_nobodys(TestVisitor visitor) {
    visitor.carry(COOKIE, Tokens.secret());
    assertThat(status(visitor)).isEqualTo(401);
  }

  @Test
  void a_session_ends_when_it_is_not_used_and_at_a_fixed_time(
      TestVisitor idle, ApplicationContext application) {
    TestVisitor old = idle.other();
    assertThat(List.of(status(idle), status(old))).containsOnly(200);
    age(application, idle.cookie(COOKIE), "seen_at", 91);
    age(application, old.cookie(COOKIE), "ends_at", 0);
    assertThat(List.of(status(idle), status(old))).containsOnly(401);
  }

  @Test
  void a_token_is_renewed_and_the_old_one_ends_once_the_new_one_came_back(
      TestVisitor visitor, ApplicationContext application) {
    status(visitor);
    String old = visitor.cookie(COOKIE);
    visitor.get("/api/session");
    assertThat(visitor.cookie(COOKIE)).as("of today").isEqualTo(old);
    age(application, old, "created_at", 8);
    TestVisitor secondTab = visitor.other();
    secondTab.carry(COOKIE, old);
    visitor.get("/api/session");
    secondTab.get("/api/session");
    String renewed = visitor.cookie(COOKIE);
    assertThat(renewed).isNotEqualTo(old);
    assertThat(secondTab.cookie(COOKIE)).as("one at a time").isEqualTo(old);
    age(application, old, "created_at", 8);
    assertThat(status(secondTab)).as("the new one might have been lost").isEqualTo(200);
    assertThat(visitor.get("/api/mine/browsers").json()).as("the new one came back").hasSize(1);
    assertThat(status(secondTab)).as("what is under way").isEqualTo(200);
    sql(
        application,
        "update session set ends_at = ends_at - interval '61 seconds' where hash = ?",
        Tokens.hash(old));
    assertThat(status(secondTab)).isEqualTo(401);
    assertThat(status(visitor)).isEqualTo(200);
  }

  @Test
  void another_browser_comes_in_by_a_code_once_and_is_put_out_again(TestVisitor visitor) {
    UUID map = visitor.newMap();
    String code = visitor.post("/api/mine/invitations", Map.of()).json().get("code").asString();
    assertThat(code).matches("\\w{4}-\\w{4}-\\w{4}");
    TestVisitor other = visitor.other();
    assertThat(other.get("/api/maps/" + map).status()).as("not theirs").isEqualTo(404);
    Map<String, String> typed = Map.of("code", " " + code.toUpperCase().replace('-', ' '));
    assertThat(other.post("/api/session/entries", typed).status()).isEqualTo(204);
    assertThat(other.get("/api/maps/" + map).status()).isEqualTo(200);
    Answer again = visitor.other().post("/api/session/entries", typed);
    assertThat(again.status()).isEqualTo(422);
    assertThat(again.problem()).contains("has been used");
    var browsers = visitor.get("/api/mine/browsers").json();
    assertThat(browsers).hasSize(2);
    for (var browser : browsers) {
      if (!browser.get("here").asBoolean()) {
        String path = "/api/mine/browsers/" + browser.get("id").asString();
        assertThat(visitor.other().delete(path).status()).as("by a stranger").isEqualTo(404);
        assertThat(visitor.delete(path).status()).isEqualTo(204);
      }
    }
    assertThat(status(other)).as("put out").isEqualTo(401);
    assertThat(status(visitor)).isEqualTo(200);
  }

  @Test
  void a_browser_with_maps_of_its_own_keeps_them(TestVisitor visitor) {
    String code = visitor.post("/api/mine/invitations", Map.of()).json().get("code").asString();
    TestVisitor other = visitor.other();
    UUID own = other.newMap();
    Answer refused = other.post("/api/session/entries", Map.of("code", code));
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.problem()).contains("Take them along first");
    assertThat(other.get("/api/maps/" + own).status()).isEqualTo(200);
  }

  @Test
  void who_was_known_by_a_signed_cookie_is_given_a_session_until_its_time_is_over(
      TestVisitor visitor, ApplicationContext application) throws Exception {
    UUID map = visitor.newMap();
    String id = visitor.get("/api/session").json().get("visitor").asString();
    String key = Base64.getEncoder().encodeToString(new byte[32]);
    String set = "insert into setting (name, value) values (?, ?)";
    sql(application, set, "visitor-key", key);
    sql(application, set, "visitor-key-until", Instant.now().plusSeconds(600).toString());
    Mac mac = Mac.getInstance("HmacSHA256");
    mac.init(new SecretKeySpec(new byte[32], "HmacSHA256"));
    byte[] signature = mac.doFinal(id.getBytes(StandardCharsets.US_ASCII));
    String signed = id + "." + Base64.getUrlEncoder().withoutPadding().encodeToString(signature);
    visitor.carry(FORMER, signed);
    assertThat(visitor.get("/api/maps/" + map).status()).isEqualTo(200);
    visitor.get("/api/session");
    assertThat(visitor.cookie(FORMER)).isNull();
    assertThat(visitor.get("/api/maps/" + map).status()).isEqualTo(200);
    visitor.carry(FORMER, id + "." + signed.substring(38).toLowerCase());
    assertThat(status(visitor)).as("forged").isEqualTo(401);
    String over = "update setting set value = ? where name = 'visitor-key-until'";
    sql(application, over, ago(1).toString());
    visitor.carry(FORMER, signed);
    assertThat(status(visitor)).as("its time is over").isEqualTo(401);
    application.getBean(SignedCookie.class).sweep();
    assertThat(
            application
                .getBean(EntityManager.class)
                .createNativeQuery("select count(*) from setting where name like 'visitor-key%'")
                .getSingleResult())
        .isEqualTo(0L);
  }

  @Test
  void by_tls_cookies_are_bound_to_this_host_and_others_do_not_count(TestVisitor visitor) {
    status(visitor);
    String token = visitor.cookie(COOKIE);
    Answer secure = visitor.send("GET", "/api/maps", null, null, "X-Forwarded-Proto", "https");
    assertThat(secure.status()).as("a token of the plain name").isEqualTo(401);
    Answer given = visitor.send("GET", "/api/session", null, null, "X-Forwarded-Proto", "https");
    assertThat(given.all("set-cookie"))
        .anySatisfy(
            cookie ->
                assertThat(cookie)
                    .startsWith("__Host-pergamena-session=")
                    .contains("Secure", "HttpOnly", "SameSite=Lax", "Path=/")
                    .doesNotContain("Domain"))
        .anySatisfy(
            cookie ->
                assertThat(cookie)
                    .startsWith("__Host-XSRF-TOKEN=")
                    .contains("Secure", "SameSite=Lax"));
    assertThat(visitor.cookie(COOKIE)).isEqualTo(token);
  }
}
