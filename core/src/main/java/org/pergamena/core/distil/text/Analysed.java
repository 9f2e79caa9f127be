package org.pergamena.core.distil.text;

import java.util.List;
import org.pergamena.core.source.Source;

/**
 * A source with its sentences.
 *
 * @param sentences in order; headings are not among them
 * @param punctuated whether the text has sentence marks
 */
public record Analysed(Source source, List<Sentence> sentences, boolean punctuated) {
  public Analysed {
    sentences = List.copyOf(sentences);
  }

  /** Number of words in the sentences from one place up to another. */
  public int words(int from, int to) {
    int words = 0;
    for (Sentence sentence : sentences.subList(from, to)) {
      words += sentence.words();
    }
    return words;
  }
}
