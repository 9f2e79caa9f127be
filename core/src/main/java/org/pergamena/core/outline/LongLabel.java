package org.pergamena.core.outline;

import java.util.Optional;
import org.pergamena.core.map.Content;
import org.pergamena.core.outline.Outline.Repair;

/**
 * A label that may be longer than a topic takes.
 *
 * @param rest of the words if it was cut, for the note
 */
record LongLabel(String label, String rest) {
  static LongLabel of(String words) {
    if (words.length() <= Content.LONGEST_LABEL) {
      return new LongLabel(words, "");
    }
    int cut = words.lastIndexOf(' ', Content.LONGEST_LABEL);
    cut = cut <= 0 ? Content.LONGEST_LABEL : cut;
    return new LongLabel(words.substring(0, cut).strip(), words.substring(cut).strip() + "\n");
  }

  Optional<Repair> repair(int line) {
    return rest.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Repair(
                line,
                "longer than " + Content.LONGEST_LABEL + " characters, the rest became its note"));
  }
}
