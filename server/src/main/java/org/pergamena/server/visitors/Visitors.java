package org.pergamena.server.visitors;

import jakarta.persistence.EntityManager;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.pergamena.server.site.Alone;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Knows visitors, and signs what proves who they are. */
@Service
public class Visitors {
  static final String COOKIE = "pergamena-visitor";

  /** A header by which a browser forgets who a person is here. */
  public static final String FORGOTTEN = cookie("", false, Duration.ZERO).toString();

  private static final String ALGORITHM = "HmacSHA256";
  private static final Duration A_DAY = Duration.ofDays(1);
  private static final String KEY = "visitor-key";

  private final EntityManager entities;
  private volatile byte[] key;

  Visitors(EntityManager entities) {
    this.entities = entities;
  }

  /** Makes sure that there is a visitor of this identity, who is here now. */
  @Transactional
  public void ensure(UUID id) {
    if (!seen(id)) {
      entities.persist(new VisitorRow(id));
    }
  }

  /** The cookie of a visitor. */
  static ResponseCookie cookie(String value, boolean secure, Duration age) {
    return ResponseCookie.from(COOKIE, value)
        .httpOnly(true)
        .secure(secure)
        .sameSite("Lax")
        .path("/")
        .maxAge(age)
        .build();
  }

  /** What a visitor's cookie holds. */
  @Transactional
  public String signed(UUID visitor) {
    return visitor + "." + Base64.getUrlEncoder().withoutPadding().encodeToString(mac(visitor));
  }

  /**
   * The visitor that a cookie names, if its signature is right, whether they came before or not.
   */
  @Transactional
  public Optional<UUID> verified(String cookie) {
    int dot = cookie.indexOf('.');
    if (dot < 0) {
      return Optional.empty();
    }
    try {
      UUID visitor = UUID.fromString(cookie.substring(0, dot));
      byte[] signature = Base64.getUrlDecoder().decode(cookie.substring(dot + 1));
      return MessageDigest.isEqual(signature, mac(visitor))
          ? Optional.of(visitor)
          : Optional.empty();
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  /** Notes that a visitor is here; whether they were before. */
  boolean seen(UUID visitor) {
    VisitorRow row = entities.find(VisitorRow.class, visitor);
    if (row != null && row.seenAt.isBefore(Instant.now().minus(A_DAY))) {
      row.seenAt = Instant.now();
    }
    return row != null;
  }

  /** One of a visitor's requests at a time goes on, until the transaction ends. */
  void alone(UUID visitor) {
    Alone.hold(entities, visitor.getLeastSignificantBits());
  }

  /** Those who were not here since, a few at a time. */
  @Transactional(readOnly = true)
  public List<UUID> unseenSince(Instant since, int most) {
    return entities
        .createQuery("select id from VisitorRow where seenAt < :since", UUID.class)
        .setParameter("since", since)
        .setMaxResults(most)
        .getResultList();
  }

  /** Forgets a visitor, with all that is theirs. */
  @Transactional
  public void forget(UUID visitor) {
    entities
        .createQuery("delete from VisitorRow where id = :id")
        .setParameter("id", visitor)
        .executeUpdate();
  }

  private byte[] mac(UUID visitor) {
    try {
      Mac mac = Mac.getInstance(ALGORITHM);
      mac.init(new SecretKeySpec(key(), ALGORITHM));
      return mac.doFinal(visitor.toString().getBytes(StandardCharsets.US_ASCII));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("This Java has no " + ALGORITHM + ".", e);
    }
  }

  private byte[] key() {
    if (key == null) {
      byte[] fresh = new byte[32];
      new SecureRandom().nextBytes(fresh);
      entities
          .createNativeQuery(
              "insert into setting (name, value) values (:name, :value) on conflict do nothing")
          .setParameter("name", KEY)
          .setParameter("value", Base64.getEncoder().encodeToString(fresh))
          .executeUpdate();
      String value =
          (String)
              entities
                  .createNativeQuery("select value from setting where name = :name", String.class)
                  .setParameter("name", KEY)
                  .getSingleResult();
      key = Base64.getDecoder().decode(value);
    }
    return key;
  }
}
