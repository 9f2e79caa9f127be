package org.pergamena.core.distil.label;

import java.util.List;
import org.pergamena.core.distil.text.Token;

/**
 * Tells what is cut out of a name, or out of an address, a path or another term with marks in it.
 */
final class Cuts {
  private static final String INSIDE = "./\\_@#$=~:<>";

  private Cuts() {}

  /** Whether the words from one up to and with another are a part of something that is one. */
  static boolean cut(List<Token> tokens, int start, int end) {
    return name(tokens, start - 1, start)
        || name(tokens, end, end + 1)
        || counted(tokens, end)
        || mark(tokens, start - 1, true)
        || mark(tokens, end + 1, false);
  }

  /** Whether a number and a noun come right after, as in <em>grade three farmland</em>. */
  private static boolean counted(List<Token> tokens, int end) {
    return end + 2 < tokens.size()
        && tokens.get(end + 1).tag().equals("NUM")
        && tokens.get(end + 2).noun();
  }

  /** Whether two neighbours are of one name. */
  private static boolean name(List<Token> tokens, int i, int j) {
    return i >= 0 && j < tokens.size() && named(tokens, i) && named(tokens, j);
  }

  /** Whether a word has a capital that is not only that of a sentence. */
  private static boolean named(List<Token> tokens, int at) {
    Token token = tokens.get(at);
    return token.content()
        && Character.isUpperCase(token.surface().charAt(0))
        && (at > 0 || token.tag().equals("PROPN"));
  }

  /**
   * Whether there is a mark that belongs to a term: it touches words on both sides, or begins it.
   */
  private static boolean mark(List<Token> tokens, int at, boolean before) {
    if (at < 0 || at >= tokens.size() || INSIDE.indexOf(tokens.get(at).surface().charAt(0)) < 0) {
      return false;
    }
    boolean touchesNext = at + 1 < tokens.size() && touch(tokens.get(at), tokens.get(at + 1));
    boolean touchesLast = at > 0 && touch(tokens.get(at - 1), tokens.get(at));
    return before ? touchesNext : touchesLast && touchesNext;
  }

  private static boolean touch(Token token, Token next) {
    return token.end() == next.start();
  }
}
