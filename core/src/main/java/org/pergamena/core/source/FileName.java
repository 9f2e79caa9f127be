package org.pergamena.core.source;

import java.util.regex.Pattern;

/** The name of a file that somebody brings, as it can be shown and kept. */
public final class FileName {
  /** In characters; most file systems have no longer ones. */
  public static final int LONGEST = 200;

  private static final int LONGEST_ENDING = 12;

  /**
   * Control characters, those that turn the direction of writing or cannot be seen, and halves of
   * characters.
   */
  private static final Pattern UNSEEN = Pattern.compile("[\\p{Cc}\\p{Cf}\\p{Cs}\\u2028\\u2029]");

  private FileName() {}

  /** The last part of a path without what cannot be seen; may be empty. */
  public static String of(String given) {
    String path = given == null ? "" : given.replace('\\', '/');
    String name = UNSEEN.matcher(path.substring(path.lastIndexOf('/') + 1)).replaceAll("").strip();
    if (name.codePointCount(0, name.length()) <= LONGEST) {
      return name;
    }
    int dot = name.lastIndexOf('.');
    String ending = dot > 0 && name.length() - dot <= LONGEST_ENDING ? name.substring(dot) : "";
    int kept = name.offsetByCodePoints(0, LONGEST - ending.length() - 1);
    return name.substring(0, kept).strip() + "\u2026" + ending;
  }
}
