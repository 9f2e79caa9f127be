package org.pergamena.core.distil.steer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.TextAnalyser;

/**
 * How much parts bear on some words: the cosine of their weighed words with these, and with the
 * strongest words of the parts that fit best (relevance feedback; Joseph J. Rocchio, <em>Relevance
 * Feedback in Information Retrieval</em>, 1971).
 */
final class Relevance {
  private static final double BEST_SHARE = 0.05;
  private static final int FEEDBACK_WORDS = 12;
  private static final double FEEDBACK = 0.5;

  private final List<Part> parts;
  private final List<Bag> counts;

  Relevance(List<Part> parts) {
    this.parts = parts;
    this.counts = parts.stream().map(Part::bag).toList();
  }

  /** For each part 0 to 1; all 0 if none has any of the words. */
  double[] to(String words) {
    Bag asked = new Bag();
    TextAnalyser.stems(words, parts.stream().map(Part::text).toList())
        .forEach(stem -> asked.add(stem, 1));
    List<Bag> all = new ArrayList<>(counts);
    all.add(asked);
    List<Bag> vectors = Bag.weighed(all);
    Bag query = vectors.get(parts.size());
    double[] first = scores(query, vectors);
    List<Integer> best =
        IntStream.range(0, parts.size())
            .boxed()
            .filter(i -> first[i] > 0)
            .sorted(Comparator.comparingDouble((Integer i) -> -first[i]))
            .limit(Math.max(2, Math.round(BEST_SHARE * parts.size())))
            .toList();
    if (best.isEmpty()) {
      return first;
    }
    return scores(widened(query, best.stream().map(vectors::get).toList()), vectors);
  }

  private static Bag widened(Bag query, List<Bag> best) {
    Bag centre = new Bag();
    best.forEach(centre::add);
    Bag wide = new Bag();
    wide.add(query);
    centre.weights().entrySet().stream()
        .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
        .limit(FEEDBACK_WORDS)
        .forEach(e -> wide.add(e.getKey(), FEEDBACK * e.getValue() / best.size()));
    return wide;
  }

  private double[] scores(Bag query, List<Bag> vectors) {
    double length = Math.sqrt(query.dot(query));
    return IntStream.range(0, parts.size())
        .mapToDouble(i -> length == 0 ? 0 : query.dot(vectors.get(i)) / length)
        .toArray();
  }
}
