package org.pergamena.server.visitors;

import jakarta.persistence.EntityManager;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Knows visitors, and signs what proves who they are. */
@Service
public class Visitors {
  private static final String ALGORITHM = "HmacSHA256";
  private static final String KEY = "visitor-key";

  private final EntityManager entities;
  private volatile byte[] key;

  Visitors(EntityManager entities) {
    this.entities = entities;
  }

  /** Makes a visitor known. */
  @Transactional
  public UUID create() {
    VisitorRow visitor = new VisitorRow(UUID.randomUUID());
    entities.persist(visitor);
    return visitor.id;
  }

  /** Makes sure that there is a visitor of this identity. */
  @Transactional
  public void ensure(UUID id) {
    if (entities.find(VisitorRow.class, id) == null) {
      entities.persist(new VisitorRow(id));
    }
  }

  /** What a visitor's cookie holds. */
  @Transactional
  public String signed(UUID visitor) {
    return visitor + "." + Base64.getUrlEncoder().withoutPadding().encodeToString(mac(visitor));
  }

  /** The visitor that a cookie names, if its signature is right and the visitor is known. */
  @Transactional
  public Optional<UUID> verified(String cookie) {
    int dot = cookie.indexOf('.');
    if (dot < 0) {
      return Optional.empty();
    }
    try {
      UUID visitor = UUID.fromString(cookie.substring(0, dot));
      byte[] signature = Base64.getUrlDecoder().decode(cookie.substring(dot + 1));
      boolean right = MessageDigest.isEqual(signature, mac(visitor));
      return right && entities.find(VisitorRow.class, visitor) != null
          ? Optional.of(visitor)
          : Optional.empty();
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
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
