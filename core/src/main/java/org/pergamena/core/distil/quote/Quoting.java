package org.pergamena.core.distil.quote;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Span;

/**
 * Chooses the sentences that a reader would quote for a topic: close to the middle of what is said,
 * able to stand alone, and not saying the same again (maximal marginal relevance, Jaime Carbonell
 * and Jade Goldstein 1998).
 */
public final class Quoting {
  private static final int MOST = 8;
  private static final int WORDS_PER_QUOTE = 110;
  private static final int SHORTEST = 10;
  private static final int LONG = 36;
  private static final int LONGEST = 60;

  /**
   * The first sentence of a stretch is worth so much more than the last; readers quote early ones.
   */
  private static final double EARLY = 0.5;

  private static final double REDUNDANCY = 0.6;
  private static final double NEW_SOURCE = 1.4;
  private static final double FULL_STRENGTH = 0.75;
  private final Map<String, Double> rarity = new HashMap<>();

  /** Gets to know all the text that there is. */
  public Quoting(Collection<Analysed> texts) {
    this(texts, () -> {});
  }

  /**
   * Gets to know all the text that there is.
   *
   * @param pulse run many times a second; it may throw to stop the work
   */
  public Quoting(Collection<Analysed> texts, Runnable pulse) {
    Map<String, Integer> sentencesWith = new HashMap<>();
    int sentences = 0;
    for (Analysed text : texts) {
      for (Sentence sentence : text.sentences()) {
        pulse.run();
        Bag bag = new Bag();
        bag.add(sentence);
        bag.weights().keySet().forEach(stem -> sentencesWith.merge(stem, 1, Integer::sum));
        sentences++;
      }
    }
    for (Map.Entry<String, Integer> entry : sentencesWith.entrySet()) {
      rarity.put(entry.getKey(), Math.log((sentences + 1.0) / entry.getValue()));
    }
  }

  private record Candidate(Part part, int index, Bag vector, double worth, double closeness) {}

  /**
   * The quotes for a topic, the strongest first.
   *
   * @param parts the text that the topic accounts for
   * @param label whose words count double
   * @param most never more than this
   */
  public List<Quote> choose(List<Part> parts, String label, int most) {
    Bag centre = centre(parts, label);
    List<Candidate> candidates = new ArrayList<>();
    int words = 0;
    for (Part part : parts) {
      for (int i = part.from(); i < part.to(); i++) {
        candidates.add(candidate(part, i, centre));
      }
      words += part.words();
    }
    int wanted = Math.min(Math.min(MOST, most), 1 + words / WORDS_PER_QUOTE);
    List<Candidate> chosen = new ArrayList<>();
    while (chosen.size() < wanted && !candidates.isEmpty()) {
      Candidate best =
          candidates.stream()
              .max(Comparator.comparingDouble(candidate -> worth(candidate, chosen)))
              .orElseThrow();
      if (!chosen.isEmpty() && best.worth() <= 0) {
        break;
      }
      chosen.add(best);
      candidates.removeIf(c -> c.part().text() == best.part().text() && near(c, best));
    }
    return chosen.stream()
        .map(Quoting::quote)
        .sorted(Comparator.comparingDouble(Quote::strength).reversed())
        .toList();
  }

  private static boolean near(Candidate a, Candidate b) {
    return Math.abs(a.index() - b.index()) <= 1;
  }

  /** What goes through some text, the words of its label counting more. */
  Bag centre(List<Part> parts, String label) {
    Bag sum = new Bag();
    for (Part part : parts) {
      part.sentences().forEach(sum::add);
    }
    for (String stem : TextAnalyser.stems(label, parts.stream().map(Part::text).toList())) {
      sum.add(stem, Math.max(1, sum.weight(stem)));
    }
    return vector(sum);
  }

  /** Counts weighed by how few sentences have each stem, of length 1. */
  Bag vector(Bag counts) {
    return counts.normalised(stem -> rarity.getOrDefault(stem, 1.0));
  }

  private Candidate candidate(Part part, int index, Bag centre) {
    Sentence sentence = part.text().sentences().get(index);
    Bag counts = new Bag();
    counts.add(sentence);
    Bag vector = vector(counts);
    double closeness = vector.dot(centre);
    int words = sentence.words();
    double length = words < SHORTEST ? 0.3 : words > LONGEST ? 0.4 : words > LONG ? 0.6 : 1;
    double alone = part.text().punctuated() && leans(part, sentence) ? 0.8 : 1;
    double asks = sentence.tokens().isEmpty() || asks(sentence) ? 0.5 : 1;
    double late = (index - part.from()) / (double) (part.to() - part.from());
    double early = (index == part.from() ? 1.1 : 1) * (1 + EARLY * (1 - late));
    return new Candidate(part, index, vector, closeness * length * alone * asks * early, closeness);
  }

  /** Whether a sentence leans on the one before it. */
  static boolean leans(Part part, Sentence sentence) {
    return !sentence.tokens().isEmpty()
        && part.text().tongue().leans(sentence.tokens().get(0).surface());
  }

  private static boolean asks(Sentence sentence) {
    String last = sentence.tokens().get(sentence.tokens().size() - 1).surface();
    return last.equals("?") || last.equals(":");
  }

  private static double worth(Candidate candidate, List<Candidate> chosen) {
    double same = 0;
    boolean newSource = true;
    for (Candidate other : chosen) {
      same = Math.max(same, candidate.vector().dot(other.vector()));
      newSource &= candidate.part().text() != other.part().text();
    }
    double factor = newSource && !chosen.isEmpty() ? NEW_SOURCE : 1;
    return candidate.worth() * factor * (1 - REDUNDANCY * same);
  }

  private static Quote quote(Candidate candidate) {
    List<Sentence> sentences = candidate.part().text().sentences();
    Sentence sentence = sentences.get(candidate.index());
    Span span = sentence.span();
    if (candidate.part().text().punctuated()
        && leans(candidate.part(), sentence)
        && candidate.index() > candidate.part().from()
        && sentences.get(candidate.index() - 1).block() == sentence.block()
        && sentences.get(candidate.index() - 1).words() <= LONGEST / 2) {
      span = new Span(sentences.get(candidate.index() - 1).span().start(), span.end());
    }
    double strength = Math.min(1, candidate.closeness() / FULL_STRENGTH);
    return new Quote(candidate.part().text(), span, Math.round(strength * 100) / 100.0);
  }
}
