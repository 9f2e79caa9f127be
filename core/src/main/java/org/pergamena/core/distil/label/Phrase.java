package org.pergamena.core.distil.label;

import java.util.List;
import java.util.stream.Collectors;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/**
 * A phrase met in a text.
 *
 * @param key its stems, the same for all its forms
 * @param nouns whether it is a noun phrase, {@code the outer wall}, and not made of what is said
 *     with one, {@code raising the sill}
 * @param tokens its words; as they stand there, but for what makes a clause a phrase
 * @param tongue the language of the text
 */
record Phrase(String key, boolean nouns, List<Token> tokens, Tongue tongue) {
  static Phrase of(boolean nouns, List<Token> tokens, Tongue tongue) {
    String key =
        tokens.stream().filter(Token::content).map(Token::stem).collect(Collectors.joining(" "));
    return new Phrase(key, nouns, List.copyOf(tokens), tongue);
  }

  /**
   * Whether it names nothing in particular: one word that could stand over any text, or the text
   * itself, as {@code magazine article}.
   */
  boolean generic() {
    return tokens.size() == 1 && vague() || nouns && tongue.work(head().surface());
  }

  /**
   * Whether its head could stand over any text, and no other noun tells it more closely, as {@code
   * lower figure} or {@code figure for carbon}.
   */
  boolean vague() {
    if (nouns) {
      boolean alone = tokens.stream().filter(Token::noun).count() <= 1;
      return alone && tongue.generic(head().surface());
    }
    int link = 0;
    while (link < tokens.size() && !tongue.links(tokens.get(link).surface())) {
      link++;
    }
    return link > 0 && link < tokens.size() && tongue.generic(tokens.get(link - 1).surface());
  }

  private Token head() {
    return tokens.get(tongue.headFirst() ? 0 : tokens.size() - 1);
  }

  /** Whether it is a name of several words. */
  boolean name() {
    return tokens.size() > 1 && tokens.stream().allMatch(token -> token.tag().equals("PROPN"));
  }
}
