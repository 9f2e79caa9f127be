package org.pergamena.core.distil;

import java.util.Set;
import java.util.UUID;

/**
 * What the person asks of the map.
 *
 * @param levels levels below the root, 1 to 5
 * @param branches most topics under one topic, 2 to 12; 0 leaves it to the material
 * @param order what the main branches follow where there are several sources
 * @param sources only these, or all if there are none
 */
public record DistilOptions(int levels, int branches, Order order, Set<UUID> sources) {
  /** What main branches follow. */
  public enum Order {
    /** What the sources speak of, whichever of them. */
    SUBJECT,
    /** The sources, each with a main branch of its own. */
    SOURCES
  }

  /** Fewest and most levels below the root. */
  public static final int MOST_LEVELS = 5;

  /** The most topics that may be asked for under one topic. */
  public static final int MOST_BRANCHES = 12;

  /** What is done if nothing is asked. */
  public static final DistilOptions DEFAULT = new DistilOptions(3, 0);

  /** By subject, out of all sources. */
  public DistilOptions(int levels, int branches) {
    this(levels, branches, Order.SUBJECT, Set.of());
  }

  public DistilOptions {
    order = order == null ? Order.SUBJECT : order;
    sources = sources == null ? Set.of() : Set.copyOf(sources);
    if (levels < 1 || levels > MOST_LEVELS) {
      throw new IllegalArgumentException(
          "Levels must be between 1 and " + MOST_LEVELS + ", not " + levels + ".");
    }
    if (branches != 0 && (branches < 2 || branches > MOST_BRANCHES)) {
      throw new IllegalArgumentException(
          "Branches must be between 2 and " + MOST_BRANCHES + ", not " + branches + ".");
    }
  }

  /** The most children that a topic may have where the text itself has no say. */
  int most(int otherwise) {
    return branches == 0 ? otherwise : branches;
  }
}
