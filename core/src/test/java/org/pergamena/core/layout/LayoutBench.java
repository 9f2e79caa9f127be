package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.Legend;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/**
 * How long each layout takes for maps of several sizes, and how far topics that an edit does not
 * concern move by it.
 */
public final class LayoutBench {
  private static final int TIMES = 15;
  private static final int STEADY = 500;
  private static final double MS = 1e6;

  private LayoutBench() {}

  /** Measures and prints tables. */
  public static void main(String[] args) {
    int[] sizes = {500, 2_000, 8_000, 20_000};
    System.out.println(
        "| layout | "
            + String.join(" | ", Arrays.stream(sizes).mapToObj(s -> s + " topics").toList())
            + " |");
    System.out.println("|---|" + "---|".repeat(sizes.length));
    for (LayoutKind kind : LayoutKind.values()) {
      StringBuilder row = new StringBuilder("| " + kind);
      for (int size : sizes) {
        row.append(" | ").append(Math.round(time(kind, size))).append(" ms");
      }
      System.out.println(row.append(" |"));
    }
    System.out.println();
    System.out.println("| 500 topics | add | rename | remove | of those that move |");
    System.out.println("|---|---|---|---|---|");
    for (LayoutKind kind : LayoutKind.values()) {
      System.out.println(Steadiness.of(map(STEADY, kind)).row(kind));
    }
  }

  private static double time(LayoutKind kind, int size) {
    TopicMap map = map(size, kind);
    Typesetter typesetter = new Typesetter(Papers.PALETTE, Papers.MEASURER);
    long[] took = new long[TIMES];
    for (int i = 0; i < TIMES; i++) {
      Sheet sheet =
          new Sheet(map, null, Set.of(), t -> TopicLook.bare("1.1", List.of(0, 1), ""), typesetter);
      long begun = System.nanoTime();
      MapLayout.lay(sheet);
      took[i] = System.nanoTime() - begun;
    }
    Arrays.sort(took);
    return took[TIMES / 2] / MS;
  }

  /** A map in which each topic has up to seven below it. */
  static TopicMap map(int size, LayoutKind kind) {
    Random random = new Random(size);
    List<UUID> ids = new ArrayList<>();
    Map<UUID, List<UUID>> children = new HashMap<>();
    Map<UUID, UUID> parents = new HashMap<>();
    for (int i = 0; i < size; i++) {
      UUID id = new UUID(1, i);
      if (i > 0) {
        UUID parent =
            ids.get((i - 1) / 7 + random.nextInt(1 + i / 40) % Math.max(1, i - (i - 1) / 7));
        parents.put(id, parent);
        children.computeIfAbsent(parent, key -> new ArrayList<>()).add(id);
      }
      ids.add(id);
    }
    List<Topic> topics = new ArrayList<>();
    for (UUID id : ids) {
      String label = "creek ".repeat(1 + random.nextInt(6)).strip();
      topics.add(
          new Topic(
              id, parents.get(id), children.getOrDefault(id, List.of()), Content.labelled(label)));
    }
    MapLook look = MapLook.USUAL.with(Arrangement.of(kind));
    return TopicMap.of(topics, List.of(), List.of(), List.of(), look, Legend.USUAL, Map.of());
  }
}
