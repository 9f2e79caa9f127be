package org.pergamena.core.map;

/**
 * How topics look; what is null is as it would be without.
 *
 * @param ink of the label
 * @param ground behind the label
 * @param line from the topic to those below it
 */
public record Style(
    Typeface face,
    TextSize size,
    Boolean bold,
    Boolean italic,
    Colour ink,
    Colour ground,
    Outline outline,
    Stroke line) {
  /** Nothing given. */
  public static final Style NONE = new Style(null, null, null, null, null, null, null, Stroke.NONE);

  public Style {
    line = line == null ? Stroke.NONE : line;
  }

  /** Nothing but an ink. */
  public static Style inked(Colour ink) {
    return new Style(null, null, null, null, ink, null, null, Stroke.NONE);
  }

  /** Nothing but a ground. */
  public static Style grounded(Colour ground) {
    return new Style(null, null, null, null, null, ground, null, Stroke.NONE);
  }

  /** Nothing but a size. */
  public static Style sized(TextSize size) {
    return new Style(null, size, null, null, null, null, null, Stroke.NONE);
  }

  /** This where it says something, another where not. */
  public Style over(Style under) {
    if (equals(NONE)) {
      return under;
    }
    return new Style(
        face == null ? under.face : face,
        size == null ? under.size : size,
        bold == null ? under.bold : bold,
        italic == null ? under.italic : italic,
        ink == null ? under.ink : ink,
        ground == null ? under.ground : ground,
        outline == null ? under.outline : outline,
        line.over(under.line));
  }
}
