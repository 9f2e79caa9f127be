package org.pergamena.core.layout;

import java.util.List;
import java.util.UUID;

/**
 * A drawn map: what stands where, with the topic that it belongs to.
 *
 * @param width of all that is drawn, margins included
 * @param height of all that is drawn, margins included
 */
public record Scene(double width, double height, List<PlacedTopic> topics) {

  /**
   * A topic as it is drawn.
   *
   * @param level 0 for the root
   * @param branch its main branch, from 0; below 0 as {@link org.pergamena.core.map.Numbering} has
   *     it
   * @param box around all that belongs to the topic itself; no two overlap
   * @param brace from the topic to its children, null if none are shown
   * @param toggle where a pointer opens or closes the branch, null if there are no children
   * @param closed whether there are children that are not shown
   */
  public record PlacedTopic(
      UUID id,
      int level,
      int branch,
      Box box,
      List<PlacedText> texts,
      List<Mark> marks,
      Path brace,
      Box toggle,
      boolean closed) {}

  /** What a text is, which gives it its colour. */
  public enum Role {
    LABEL,
    NUMBER,
    COUNT,
    WARNING
  }

  /**
   * One line of text.
   *
   * @param x its left end
   * @param y its baseline
   */
  public record PlacedText(Role role, String text, double x, double y, TextStyle style) {}

  /**
   * A small filled rectangle: a stroke of the tally.
   *
   * @param ink the source's place among the map's sources, from 0; its colour
   */
  public record Mark(Box box, int ink) {}
}
