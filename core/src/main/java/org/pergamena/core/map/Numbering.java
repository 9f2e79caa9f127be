package org.pergamena.core.map;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;

/**
 * The numbers of topics by their place: main branches 1, 2, 3, below them 1.1, 1.2 and so on; those
 * that lie loose have letters.
 */
public final class Numbering {
  /** What the root has for a main branch. */
  public static final int ROOT = -1;

  /** What a topic that is set aside, or lies below one, has for a main branch. */
  public static final int ASIDE = -2;

  private Numbering() {}

  /** The number of every topic; the root's is empty. */
  public static Map<UUID, String> of(TopicMap map) {
    Map<UUID, String> numbers = new HashMap<>();
    numbers.put(map.root().id(), "");
    for (Topic topic : map.preorder()) {
      String above = numbers.get(topic.id());
      int place = 1;
      int loose = 0;
      for (UUID child : topic.children()) {
        if (map.loose(map.topic(child))) {
          numbers.put(child, letters(loose++));
        } else {
          numbers.put(child, above.isEmpty() ? "" + place : above + "." + place);
          place++;
        }
      }
    }
    return numbers;
  }

  /** a to z, then aa, ab and so on. */
  private static String letters(int place) {
    String last = String.valueOf((char) ('a' + place % 26));
    return place < 26 ? last : letters(place / 26 - 1) + last;
  }

  /**
   * The colour of every topic's main branch, from 0; {@link #ROOT} and {@link #ASIDE} for the
   * others.
   */
  public static Map<UUID, Integer> branches(TopicMap map) {
    Map<UUID, Integer> branches = new HashMap<>();
    for (Topic topic : map.preorder()) {
      int branch = ROOT;
      if (topic.parent() != null) {
        int above = branches.get(topic.parent());
        branch = above == ROOT ? map.colour(topic.id()) : above;
      }
      branches.put(topic.id(), topic.aside() ? ASIDE : branch);
    }
    return branches;
  }
}
