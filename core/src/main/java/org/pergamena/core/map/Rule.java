package org.pergamena.core.map;

import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * What has topics look as they do because of what they are.
 *
 * @param match what holds of the topics that it is for, empty to tell each kind from the others
 * @param style of the topics that it is for
 * @param tag a tag of the legend that they show, or null
 * @param each what tells each kind from the others, null if the rule is for those that match
 */
public record Rule(By by, String match, Style style, String tag, Each each) {
  private static final int LONGEST = 200;

  /** What a rule goes by. */
  public enum By {
    /** The main branch: its identity. */
    BRANCH,
    /** The level: a number, 1 for main branches. */
    LEVEL,
    /** How well borne out: {@code WELL}, {@code THIN} or {@code UNSUPPORTED}. */
    SUPPORT,
    /** A source that bears it out: its identity. */
    SOURCE,
    /** The least number of cross-links. */
    RELATIONS,
    /** A year that it tells of, or a span as {@code 1990-1999}. */
    TIME,
    /** A tag: its identity. */
    TAG,
    /** Words in its label, its note or its definition. */
    WORDS
  }

  /** What is different from kind to kind. */
  public enum Each {
    INK,
    GROUND,
    SIZE
  }

  /** The same for a copy of its map: what it names is what that became there. */
  Rule copied(Map<UUID, UUID> topics, UnaryOperator<UUID> sources) {
    if (each != null || by != By.BRANCH && by != By.SOURCE) {
      return this;
    }
    try {
      UUID named = UUID.fromString(match.strip());
      UUID became = by == By.BRANCH ? topics.get(named) : sources.apply(named);
      return became == null ? this : new Rule(by, became.toString(), style, tag, null);
    } catch (IllegalArgumentException e) {
      return this; // it names nothing
    }
  }

  public Rule {
    if (match.length() > LONGEST) {
      throw new MapRuleException(
          "A rule matches at most " + LONGEST + " characters. Shorten what it looks for.");
    }
    if (match.isBlank() ^ each != null) {
      throw new MapRuleException("A rule says which topics it is for. Fill that in.");
    }
    if (each != null && by == By.WORDS) {
      throw new MapRuleException("A rule by words says which. Fill them in.");
    }
  }
}
