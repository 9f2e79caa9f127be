package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;

/**
 * How a reply stands to a map.
 *
 * @param topics of each point of the reply the topic that means the same, or null
 * @param differences the points in their order, then what the reply does not have
 */
public record Compared(List<UUID> topics, List<Difference> differences) {
  public Compared {
    topics = Collections.unmodifiableList(new ArrayList<>(topics));
    differences = List.copyOf(differences);
  }

  /** In what a point and the map differ. */
  public enum Kind {
    NEW,
    /** Nothing: it is there already. */
    SAME,
    RENAMED,
    MOVED,
    /** Its definition is another. */
    DEFINED,
    /** It names passages that the topic does not have. */
    CITED,
    /** The map has it and the reply does not. */
    MISSING,
    /** A relation that the map does not have. */
    RELATED
  }

  /**
   * One of them.
   *
   * @param point its place among the points, or among the relations for {@link Kind#RELATED}; -1 if
   *     the reply does not have it
   * @param topic of the map that it is about, or null if it is not there
   * @param was what the map says: its label, its definition, what it stands under
   * @param is what the reply says in its place
   * @param sure how sure it is that both mean the same, 0 to 1
   * @param yours whether it would put something in the place of what a person did by hand
   */
  public record Difference(
      Kind kind, int point, UUID topic, String was, String is, double sure, boolean yours) {
    /** What it is called by, the same as long as reply and map are the same. */
    public String id() {
      return kind + " " + (point >= 0 ? String.valueOf(point) : String.valueOf(topic));
    }

    /** What it says, whichever line of whichever reply says it. */
    public String says() {
      return kind + " " + (topic == null ? "" : topic) + " " + is;
    }
  }
}
