package org.pergamena.core.distil.quote;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.source.Span;

/**
 * How sure it is that words are rightly linked to a topic, 0 to 1: a logistic model of how close
 * they are to the rest of its text, and how much closer than to the text of any other topic. It was
 * fitted to the passages of maps of manuals, each against the same passage under another topic, and
 * made less steep, so that half parts right from wrong and the best still differ.
 */
public final class Strength {
  private static final double BASE = 1.51;
  private static final double CLOSE = 0.37;
  private static final double CLOSER = 6.76;

  private record Posting(int topic, double weight) {}

  private final Quoting quoting;
  private final List<Bag> topics;
  private final Map<String, List<Posting>> index = new HashMap<>();

  /**
   * Gets to know the text of all topics that have none below them.
   *
   * @param topics their content words, counted
   */
  public Strength(Quoting quoting, List<Bag> topics) {
    this.quoting = quoting;
    this.topics = List.copyOf(topics);
    for (int i = 0; i < topics.size(); i++) {
      for (Map.Entry<String, Double> e : quoting.vector(topics.get(i)).weights().entrySet()) {
        index
            .computeIfAbsent(e.getKey(), stem -> new ArrayList<>())
            .add(new Posting(i, e.getValue()));
      }
    }
  }

  /**
   * The same quotes with their strength for a topic, to two places, the strongest first.
   *
   * @param own the places of the topics that are this topic, or lie below it
   */
  public List<Quote> weigh(List<Quote> quotes, Set<Integer> own) {
    return quotes.stream()
        .map(quote -> new Quote(quote.text(), quote.span(), of(quote.text(), quote.span(), own)))
        .sorted(Comparator.comparingDouble(Quote::strength).reversed())
        .toList();
  }

  /** The strength of words for a topic, to two places. */
  public double of(Analysed text, Span span, Set<Integer> own) {
    Bag words = new Bag();
    for (int i = first(text.sentences(), span); i < text.sentences().size(); i++) {
      if (!text.sentences().get(i).span().overlaps(span)) {
        break;
      }
      words.add(text.sentences().get(i));
    }
    Bag vector = quoting.vector(words);
    double close = vector.dot(quoting.vector(rest(words, own)));
    double logit = BASE + CLOSE * close + CLOSER * (close - closest(vector, own));
    return Math.round(100 / (1 + Math.exp(-logit))) / 100.0;
  }

  /** Index of the first sentence that ends after a span begins. */
  private static int first(List<Sentence> sentences, Span span) {
    int low = 0;
    int high = sentences.size();
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (sentences.get(middle).span().end() > span.start()) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return low;
  }

  /** The text of a topic without some words of it. */
  private Bag rest(Bag words, Set<Integer> own) {
    Bag all = new Bag();
    own.stream().sorted().forEach(topic -> all.add(topics.get(topic)));
    Bag rest = new Bag();
    all.weights()
        .forEach(
            (stem, count) -> {
              double left = count - words.weight(stem);
              if (left > 0) {
                rest.add(stem, left);
              }
            });
    return rest;
  }

  private double closest(Bag vector, Set<Integer> own) {
    double[] close = new double[topics.size()];
    vector
        .weights()
        .forEach(
            (stem, weight) -> {
              for (Posting posting : index.getOrDefault(stem, List.of())) {
                close[posting.topic()] += weight * posting.weight();
              }
            });
    double most = 0;
    for (int i = 0; i < close.length; i++) {
      most = own.contains(i) ? most : Math.max(most, close[i]);
    }
    return most;
  }
}
