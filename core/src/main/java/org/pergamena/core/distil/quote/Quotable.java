package org.pergamena.core.distil.quote;

import java.util.List;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Span;

/**
 * A sentence that may be quoted.
 *
 * @param index of the sentence in its text
 * @param place how many sentences of the same text the topic has before it
 * @param vector its words, of length 1
 * @param closeness its cosine with the middle of what is said
 * @param labelled the share of the label's words that it has
 */
record Quotable(Part part, int index, int place, Bag vector, double closeness, double labelled) {
  private static final int SHORT = 12;
  private static final int LONG = 36;
  private static final int VERY_LONG = 50;
  private static final double BASE = -1.5;
  private static final double[] WEIGHTS = {
    0.558, -0.416, 0.236, -0.623, -0.781, -3.193, -0.24, -1.895, -0.749, 0.404, 0.213
  };

  Sentence sentence() {
    return part.text().sentences().get(index);
  }

  Span span() {
    return sentence().span();
  }

  /**
   * How likely a careful reader is to quote it, between 0 and 1: a logistic model of what is told
   * of it, fitted to the quotes that readers chose over stretches of manuals, histories and
   * speeches. Left out one by one, each text's were told as well by the others.
   */
  double worth() {
    double[] told = told();
    double sum = BASE;
    for (int i = 0; i < WEIGHTS.length; i++) {
      sum += WEIGHTS[i] * told[i];
    }
    return 1 / (1 + Math.exp(-sum));
  }

  /** What is told of it, in the order of the weights. */
  double[] told() {
    List<Sentence> sentences = part.text().sentences();
    Tongue tongue = part.text().tongue();
    List<Token> tokens = sentence().tokens();
    int words = sentence().words();
    boolean opens = index == 0 || sentences.get(index - 1).block() != sentence().block();
    return new double[] {
      closeness,
      Math.log(1.0 + place),
      is(opens),
      is(words < SHORT),
      is(words > LONG),
      is(words > VERY_LONG),
      is(part.text().punctuated() && leans()),
      is(asks()),
      is(tokens.stream().anyMatch(token -> Character.isDigit(token.surface().charAt(0)))),
      is(tokens.stream().anyMatch(token -> tongue.copula(token.surface()))),
      labelled
    };
  }

  /** Whether it says something, and more than <em>we agree</em>. */
  boolean says() {
    return !asks() && vector.weights().size() > 1;
  }

  /** Whether it asks, or announces, what another says. */
  private boolean asks() {
    List<Token> tokens = sentence().tokens();
    return tokens.isEmpty()
        || sentence().announces()
        || tokens.get(tokens.size() - 1).surface().equals("?");
  }

  private static double is(boolean so) {
    return so ? 1 : 0;
  }

  /** Whether it leans on the sentence before it. */
  boolean leans() {
    return sentence().leans(part.text().tongue());
  }

  /** Whether another follows it in the same paragraph. */
  boolean before(Quotable other) {
    return part == other.part
        && other.index == index + 1
        && other.sentence().block() == sentence().block();
  }
}
