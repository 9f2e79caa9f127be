package org.pergamena.core.map;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;

/** The numbers of topics by their place: main branches 1, 2, 3, below them 1.1, 1.2 and so on. */
public final class Numbering {
  private Numbering() {}

  /** The number of every topic; the root's is empty. */
  public static Map<UUID, String> of(TopicMap map) {
    Map<UUID, String> numbers = new HashMap<>();
    numbers.put(map.root().id(), "");
    for (Topic topic : map.preorder()) {
      String above = numbers.get(topic.id());
      int place = 1;
      for (UUID child : topic.children()) {
        numbers.put(child, above.isEmpty() ? "" + place : above + "." + place);
        place++;
      }
    }
    return numbers;
  }

  /** The main branch, from 0, that a number lies in; -1 for the root's. */
  public static int mainBranch(String number) {
    if (number.isEmpty()) {
      return -1;
    }
    int dot = number.indexOf('.');
    return Integer.parseInt(dot < 0 ? number : number.substring(0, dot)) - 1;
  }
}
