package org.pergamena.core.map;

import java.util.UUID;

/**
 * A link from one topic to another outside the tree.
 *
 * @param phrase the words on it, one line, may be empty
 */
public record CrossLink(UUID id, UUID from, UUID to, String phrase) {
  /** The longest linking phrase, in code units. */
  public static final int LONGEST_PHRASE = 120;

  public CrossLink {
    if (from.equals(to)) {
      throw new MapRuleException("A cross-link leads to another topic. Choose a different end.");
    }
    if (phrase.length() > LONGEST_PHRASE || phrase.lines().count() > 1) {
      throw new MapRuleException(
          "A linking phrase is one line of at most " + LONGEST_PHRASE + " characters. Shorten it.");
    }
  }

  /** The same with other words on it. */
  public CrossLink withPhrase(String newPhrase) {
    return new CrossLink(id, from, to, newPhrase);
  }

  /** Whether a topic is one of its ends. */
  public boolean ends(UUID topic) {
    return from.equals(topic) || to.equals(topic);
  }
}
