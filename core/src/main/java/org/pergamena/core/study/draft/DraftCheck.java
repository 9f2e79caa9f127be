package org.pergamena.core.study.draft;

import java.util.List;
import java.util.UUID;

/**
 * A draft held against a message and a map.
 *
 * @param words of the draft
 * @param lines its sentences in their order
 * @param rooms how much of it the topics take, in the map's order; last, with a null topic, what is
 *     on none
 * @param points those of the message in their order
 */
public record DraftCheck(int words, List<Line> lines, List<Room> rooms, List<Carried> points) {
  public DraftCheck {
    lines = List.copyOf(lines);
    rooms = List.copyOf(rooms);
    points = List.copyOf(points);
  }

  /**
   * A sentence of the draft.
   *
   * @param start first code unit in the draft
   * @param topic that it is on, or null
   * @param point that it carries the most of, from 0, or -1
   * @param strength of that, 0 to 1
   */
  public record Line(int start, int end, int words, UUID topic, int point, double strength) {}

  /**
   * The room of a topic.
   *
   * @param words on it and on those below it
   * @param lines sentences on it and on those below it
   */
  public record Room(UUID topic, int words, int lines) {
    Room with(Line line) {
      return new Room(topic, words + line.words(), lines + 1);
    }
  }

  /**
   * A point of the message.
   *
   * @param strength of the sentence that carries it best, 0 to 1; 0 if none does
   * @param lines that carry it, by their places, the strongest first
   * @param room words of these
   */
  public record Carried(String words, double strength, List<Integer> lines, int room) {
    /** From here on a point is carried, below that only touched. */
    public static final double FULLY = 0.7;

    public Carried {
      lines = List.copyOf(lines);
    }

    /** Whether no sentence carries it. */
    public boolean missing() {
      return lines.isEmpty();
    }
  }
}
