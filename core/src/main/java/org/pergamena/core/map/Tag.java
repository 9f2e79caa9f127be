package org.pergamena.core.map;

/**
 * A word that topics of a map are marked with.
 *
 * @param id its identity within the map, never shown
 * @param word one or a few words on one line
 * @param meaning when it is given, may be empty
 * @param sign name of the small drawing beside it
 */
public record Tag(String id, String word, String meaning, String sign) {
  /** The longest word, in code units. */
  public static final int LONGEST_WORD = 40;

  private static final int LONGEST_MEANING = 300;
  private static final int LONGEST_NAME = 40;

  public Tag {
    if (word.isBlank() || word.length() > LONGEST_WORD || word.lines().count() != 1) {
      throw new MapRuleException(
          "The word of a tag is one line of 1 to " + LONGEST_WORD + " characters. Change it.");
    }
    if (meaning.length() > LONGEST_MEANING) {
      throw new MapRuleException(
          "The meaning of a tag has at most " + LONGEST_MEANING + " characters. Shorten it.");
    }
    if (id.isBlank() || id.length() > LONGEST_NAME || sign.length() > LONGEST_NAME) {
      throw new MapRuleException("The tag \"" + word + "\" has no sound identity or sign.");
    }
  }
}
