package org.pergamena.core.study.people;

import java.util.List;
import org.pergamena.core.source.Span;

/**
 * Words of a text that name somebody or a body.
 *
 * @param sentence its place among the sentences of the text
 * @param span in the source text
 * @param form as it is written, without an article and its title
 * @param title before it, empty for none
 * @param words of the form
 * @param kind how it names
 */
record Mention(
    int sentence, Span span, String form, String title, List<String> words, Manner kind) {
  /** How words name somebody. */
  enum Manner {
    /** A person by given and family name, or with a title. */
    FULL,
    /** A person by a given name alone. */
    GIVEN,
    /** A word that may be a family name, or a body's name cut short. */
    BARE,
    /** Two words with capitals that are no known given name. */
    UNSURE,
    /** What somebody is, with an article. */
    ROLE,
    /** A body by its name. */
    BODY,
    /** A body by what it is: the committee. */
    KIND,
    /** The same where the noun means other things too. */
    WEAK_KIND
  }

  Mention {
    words = List.copyOf(words);
  }

  /** The last word. */
  String last() {
    return words.get(words.size() - 1);
  }

  /** The same in another manner. */
  Mention as(Manner other) {
    return new Mention(sentence, span, form, title, words, other);
  }
}
