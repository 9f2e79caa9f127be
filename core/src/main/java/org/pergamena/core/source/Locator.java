package org.pergamena.core.source;

import java.util.Locale;

/**
 * Where an offset lies for a person. What a source does not have is null.
 *
 * @param page the page's place in the file, from 1
 * @param pageLabel what is printed on the page as its number
 * @param startMs milliseconds into the recording
 * @param speaker who speaks
 * @param section the heading that the offset stands under
 * @param place the line, paragraph or row, as the file counts it
 */
public record Locator(
    Integer page, String pageLabel, Long startMs, String speaker, String section, String place) {

  /**
   * As it is cited: {@code p. 41}, {@code slide 3}, {@code 12:47}, or the heading and the line;
   * empty if nothing is known.
   */
  public String citation() {
    if (pageLabel != null) {
      return pageLabel.contains(" ") ? pageLabel : "p. " + pageLabel;
    }
    if (startMs != null) {
      return clock(startMs);
    }
    if (place == null) {
      return section == null ? "" : section;
    }
    return section == null ? place : section + ", " + place;
  }

  /** A time as {@code m:ss} or {@code h:mm:ss}. */
  public static String clock(long milliseconds) {
    long seconds = milliseconds / 1000;
    return seconds < 3600
        ? String.format(Locale.ROOT, "%d:%02d", seconds / 60, seconds % 60)
        : String.format(
            Locale.ROOT, "%d:%02d:%02d", seconds / 3600, seconds / 60 % 60, seconds % 60);
  }
}
