package org.pergamena.core.distil;

import java.util.Set;
import java.util.UUID;

/**
 * What the person asks of the map.
 *
 * @param levels levels below the root, 1 to 5
 * @param branches most topics under one topic, 2 to 12; 0 leaves it to the material
 * @param detail how finely subjects are divided and quoted
 * @param order what the main branches follow
 * @param sources only these, or all if there are none
 * @param wishes what the map should be about
 */
public record DistilOptions(
    int levels, int branches, Detail detail, Order order, Set<UUID> sources, Wishes wishes) {
  /** How finely subjects are divided and quoted. */
  public enum Detail {
    BRIEF(2, 2, 2.4),
    USUAL(1, 6, 2.4),
    FINE(0.5, 8, 2.2);

    private final double size;
    private final int quotes;
    private final double nameable;

    Detail(double size, int quotes, double nameable) {
      this.size = size;
      this.quotes = quotes;
      this.nameable = nameable;
    }

    /** What a topic's best name is to be rated at least, 1 to 5; else it is no topic. */
    double nameable() {
      return nameable;
    }

    /** How many words a topic accounts for, against the usual. */
    double size() {
      return size;
    }

    /** The most passages of one topic. */
    int quotes() {
      return quotes;
    }
  }

  /** What main branches follow. */
  public enum Order {
    /** What the sources speak of, whichever of them. */
    SUBJECT,
    /** The sources, each with a main branch of its own. */
    SOURCES,
    /** By subject, topics in the order of the events that they tell. */
    TIME
  }

  /** Fewest and most levels below the root. */
  public static final int MOST_LEVELS = 5;

  /** The most topics that may be asked for under one topic. */
  public static final int MOST_BRANCHES = 12;

  /** What is done if nothing is asked. */
  public static final DistilOptions DEFAULT = new DistilOptions(3, 0);

  /** By subject, out of all sources. */
  public DistilOptions(int levels, int branches) {
    this(levels, branches, Detail.USUAL, Order.SUBJECT, Set.of(), Wishes.NONE);
  }

  public DistilOptions {
    detail = detail == null ? Detail.USUAL : detail;
    order = order == null ? Order.SUBJECT : order;
    sources = sources == null ? Set.of() : Set.copyOf(sources);
    wishes = wishes == null ? Wishes.NONE : wishes;
    if (levels < 1 || levels > MOST_LEVELS) {
      throw new IllegalArgumentException(
          "Levels must be between 1 and " + MOST_LEVELS + ", not " + levels + ".");
    }
    if (branches != 0 && (branches < 2 || branches > MOST_BRANCHES)) {
      throw new IllegalArgumentException(
          "Branches must be between 2 and " + MOST_BRANCHES + ", not " + branches + ".");
    }
  }

  /** The same options in another order of the main branches. */
  public DistilOptions by(Order other) {
    return new DistilOptions(levels, branches, detail, other, sources, wishes);
  }

  /** The same options with other wishes. */
  public DistilOptions with(Wishes others) {
    return new DistilOptions(levels, branches, detail, order, sources, others);
  }

  /** The most children that a topic may have where the text itself has no say. */
  int most(int otherwise) {
    return branches == 0 ? otherwise : branches;
  }
}
