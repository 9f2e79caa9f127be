package org.pergamena.core.map;

/**
 * How the lines from a topic to those below it are drawn; what is null is as the theme has it.
 *
 * @param arrows whether they end in heads
 */
public record Stroke(Colour colour, Strength strength, LineForm form, Boolean arrows) {
  /** As the theme has it. */
  public static final Stroke NONE = new Stroke(null, null, null, null);

  Stroke over(Stroke under) {
    return new Stroke(
        colour == null ? under.colour : colour,
        strength == null ? under.strength : strength,
        form == null ? under.form : form,
        arrows == null ? under.arrows : arrows);
  }
}
