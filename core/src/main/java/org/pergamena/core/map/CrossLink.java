package org.pergamena.core.map;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/**
 * A link from one topic to another outside the tree.
 *
 * @param phrase the words on it, one line, may be empty
 * @param note the person's own words about it, may be empty
 * @param grounds the passages that bear it out, in their order
 * @param bend how its line was bent by hand, or null
 */
public record CrossLink(
    UUID id,
    UUID from,
    UUID to,
    String phrase,
    Manner manner,
    String note,
    List<Evidence> grounds,
    Bend bend) {
  /** The longest linking phrase, in code units. */
  public static final int LONGEST_PHRASE = 120;

  /** The longest note, in code units. */
  public static final int LONGEST_NOTE = 5_000;

  /** The most passages that bear out one link. */
  public static final int MOST_GROUNDS = 100;

  public CrossLink {
    grounds = List.copyOf(grounds);
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
    if (grounds.size() > MOST_GROUNDS) {
      throw new MapRuleException(
          "A cross-link rests on at most " + MOST_GROUNDS + " passages. Take some away.");
    }
  }

  /** An assertion that leads from one topic to another. */
  public static CrossLink of(UUID id, UUID from, UUID to, String phrase) {
    return new CrossLink(id, from, to, phrase, Manner.USUAL, "", List.of(), null);
  }

  /** The same with other words on it. */
  public CrossLink withPhrase(String newPhrase) {
    return new CrossLink(id, from, to, newPhrase, manner, note, grounds, bend);
  }

  /** The same between other topics, its line straight unless it is only turned round. */
  public CrossLink between(UUID newFrom, UUID newTo) {
    boolean turned = newFrom.equals(to) && newTo.equals(from);
    boolean same = newFrom.equals(from) && newTo.equals(to);
    Bend still = same || turned ? bend : null;
    return new CrossLink(id, newFrom, newTo, phrase, manner, note, grounds, still);
  }

  /**
   * The same for somebody else, with identities of its own.
   *
   * @param ids what each topic became
   * @param sources what each source became
   */
  CrossLink copied(Map<UUID, UUID> ids, UnaryOperator<UUID> sources, Supplier<UUID> identities) {
    return new CrossLink(
        identities.get(),
        ids.get(from),
        ids.get(to),
        phrase,
        manner,
        note,
        grounds.stream().map(each -> each.copied(sources, identities)).toList(),
        bend);
  }

  /** The same holding in another manner. */
  public CrossLink withManner(Manner newManner) {
    return new CrossLink(id, from, to, phrase, newManner, note, grounds, bend);
  }

  /** The same with another note. */
  public CrossLink withNote(String newNote) {
    return new CrossLink(id, from, to, phrase, manner, newNote, grounds, bend);
  }

  /** The same resting on other passages. */
  public CrossLink withGrounds(List<Evidence> newGrounds) {
    return new CrossLink(id, from, to, phrase, manner, note, newGrounds, bend);
  }

  /** The same bent otherwise, or straight if that is null. */
  public CrossLink withBend(Bend newBend) {
    return new CrossLink(id, from, to, phrase, manner, note, grounds, newBend);
  }

  /** Whether a passage that bears it out lies in a source. */
  public boolean restsOn(UUID source) {
    return grounds.stream().anyMatch(each -> each.passage().source().equals(source));
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
