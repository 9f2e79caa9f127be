package org.pergamena.core.study;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.UUID;

/**
 * What is known by its words, so that it is known again in a newer text or a copy of its source.
 */
public final class Naming {
  private Naming() {}

  /** A name that is the same as long as the words are. */
  public static String key(String words) {
    String plain = words.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
    return UUID.nameUUIDFromBytes(plain.getBytes(StandardCharsets.UTF_8)).toString();
  }

  /** A line of at most so many letters, cut between words. */
  public static String shortened(String line, int most) {
    if (line.length() <= most) {
      return line;
    }
    int end = line.lastIndexOf(' ', most - 1);
    return line.substring(0, end < most / 2 ? most - 1 : end).replaceFirst("[\\s,;:\u2013-]+$", "")
        + "\u2026";
  }
}
