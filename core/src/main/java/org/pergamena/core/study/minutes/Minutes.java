package org.pergamena.core.study.minutes;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.source.Passage;

/**
 * The minutes of a meeting at a glance.
 *
 * @param told whether the source says that it is minutes, or looks like them
 * @param people who was there, who was not
 * @param items what was spoken of, in order
 * @param lost what was done by hand to sentences that are in the source no more
 */
public record Minutes(
    UUID source, boolean told, List<Person> people, List<Item> items, List<MinutesMark> lost) {
  public Minutes {
    people = List.copyOf(people);
    items = List.copyOf(items);
    lost = List.copyOf(lost);
  }

  /** Whether somebody was at a meeting. */
  public enum Presence {
    PRESENT,
    ATTENDING,
    ABSENT
  }

  /** Somebody, with the words that say so. */
  public record Person(String name, Presence presence, Passage passage) {}

  /** What a sentence of minutes is. */
  public enum Kind {
    DECISION,
    VOTE,
    ACTION,
    /** By hand: none of these. */
    NONE
  }

  /**
   * What was spoken of.
   *
   * @param title as the minutes have it, or its first words
   */
  public record Item(String title, Passage passage, List<Point> points) {
    public Item {
      points = List.copyOf(points);
    }
  }

  /**
   * A decision, a vote or something to do.
   *
   * @param key by which it is corrected
   * @param who is to do it, or decided; may be empty
   * @param until when it is to be done, as the minutes have it; may be empty
   * @param byHand whether a person said so
   */
  public record Point(
      String key, Kind kind, Passage passage, String who, String until, boolean byHand) {}
}
