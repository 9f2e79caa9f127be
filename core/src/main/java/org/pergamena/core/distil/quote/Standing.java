package org.pergamena.core.distil.quote;

import java.util.List;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/** Tells whether a sentence can be understood without those around it. */
final class Standing {
  private static final int SHORTEST = 7;
  private static final int LONGEST = 32;

  /** What a whole sentence ends with; a reference to literature may come after its mark. */
  private static final String ENDS = ".!\u3002\"\u201d\u00bb])";

  private static final String OPENS = "\u201c\u00ab";
  private static final String CLOSES = "\u201d\u00bb";

  private Standing() {}

  /** Whether a sentence of a text stands alone. */
  static boolean alone(Sentence sentence, Analysed text) {
    Tongue tongue = text.tongue();
    int words = sentence.words();
    return words >= SHORTEST
        && words <= LONGEST
        && whole(sentence.tokens(), tongue)
        && !sentence.leans(tongue)
        && !pointsAway(sentence.tokens(), tongue)
        && quotesWhole(sentence.tokens());
  }

  /** Whether it begins and ends as a sentence does, and not with a number of a list. */
  private static boolean whole(List<Token> tokens, Tongue tongue) {
    Token first = tokens.get(0);
    char last = tokens.get(tokens.size() - 1).surface().charAt(0);
    return ENDS.indexOf(last) >= 0
        && !Character.isLowerCase(first.surface().codePointAt(0))
        && !Character.isDigit(first.surface().charAt(0))
        && !tongue.subject(first.surface());
  }

  /** Whether it points to what is said elsewhere. */
  private static boolean pointsAway(List<Token> tokens, Tongue tongue) {
    boolean named = false;
    for (Token token : tokens) {
      if (tongue.points(token.surface()) || !named && tongue.standsIn(token.surface())) {
        return true;
      }
      named |= token.noun();
    }
    return false;
  }

  /** Whether every quotation that it begins or ends is in it as a whole. */
  private static boolean quotesWhole(List<Token> tokens) {
    int open = 0;
    int straight = 0;
    for (Token token : tokens) {
      char mark = token.surface().charAt(0);
      open += OPENS.indexOf(mark) >= 0 ? 1 : CLOSES.indexOf(mark) >= 0 ? -1 : 0;
      straight += mark == '"' ? 1 : 0;
    }
    return open == 0 && straight % 2 == 0;
  }
}
