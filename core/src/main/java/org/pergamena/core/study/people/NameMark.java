package org.pergamena.core.study.people;

/**
 * What a person did to a name by hand; it is known by the words of the name.
 *
 * @param words in lower case, without an article
 * @param name what is shown, empty if it stays
 * @param with the words of the name that it is another name of, empty for none
 * @param apart whether it names somebody of its own, whatever it resembles
 * @param off whether it names nobody
 * @param person whether it is a person or a body, null as it was found
 */
public record NameMark(
    String words, String name, String with, boolean apart, boolean off, Boolean person) {
  /** Nothing done yet. */
  public static NameMark of(String words) {
    return new NameMark(words, "", "", false, false, null);
  }
}
