package org.pergamena.core.map;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * How the topics of a map look beyond its theme.
 *
 * @param levels given by hand, the root's first; the last is for all below it too
 * @param named looks that a person keeps
 * @param rules the first that says something of a topic holds
 */
public record Styles(List<Style> levels, List<NamedStyle> named, List<Rule> rules) {
  /** Nothing beyond the theme. */
  public static final Styles NONE = new Styles(List.of(), List.of(), List.of());

  /** The levels that can have a look of their own. */
  public static final int LEVELS = 5;

  private static final int MOST = 50;

  public Styles {
    levels = List.copyOf(levels);
    named = List.copyOf(named);
    rules = List.copyOf(rules);
    if (levels.size() > LEVELS || named.size() > MOST || rules.size() > MOST) {
      throw new MapRuleException("A map has at most " + MOST + " looks and rules. Take some out.");
    }
    Set<String> names = new HashSet<>();
    for (NamedStyle look : named) {
      if (!names.add(look.name().strip().toLowerCase(Locale.ROOT))) {
        throw new MapRuleException(
            "Two looks have the name \"" + look.name() + "\". Give one of them another.");
      }
    }
  }

  /** The same with other rules. */
  public Styles ruled(List<Rule> newRules) {
    return new Styles(levels, named, newRules);
  }

  /** The same for a copy of its map. */
  Styles copied(Map<UUID, UUID> topics, UnaryOperator<UUID> sources) {
    return ruled(rules.stream().map(rule -> rule.copied(topics, sources)).toList());
  }

  /** What a level was given by hand. */
  public Style level(int level) {
    return levels.isEmpty() ? Style.NONE : levels.get(Math.min(level, levels.size() - 1));
  }
}
