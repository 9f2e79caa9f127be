package org.pergamena.core.study.people;

import java.util.List;
import org.pergamena.core.source.Passage;

/**
 * A person or body that the sources name.
 *
 * @param key by which it is known
 * @param name as it is shown
 * @param person whether it is a person, else a body
 * @param roles what a person is by the sources, as the warden
 * @param forms how it is named, the most frequent first
 * @param places where, in the order of the sources
 * @param byHand whether a person joined, renamed or otherwise corrected it
 * @param off whether a person took it off the list
 */
public record Somebody(
    String key,
    String name,
    boolean person,
    List<String> roles,
    List<Form> forms,
    List<Place> places,
    boolean byHand,
    boolean off) {
  public Somebody {
    roles = List.copyOf(roles);
    forms = List.copyOf(forms);
    places = List.copyOf(places);
  }

  /** Words by which somebody is named so many times. */
  public record Form(String words, int times) {}

  /**
   * A sentence that names somebody.
   *
   * @param words by which
   */
  public record Place(Passage passage, String words) {}
}
