package org.pergamena.core.distil.quote;

import java.util.List;
import java.util.Set;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.source.Span;

/**
 * Finds the sentence that says what a topic is about: one that stands alone, and that touches most
 * of what is below. Where the text has no marks nobody knows where its sentences end, and none is
 * given.
 */
public final class Gist {
  /** The least cosine of a sentence with what it touches. */
  private static final double TOUCHES = 0.12;

  /** The least that a sentence must have in common with its topic in the mean. */
  private static final double ENOUGH = 0.18;

  private static final double MOST_OF = 0.5;

  /** The share of the worth of the topic's best sentence, whether that stands alone or not. */
  private static final double NEAR_BEST = 0.6;

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
    double top = 0;
    for (List<Part> parts : below) {
      for (Part part : parts) {
        for (Sentence sentence :
            part.text().punctuated() ? part.sentences() : List.<Sentence>of()) {
          double worth = worth(sentence, centres);
          top = Math.max(top, worth);
          boolean good = worth > most && Standing.alone(sentence, part.text());
          String words = good ? words(part.text(), sentence.span()) : "";
          if (good && taken.stream().noneMatch(said -> said.contains(words))) {
            best = words;
            most = worth;
          }
        }
      }
    }
    return most >= NEAR_BEST * top ? best : "";
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

  /** What a quote says, in one line. */
  public static String words(Quote quote) {
    return words(quote.text(), quote.span());
  }

  private static String words(Analysed text, Span span) {
    String all = text.source().text().text();
    return all.substring(span.start(), span.end()).strip().replaceAll("\\s+", " ");
  }
}
