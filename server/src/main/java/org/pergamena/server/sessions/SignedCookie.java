package org.pergamena.server.sessions;

import jakarta.persistence.EntityManager;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The cookie by which visitors were known before there were sessions: for ninety days after the
 * database was taken over it is changed for a session, so that nobody loses their maps.
 */
@Service
public class SignedCookie {
  private static final String NAME = "pergamena-visitor";
  private static final String KEY = "visitor-key";
  private static final String UNTIL = "visitor-key-until";
  private static final String ALGORITHM = "HmacSHA256";

  private final EntityManager entities;

  SignedCookie(EntityManager entities) {
    this.entities = entities;
  }

  /** The visitor that a request's cookie of the former kind names, if its signature is right. */
  @Transactional(readOnly = true)
  public Optional<UUID> visitor(HttpServletRequest request) {
    return SessionCookie.value(request, NAME).flatMap(this::verified);
  }

  /** Makes a browser forget it. */
  static void take(HttpServletRequest request, HttpServletResponse response) {
    if (SessionCookie.value(request, NAME).isPresent()) {
      SessionCookie.set(NAME, "", Duration.ZERO, request, response);
    }
  }

  private Optional<UUID> verified(String cookie) {
    SettingRow until = entities.find(SettingRow.class, UNTIL);
    SettingRow key = entities.find(SettingRow.class, KEY);
    int dot = cookie.indexOf('.');
    if (dot < 0 || key == null || ended(until)) {
      return Optional.empty();
    }
    try {
      UUID visitor = UUID.fromString(cookie.substring(0, dot));
      byte[] signature = Base64.getUrlDecoder().decode(cookie.substring(dot + 1));
      return MessageDigest.isEqual(signature, mac(visitor, Base64.getDecoder().decode(key.value)))
          ? Optional.of(visitor)
          : Optional.empty();
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  private static boolean ended(SettingRow until) {
    return until == null || Instant.parse(until.value).isBefore(Instant.now());
  }

  /** Lets the key go when it is good for nobody any more. */
  @Transactional
  void sweep() {
    SettingRow until = entities.find(SettingRow.class, UNTIL);
    if (until != null && ended(until)) {
      entities.remove(until);
      entities.remove(entities.find(SettingRow.class, KEY));
    }
  }

  private static byte[] mac(UUID visitor, byte[] key) {
    try {
      Mac mac = Mac.getInstance(ALGORITHM);
      mac.init(new SecretKeySpec(key, ALGORITHM));
      return mac.doFinal(visitor.toString().getBytes(StandardCharsets.US_ASCII));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("This Java has no " + ALGORITHM + ".", e);
    }
  }
}
