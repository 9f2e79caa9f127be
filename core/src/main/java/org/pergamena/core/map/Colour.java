package org.pergamena.core.map;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * A colour that a person gave: one of the theme's at a strength, which is another in another theme,
 * or a free one, which stays.
 *
 * @param ink of the theme, null for a free colour
 * @param strength of the ink on the ground, 1 to 100 percent
 * @param free as {@code #rrggbb}, null for an ink
 */
public record Colour(Ink ink, int strength, String free) {
  private static final int WHOLE = 100;
  private static final Pattern FREE = Pattern.compile("#[0-9a-f]{6}");

  public Colour {
    boolean one = ink == null ^ free == null;
    if (!one || strength < 1 || strength > WHOLE || free != null && !FREE.matcher(free).matches()) {
      throw new MapRuleException(
          "That is no colour. Choose an ink of the theme, or write one as #2b4c82.");
    }
  }

  /** An ink of the theme in its whole strength. */
  public static Colour of(Ink ink) {
    return new Colour(ink, WHOLE, null);
  }

  /** An ink of the theme, weaker. */
  public static Colour of(Ink ink, int strength) {
    return new Colour(ink, strength, null);
  }

  /**
   * Reads what {@link #written} wrote.
   *
   * @throws MapRuleException if it is no colour
   */
  public static Colour read(String text) {
    String word = text.strip();
    if (word.startsWith("#")) {
      return new Colour(null, WHOLE, word.toLowerCase(Locale.ROOT));
    }
    int slash = word.indexOf('/');
    try {
      Ink ink = Ink.valueOf(slash < 0 ? word : word.substring(0, slash));
      return of(ink, slash < 0 ? WHOLE : Integer.parseInt(word.substring(slash + 1)));
    } catch (IllegalArgumentException e) {
      throw new MapRuleException(
          "\"" + word + "\" is no colour. Choose an ink, or write one as #2b4c82.");
    }
  }

  /** As {@code WOAD}, {@code WOAD/30} or {@code #2b4c82}. */
  public String written() {
    return free != null ? free : strength == WHOLE ? ink.name() : ink.name() + "/" + strength;
  }
}
