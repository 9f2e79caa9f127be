package org.pergamena.core.map;

import java.util.Locale;
import java.util.UUID;

/**
 * A link from one topic to another outside the tree.
 *
 * @param phrase the words on it, one line, may be empty
 * @param note the person's own words about it, may be empty
 */
public record CrossLink(UUID id, UUID from, UUID to, String phrase, Manner manner, String note) {
  /** The longest linking phrase, in code units. */
  public static final int LONGEST_PHRASE = 120;

  /** The longest note, in code units. */
  public static final int LONGEST_NOTE = 5_000;

  public CrossLink {
    if (from.equals(to)) {
      throw new MapRuleException("A cross-link leads to another topic. Choose a different end.");
    }
    if (phrase.length() > LONGEST_PHRASE || phrase.lines().count() > 1) {
      throw new MapRuleException(
          "A linking phrase is one line of at most " + LONGEST_PHRASE + " characters. Shorten it.");
    }
    if (note.length() > LONGEST_NOTE) {
      throw new MapRuleException(
          "A note on a cross-link has at most " + LONGEST_NOTE + " characters. Shorten it.");
    }
  }

  /** An assertion that leads from one topic to another. */
  public static CrossLink of(UUID id, UUID from, UUID to, String phrase) {
    return new CrossLink(id, from, to, phrase, Manner.USUAL, "");
  }

  /** The same with other words on it. */
  public CrossLink withPhrase(String newPhrase) {
    return new CrossLink(id, from, to, newPhrase, manner, note);
  }

  /** The same between other topics. */
  public CrossLink between(UUID newFrom, UUID newTo) {
    return copied(id, newFrom, newTo);
  }

  /** The same under another identity between other topics. */
  CrossLink copied(UUID newId, UUID newFrom, UUID newTo) {
    return new CrossLink(newId, newFrom, newTo, phrase, manner, note);
  }

  /** The same holding in another manner. */
  public CrossLink withManner(Manner newManner) {
    return new CrossLink(id, from, to, phrase, newManner, note);
  }

  /** The same with another note. */
  public CrossLink withNote(String newNote) {
    return new CrossLink(id, from, to, phrase, manner, newNote);
  }

  /** Whether a topic is one of its ends. */
  public boolean ends(UUID topic) {
    return from.equals(topic) || to.equals(topic);
  }

  /** Whether another leads between the same topics in the same order with the same words. */
  public boolean says(CrossLink other) {
    return from.equals(other.from) && to.equals(other.to) && words().equals(other.words());
  }

  /** The words on it, as they are compared. */
  public String words() {
    return phrase.strip().toLowerCase(Locale.ROOT);
  }
}
