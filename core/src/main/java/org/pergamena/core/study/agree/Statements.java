package org.pergamena.core.study.agree;

import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;

/** Holds two sentences against each other. */
public final class Statements {
  private Statements() {}

  /** In what two sentences contradict each other; empty if they do not. */
  public static String against(Analysed text, Sentence one, Analysed otherText, Sentence other) {
    Verdict verdict = Weighing.of(claim(text, one), claim(otherText, other));
    return verdict.kind() == Verdict.Kind.AGAINST ? verdict.reason() : "";
  }

  private static Claim claim(Analysed text, Sentence sentence) {
    String words =
        text.source().text().text().substring(sentence.span().start(), sentence.span().end());
    return Claim.of(text.tongue(), sentence, words);
  }
}
