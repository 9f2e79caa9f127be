package org.pergamena.core.distil.text;

/**
 * A word or mark of a sentence.
 *
 * @param start first code unit in the source text
 * @param surface as it is written
 * @param stem what it has in common with its other forms, in lower case
 * @param tag its part of speech, by Universal Dependencies
 * @param content whether it carries meaning of its own: no stop word, no mark
 */
public record Token(int start, String surface, String stem, String tag, boolean content) {
  /** One past its last code unit in the source text. */
  public int end() {
    return start + surface.length();
  }

  /** Whether it is a noun or a name. */
  public boolean noun() {
    return tag.equals("NOUN") || tag.equals("PROPN");
  }

  /** Whether it is a word, not a mark. */
  public boolean word() {
    return Character.isLetterOrDigit(surface.charAt(0));
  }
}
