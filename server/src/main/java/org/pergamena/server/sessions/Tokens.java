package org.pergamena.server.sessions;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Locale;

/** Secrets that nobody guesses, and what is kept of them. */
final class Tokens {
  private static final SecureRandom RANDOM = new SecureRandom();
  private static final int BYTES = 32;

  /** Without what is mistaken for something else when it is typed. */
  private static final String SIGNS = "23456789abcdefghjkmnpqrstvwxyz";

  private static final int TYPED = 12;
  private static final int GROUP = 4;

  private Tokens() {}

  /** A secret of 256 bits for a cookie. */
  static String secret() {
    byte[] bytes = new byte[BYTES];
    RANDOM.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }

  /** A secret of 58 bits in groups, which can be typed. */
  static String typed() {
    StringBuilder typed = new StringBuilder();
    for (int i = 0; i < TYPED; i++) {
      if (i > 0 && i % GROUP == 0) {
        typed.append('-');
      }
      typed.append(SIGNS.charAt(RANDOM.nextInt(SIGNS.length())));
    }
    return typed.toString();
  }

  /** What was typed, without what does not matter in it. */
  static String plain(String typed) {
    return typed.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
  }

  /** What is kept of a secret: its SHA-256, in hexadecimal digits. */
  static String hash(String secret) {
    try {
      byte[] bytes = secret.getBytes(StandardCharsets.UTF_8);
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("This Java has no SHA-256.", e);
    }
  }
}
