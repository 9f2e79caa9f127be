package org.pergamena.core.layout;

import java.util.List;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Tag;

/**
 * What is drawn of a topic beside its label.
 *
 * @param number its place, as 2.3.1; empty for the root and on maps without numbers
 * @param tally for each of its passages the source's place among the map's sources, from 0
 * @param warning a word such as <em>thin</em>, or empty
 * @param lead the words on the line from its parent, may be empty
 * @param noted whether it has a note
 * @param remarked whether a remark on it is open
 * @param tags what it is marked with, in order
 * @param text that is written out below its label, may be empty
 * @param pictures that stand around its label
 * @param style by hand and by rule
 */
public record TopicLook(
    String number,
    List<Integer> tally,
    String warning,
    String lead,
    boolean noted,
    boolean remarked,
    List<Tag> tags,
    String text,
    List<Picture> pictures,
    Style style) {
  /** Nothing that a person has set beside it. */
  public static TopicLook bare(String number, List<Integer> tally, String warning) {
    return new TopicLook(
        number, tally, warning, "", false, false, List.of(), "", List.of(), Style.NONE);
  }

  /** What is drawn where the topic is only shown again. */
  TopicLook asGuest() {
    return bare(number, List.of(), "");
  }
}
