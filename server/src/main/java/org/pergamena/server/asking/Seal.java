package org.pergamena.server.asking;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.Optional;
import javax.crypto.Cipher;
import javax.crypto.Mac;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Seals what nobody who reads the database may know: AES with 256 bits in GCM (NIST SP 800-38D),
 * under a key that is made of a secret which is not in the database (HMAC-SHA-256 of a label, as in
 * RFC 5869).
 */
@Component
class Seal {
  private static final int NONCE = 12;
  private static final int TAG_BITS = 128;
  private static final String ALGORITHM = "AES/GCM/NoPadding";
  private static final byte[] LABEL =
      "pergamena assistant key 1".getBytes(StandardCharsets.US_ASCII);

  private final SecureRandom random = new SecureRandom();
  private final SecretKeySpec key;

  Seal(@Value("${pergamena.secret}") String secret) {
    this.key = secret.isBlank() ? null : key(secret);
  }

  private static SecretKeySpec key(String secret) {
    try {
      Mac mac = Mac.getInstance("HmacSHA256");
      mac.init(new SecretKeySpec(secret.getBytes(StandardCharsets.UTF_8), "HmacSHA256"));
      return new SecretKeySpec(mac.doFinal(LABEL), "AES");
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("This Java has no HmacSHA256.", e);
    }
  }

  /** Whether there is a secret to seal with. */
  boolean works() {
    return key != null;
  }

  /** Words sealed, so that they can be kept. */
  String seal(String words) {
    byte[] nonce = new byte[NONCE];
    random.nextBytes(nonce);
    try {
      Cipher cipher = Cipher.getInstance(ALGORITHM);
      cipher.init(Cipher.ENCRYPT_MODE, key, new GCMParameterSpec(TAG_BITS, nonce));
      byte[] sealed = cipher.doFinal(words.getBytes(StandardCharsets.UTF_8));
      byte[] all = ByteBuffer.allocate(NONCE + sealed.length).put(nonce).put(sealed).array();
      return Base64.getEncoder().encodeToString(all);
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("This Java cannot seal.", e);
    }
  }

  /** Words that were sealed; none if the secret is another now. */
  Optional<String> open(String sealed) {
    byte[] all = Base64.getDecoder().decode(sealed);
    if (key == null || all.length < NONCE) {
      return Optional.empty();
    }
    try {
      Cipher cipher = Cipher.getInstance(ALGORITHM);
      cipher.init(Cipher.DECRYPT_MODE, key, new GCMParameterSpec(TAG_BITS, all, 0, NONCE));
      byte[] words = cipher.doFinal(all, NONCE, all.length - NONCE);
      return Optional.of(new String(words, StandardCharsets.UTF_8));
    } catch (GeneralSecurityException e) {
      return Optional.empty();
    }
  }
}
