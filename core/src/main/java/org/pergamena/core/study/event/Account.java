package org.pergamena.core.study.event;

import java.util.Map;
import org.pergamena.core.source.Passage;
import org.pergamena.core.time.Told;

/**
 * What one passage says to have happened at a time.
 *
 * @param key what it is known by as long as its words stand in its source
 * @param passage the sentence
 * @param words the part of it that tells this
 * @param label the same without the time, as a short line
 * @param told the time
 * @param stems of its content words, its time left out, with how often they stand there
 */
record Account(
    String key,
    Passage passage,
    String words,
    String label,
    Told told,
    Map<String, Integer> stems) {
  Account {
    stems = Map.copyOf(stems);
  }

  /** The same by another key. */
  Account named(String other) {
    return new Account(other, passage, words, label, told, stems);
  }

  /** Whether it is of the same source as another. */
  boolean from(Account other) {
    return passage.source().equals(other.passage.source());
  }
}
