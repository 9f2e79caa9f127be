package org.pergamena.core.outline;

/**
 * A line of an outline, as it is written or as something else was understood.
 *
 * @param number of the line that it stands on, from 1; several may stand on one
 * @param depth of a topic under the last heading, from 1; else 0
 * @param note of a topic that was understood, may be empty
 */
public record OutlineLine(int number, String text, Kind kind, int depth, String note) {
  /** How a line is to be read. */
  public enum Kind {
    /** By its marks and its indentation. */
    WRITTEN,
    TOPIC,
    /** A heading under the last one that is written as such. */
    HEADING,
    /** Words that stand under the topic before. */
    TEXT
  }

  /** A line as it is written. */
  public static OutlineLine written(int number, String text) {
    return new OutlineLine(number, text, Kind.WRITTEN, 0, "");
  }

  /** A topic that was understood. */
  public static OutlineLine topic(int number, int depth, String label, String note) {
    return new OutlineLine(number, label, Kind.TOPIC, depth, note);
  }

  /** A heading that is not written as one. */
  public static OutlineLine heading(int number, String words) {
    return new OutlineLine(number, words, Kind.HEADING, 0, "");
  }

  /** Words that are no topic. */
  public static OutlineLine text(int number, String words) {
    return new OutlineLine(number, words, Kind.TEXT, 0, "");
  }

  boolean understood() {
    return kind != Kind.WRITTEN;
  }
}
