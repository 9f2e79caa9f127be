package org.pergamena.core.study.compare;

import org.pergamena.core.study.Naming;

/**
 * What a person said of two, by their words, so that it counts wherever these are compared.
 *
 * @param together whether they are the same; else they are not
 */
public record CompareMark(Kind kind, String one, String other, boolean together) {
  /** What is compared. */
  public enum Kind {
    TOPIC,
    TERM,
    PASSAGE
  }

  /** By which it is known, whichever of the two comes first. */
  public String key() {
    return key(kind, one, other);
  }

  /** By which what was said of two would be known. */
  public static String key(Kind kind, String one, String other) {
    String first = Naming.key(one);
    String second = Naming.key(other);
    return first.compareTo(second) < 0
        ? Naming.key(kind + first + second)
        : Naming.key(kind + second + first);
  }
}
