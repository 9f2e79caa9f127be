package org.pergamena.core.study.people;

import java.util.List;
import org.pergamena.core.source.Passage;

/**
 * That two occur together.
 *
 * @param from the one that is named first most often
 * @param sentences that name both
 * @param paragraphs that name both, in different sentences
 * @param phrases words that stand between them with a verb, the most frequent first
 * @param passages the sentences that name both, else the paragraphs' first of them
 */
public record Tie(
    String from,
    String to,
    int sentences,
    int paragraphs,
    List<String> phrases,
    List<Passage> passages) {
  public Tie {
    phrases = List.copyOf(phrases);
    passages = List.copyOf(passages);
  }

  /** How close they are: a sentence counts as much as four paragraphs. */
  public double weight() {
    return sentences + paragraphs / 4.0;
  }
}
