package org.pergamena.core.study.agree;

import java.util.List;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;

/** Holds two sentences against each other. */
public final class Statements {
  private Statements() {}

  /** In what two sentences contradict each other; empty if they do not. */
  public static String against(Analysed text, Sentence one, Analysed otherText, Sentence other) {
    Verdict verdict = Weighing.of(claim(text, one), claim(otherText, other));
    return verdict.kind() == Verdict.Kind.AGAINST ? verdict.reason() : "";
  }

  /**
   * What in a sentence speaks against what another states, short of contradicting it: that it
   * denies, or has the opposite of one of its words; empty for nothing.
   */
  public static String turned(Analysed text, Sentence sentence, List<String> stated) {
    if (claim(text, sentence).nots() % 2 != 0) {
      return "it denies something";
    }
    for (Token token : sentence.tokens()) {
      for (String word : stated) {
        if (token.content() && Opposites.are(token.surface(), word)) {
          return token.surface() + " is the opposite of " + word;
        }
      }
    }
    return "";
  }

  private static Claim claim(Analysed text, Sentence sentence) {
    String words =
        text.source().text().text().substring(sentence.span().start(), sentence.span().end());
    return Claim.of(text.tongue(), sentence, words);
  }
}
