package org.pergamena.core.distil.label;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;

/** The noun phrases of sentences, by which subjects are told apart. */
public final class TermFinder {
  private TermFinder() {}

  /**
   * A noun phrase.
   *
   * @param key its stems, the same for all its forms
   * @param words as they stand there
   * @param whole whether no longer one stands around it
   */
  public record Term(String key, String words, boolean whole) {}

  /** Those of a sentence, each once. */
  public static List<Term> in(Sentence sentence, Analysed text) {
    List<Phrase> phrases =
        Phrases.of(sentence, text).stream().filter(p -> p.nouns() && !p.key().isEmpty()).toList();
    Set<Token> within = new HashSet<>();
    Map<String, Term> terms = new LinkedHashMap<>();
    List<Phrase> longest =
        phrases.stream().sorted((a, b) -> b.tokens().size() - a.tokens().size()).toList();
    for (Phrase phrase : longest) {
      boolean whole = !within.containsAll(phrase.tokens());
      within.addAll(phrase.tokens());
      if (!phrase.generic()) {
        String words =
            phrase.tokens().stream().map(Token::surface).collect(Collectors.joining(" "));
        terms.putIfAbsent(phrase.key(), new Term(phrase.key(), words, whole));
      }
    }
    return List.copyOf(terms.values());
  }
}
