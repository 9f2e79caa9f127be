package org.pergamena.core.map;

/**
 * What a map is drawn on and with, where a person chose otherwise than the theme; what is null is
 * as the theme has it.
 *
 * @param strength of all its lines
 * @param face of all its labels
 * @param watermark words across it, empty for none
 */
public record Paper(
    Grain grain, Colour ground, Strength strength, Typeface face, String watermark) {
  /** As the theme has it. */
  public static final Paper NONE = new Paper(null, null, null, null, "");

  private static final int LONGEST = 60;

  public Paper {
    watermark = watermark == null ? "" : watermark.strip();
    if (watermark.length() > LONGEST || watermark.lines().count() > 1) {
      throw new MapRuleException(
          "A watermark is one line of at most " + LONGEST + " characters. Shorten it.");
    }
  }
}
