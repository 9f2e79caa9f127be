package org.pergamena.formats.text;

import java.util.regex.Pattern;

/** Words as XML 1.0 can have them (chapter 2.2): it has no place for most control characters. */
public final class XmlWords {
  private static final Pattern NOWHERE =
      Pattern.compile("[^\\t\\n\\r\\u0020-\\uD7FF\\uE000-\\uFFFD\\x{10000}-\\x{10FFFF}]");

  private XmlWords() {}

  /** The words without characters that XML does not have. */
  public static String of(String words) {
    return NOWHERE.matcher(words).replaceAll("");
  }
}
