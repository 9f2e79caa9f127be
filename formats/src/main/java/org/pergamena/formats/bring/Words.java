package org.pergamena.formats.bring;

import java.util.Arrays;

/** Words of a fixed set, as a file that was not written here may have them. */
final class Words {
  private Words() {}

  /** What a word means of all it could mean, in any case; the usual if it means none of them. */
  static <E extends Enum<E>> E known(E[] all, String word, E usual) {
    return Arrays.stream(all)
        .filter(each -> each.name().equalsIgnoreCase(word))
        .findFirst()
        .orElse(usual);
  }
}
