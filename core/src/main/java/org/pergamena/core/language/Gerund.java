package org.pergamena.core.language;

import java.util.regex.Pattern;

/** The English form of a verb that names what is done. */
final class Gerund {
  private static final Pattern DOUBLES = Pattern.compile("[^aeiou]*[aeiou][bdgmnprt]");
  private static final Pattern KEEPS_E = Pattern.compile(".*[eoy]e");

  private Gerund() {}

  /** The gerund of a verb's base form, or of itself; empty for its other forms. */
  static String of(String verb) {
    if (verb.endsWith("ing")) {
      return verb;
    }
    boolean inflected = verb.endsWith("s") && !verb.endsWith("ss") && !verb.endsWith("us");
    if (verb.endsWith("ed") || inflected) {
      return "";
    }
    if (verb.endsWith("ie")) {
      return verb.substring(0, verb.length() - 2) + "ying";
    }
    if (verb.endsWith("e") && !KEEPS_E.matcher(verb).matches()) {
      return verb.substring(0, verb.length() - 1) + "ing";
    }
    boolean doubles = DOUBLES.matcher(verb).matches();
    return verb + (doubles ? verb.substring(verb.length() - 1) : "") + "ing";
  }
}
