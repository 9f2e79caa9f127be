package org.pergamena.core.reply;

import java.util.List;
import org.pergamena.core.outline.Outline.Repair;

/**
 * What was found in the answer of a text assistant.
 *
 * @param points every parent before its children
 * @param links relations that tables and diagrams name
 * @param repairs what was wrong and how it was understood, in the order of the lines
 * @param left the lines that became neither, in their order
 */
public record Reply(List<Point> points, List<Linked> links, List<Repair> repairs, List<Left> left) {
  public Reply {
    points = List.copyOf(points);
    links = List.copyOf(links);
    repairs = List.copyOf(repairs);
    left = List.copyOf(left);
  }

  /**
   * A topic that the reply offers.
   *
   * @param line where it stands, from 1
   * @param level 1 for the uppermost; at most one more than the point before
   * @param definition what follows its label, may be empty
   * @param note paragraphs and links that stand under it, may be empty
   * @param cites keys of passages that it names, whether or not they exist
   */
  public record Point(
      int line, int level, String label, String definition, String note, List<String> cites) {
    public Point {
      cites = List.copyOf(cites);
    }
  }

  /**
   * A relation between two topics, named by their labels.
   *
   * @param phrase may be empty
   */
  public record Linked(int line, String from, String phrase, String to) {}

  /** A line that was not taken. */
  public record Left(int line, String text, Why why) {}

  /** Why a line was not taken. */
  public enum Why {
    /** It stands before, after or between what was asked for. */
    AROUND,
    /** It marks where something begins or ends, or names columns. */
    FORM,
    /** It was not understood. */
    UNREAD
  }
}
