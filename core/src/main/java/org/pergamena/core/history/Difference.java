package org.pergamena.core.history;

import java.util.UUID;

/**
 * Something in which two states of a map differ.
 *
 * @param topic the topic it is about; of a cross-link, that from which it leads
 * @param was as it was in the earlier state, empty if it was not there
 * @param is as it is in the later state, empty if it is not there
 */
public record Difference(Kind kind, UUID topic, String label, String was, String is) {
  /** In what they differ. */
  public enum Kind {
    ADDED,
    GONE,
    RENAMED,
    MOVED,
    /** Stands elsewhere among the same siblings. */
    REORDERED,
    /** Note, definition, words on the line, tags, look, or whether it is aside. */
    WORDS,
    PASSAGES,
    LINK
  }
}
