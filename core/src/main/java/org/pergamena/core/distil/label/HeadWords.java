package org.pergamena.core.distil.label;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;

/**
 * How likely each word of a group is to stand in the heading that an author would have given it: a
 * logistic model of how often the word occurs there and elsewhere, how early, and as what part of
 * speech. Its weights were fitted to the headings of technical manuals and histories; left out one
 * by one, each manual's headings were told as well by the others.
 */
final class HeadWords {
  private static final double BASE = -3.109;
  private static final double COUNT = 0.485;
  private static final double COUNT_BY_LIFT = 0.08;
  private static final double NOUN = 0.293;
  private static final double OPENING = 1.124;
  private static final double LATENESS = -0.814;
  private static final double RATE = 0.692;
  private static final double SPREAD = -0.185;

  private final Map<String, Word> words = new HashMap<>();
  private final Vocabulary vocabulary;
  private double inGroup;
  private int parts;

  private static final class Word {
    int count;
    int nouns;
    int opening;
    int first = Integer.MAX_VALUE;
    int partsWith;
  }

  /** Counts the words of a group. */
  HeadWords(Group group, Vocabulary vocabulary) {
    this.vocabulary = vocabulary;
    group.parts().forEach(this::count);
  }

  private void count(Part part) {
    parts++;
    Set<String> here = new HashSet<>();
    List<Sentence> sentences = part.sentences();
    for (int i = 0; i < sentences.size(); i++) {
      inGroup += sentences.get(i).words();
      for (Token token : sentences.get(i).tokens()) {
        if (token.content()) {
          Word word = words.computeIfAbsent(token.stem(), stem -> new Word());
          word.count++;
          word.nouns += token.noun() ? 1 : 0;
          word.first = Math.min(word.first, i);
          if (here.add(token.stem())) {
            word.partsWith++;
            word.opening += i == 0 ? 1 : 0;
          }
        }
      }
    }
  }

  /** How many times as often a stem occurs in the group as in all the text, as a logarithm. */
  double lift(String stem) {
    double share = words.get(stem).count / inGroup;
    return Math.log(share / (vocabulary.count(stem) / vocabulary.words()));
  }

  /** The likelihood, 0 to 1; 0 for a stem that does not occur in the group. */
  double likelihood(String stem) {
    Word word = words.get(stem);
    if (word == null) {
      return 0;
    }
    double count = Math.log(word.count);
    double lift = lift(stem);
    double logit =
        BASE
            + COUNT * count
            + COUNT_BY_LIFT * count * lift
            + NOUN * word.nouns / word.count
            + OPENING * word.opening / parts
            + LATENESS * Math.log(2 + word.first)
            + RATE * Math.log(100.0 * word.count / inGroup + 0.1)
            + SPREAD * word.partsWith / parts;
    return 1 / (1 + Math.exp(-logit));
  }
}
