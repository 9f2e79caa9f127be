package org.pergamena.formats.bring;

import java.util.Arrays;
import org.pergamena.core.map.Content;

/** Words of a file that was not written here, as a map takes them. */
final class Words {
  private Words() {}

  /** A line as a label: it says something, and is no longer than labels are. */
  static String label(String line) {
    if (line.isEmpty()) {
      return "\u2026";
    }
    return line.length() > Content.LONGEST_LABEL
        ? line.substring(0, Content.LONGEST_LABEL - 1) + "\u2026"
        : line;
  }

  /** What a word means of all it could mean, in any case; the usual if it means none of them. */
  static <E extends Enum<E>> E known(E[] all, String word, E usual) {
    return Arrays.stream(all)
        .filter(each -> each.name().equalsIgnoreCase(word))
        .findFirst()
        .orElse(usual);
  }
}
