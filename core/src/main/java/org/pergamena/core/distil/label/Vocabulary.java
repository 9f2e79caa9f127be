package org.pergamena.core.distil.label;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;

/** The words and phrases of all the text that there is. */
final class Vocabulary {
  private static final double NOUN_SHARE = 0.6;

  /** What is done is no verb if it is a noun more often. */
  private static final double VERB_SHARE = 0.5;

  private final Map<Sentence, Analysed> of = new IdentityHashMap<>();
  private final Map<Sentence, List<Phrase>> phrases = new IdentityHashMap<>();
  private final Map<String, Integer> everywhere = new HashMap<>();
  private final Map<String, Integer> nouns = new HashMap<>();
  private final Map<String, Integer> spread = new HashMap<>();
  private double words;
  private int sentences;

  /**
   * Of some texts.
   *
   * @param pulse run many times a second; it may throw to stop the work
   */
  Vocabulary(Collection<Analysed> texts, Runnable pulse) {
    for (Analysed text : texts) {
      for (Sentence sentence : text.sentences()) {
        pulse.run();
        of.put(sentence, text);
        count(sentence);
      }
    }
  }

  private void count(Sentence sentence) {
    sentences++;
    words += sentence.words();
    Set<String> here = new HashSet<>();
    for (Token token : sentence.tokens()) {
      if (token.content()) {
        everywhere.merge(token.stem(), 1, Integer::sum);
        nouns.merge(token.stem(), token.noun() ? 1 : 0, Integer::sum);
        if (here.add(token.stem())) {
          spread.merge(token.stem(), 1, Integer::sum);
        }
      }
    }
  }

  /** The phrases of a sentence in which what is taken for nouns are nouns mostly, not verbs. */
  List<Phrase> phrases(Sentence sentence) {
    return phrases.computeIfAbsent(
        sentence, key -> Phrases.of(key, of.get(key)).stream().filter(this::sound).toList());
  }

  private boolean sound(Phrase phrase) {
    Token first = phrase.tokens().get(0);
    boolean does = !phrase.nouns() && first.tag().equals("VERB");
    if (does && share(nouns, first) > VERB_SHARE) {
      return false;
    }
    return phrase.tokens().stream()
        .filter(token -> token.noun() && token.content())
        .allMatch(token -> share(nouns, token) >= NOUN_SHARE);
  }

  private double share(Map<String, Integer> some, Token token) {
    return some.get(token.stem()) / (double) everywhere.get(token.stem());
  }

  /** How often a stem occurs in all the text. */
  int count(String stem) {
    return everywhere.get(stem);
  }

  /** In what share of all sentences a stem occurs. */
  double share(String stem) {
    return spread.getOrDefault(stem, 0) / (double) sentences;
  }

  /** How few sentences have a stem, as a logarithm. */
  double rarity(String stem) {
    return Math.log(1 + sentences / (double) spread.get(stem));
  }

  /** Number of words. */
  double words() {
    return words;
  }
}
