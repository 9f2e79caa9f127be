package org.pergamena.core.distil.quote;

import java.util.List;
import java.util.Set;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.source.Span;

/**
 * Finds the sentence that says what a topic is about: one that stands alone, and that touches most
 * of what is below. Where the text has no marks nobody knows where its sentences end, and none is
 * given.
 */
public final class Gist {
  private static final int SHORTEST = 7;
  private static final int LONGEST = 32;

  /** The least cosine of a sentence with what it touches. */
  private static final double TOUCHES = 0.12;

  /** The least that a sentence must have in common with its topic in the mean. */
  private static final double ENOUGH = 0.18;

  private static final double MOST_OF = 0.5;

  private final Quoting quoting;

  /** With the words that quoting knows. */
  public Gist(Quoting quoting) {
    this.quoting = quoting;
  }

  /**
   * The sentence, or an empty text if none is good enough.
   *
   * @param below the text of each topic below, or of the topic itself if it is a leaf
   * @param label of the topic
   * @param taken what is shown below already; no sentence of it is given again
   */
  public String of(List<List<Part>> below, String label, Set<String> taken) {
    List<Bag> centres = below.stream().map(parts -> quoting.centre(parts, label)).toList();
    String best = "";
    double most = ENOUGH;
    for (List<Part> parts : below) {
      for (Part part : parts) {
        for (Sentence sentence :
            part.text().punctuated() ? part.sentences() : List.<Sentence>of()) {
          double worth = alone(part, sentence) ? worth(sentence, centres) : 0;
          String words = worth > most ? words(part.text(), sentence.span()) : "";
          if (!words.isEmpty() && taken.stream().noneMatch(said -> said.contains(words))) {
            best = words;
            most = worth;
          }
        }
      }
    }
    return best;
  }

  /** The mean of the cosines with what is below, nothing if most of it is not touched. */
  private double worth(Sentence sentence, List<Bag> centres) {
    Bag counts = new Bag();
    counts.add(sentence);
    Bag vector = quoting.vector(counts);
    double sum = 0;
    int touched = 0;
    for (Bag centre : centres) {
      double near = vector.dot(centre);
      sum += Math.sqrt(near);
      touched += near >= TOUCHES ? 1 : 0;
    }
    double mean = sum / centres.size();
    return touched >= Math.max(1, MOST_OF * centres.size()) ? mean * mean : 0;
  }

  /** Whether a sentence can be understood without those around it. */
  private static boolean alone(Part part, Sentence sentence) {
    List<Token> tokens = sentence.tokens();
    int words = sentence.words();
    if (words < SHORTEST || words > LONGEST || Quotable.leans(part, sentence)) {
      return false;
    }
    String first = tokens.get(0).surface();
    String last = tokens.get(tokens.size() - 1).surface();
    boolean begins =
        !Character.isLowerCase(first.codePointAt(0)) && !part.text().tongue().subject(first);
    return begins && (last.equals(".") || last.equals("!") || last.equals("\u3002"));
  }

  /** What a quote says, in one line. */
  public static String words(Quote quote) {
    return words(quote.text(), quote.span());
  }

  private static String words(Analysed text, Span span) {
    String all = text.source().text().text();
    return all.substring(span.start(), span.end()).strip().replaceAll("\\s+", " ");
  }
}
