package org.pergamena.core.distil.text;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Span;

/**
 * A sentence, or where a transcript has no marks a stretch of speech of about that length.
 *
 * @param block the block of the source text that it stands in
 */
public record Sentence(Span span, int block, List<Token> tokens) {
  private static final int OPENING = 5;

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

  /** The stems of its words that carry meaning. */
  public Set<String> stems() {
    return tokens.stream().filter(Token::content).map(Token::stem).collect(Collectors.toSet());
  }

  /** Whether it announces what comes after it, by a colon. */
  public boolean announces() {
    return !tokens.isEmpty() && tokens.get(tokens.size() - 1).surface().equals(":");
  }

  /** Whether it begins as one that opens another subject. */
  public boolean opens(Tongue tongue) {
    return tongue.signpost(opening());
  }

  /** Whether it begins as one that leans on the one before. */
  public boolean leans(Tongue tongue) {
    return tongue.leans(opening());
  }

  private List<String> opening() {
    return tokens.stream().filter(Token::word).limit(OPENING).map(Token::surface).toList();
  }
}
