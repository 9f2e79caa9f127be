package org.pergamena.core.distil.text;

import java.util.List;
import org.pergamena.core.source.Span;

/**
 * A sentence, or where a transcript has no marks a stretch of speech of about that length.
 *
 * @param block the block of the source text that it stands in
 */
public record Sentence(Span span, int block, List<Token> tokens) {
  public Sentence {
    tokens = List.copyOf(tokens);
  }

  /** Number of words. */
  public int words() {
    int words = 0;
    for (Token token : tokens) {
      words += token.word() ? 1 : 0;
    }
    return words;
  }
}
