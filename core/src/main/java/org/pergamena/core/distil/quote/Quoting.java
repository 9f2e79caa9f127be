package org.pergamena.core.distil.quote;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Span;

/**
 * Chooses the sentences that a careful reader would quote for a topic, about as much of them as
 * readers do.
 */
public final class Quoting {
  private static final int MOST = 8;

  /** Words that readers quote of a stretch, whatever its length. */
  private static final int USUAL_WORDS = 75;

  private static final int WORDS_PER_QUOTE = 27;
  private static final double MOST_OF = 0.75;
  private static final double QUARTER = 0.25;

  private static final int BRIEF = 30;
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

  /**
   * The quotes for a topic, the strongest first. Sentences that follow each other come as one.
   *
   * @param parts the text that the topic accounts for
   * @param label whose words count double, and which one of the quotes bears out if any can
   * @param most never more than this
   */
  public List<Quote> choose(List<Part> parts, String label, int most) {
    Bag centre = centre(parts, label);
    Set<String> stems = TextAnalyser.stems(label, parts.stream().map(Part::text).toList());
    List<Quotable> sentences = new ArrayList<>();
    Map<UUID, Integer> passed = new HashMap<>();
    int words = 0;
    for (Part part : parts) {
      for (int i = part.from(); i < part.to(); i++) {
        int place = passed.merge(part.text().source().id(), 1, Integer::sum) - 1;
        sentences.add(quotable(part, i, place, centre, stems));
      }
      words += part.words();
    }
    int quotes = Math.min(MOST, most);
    double room =
        Math.min(
            MOST_OF * words,
            Math.min(WORDS_PER_QUOTE * quotes, Math.max(USUAL_WORDS, QUARTER * words)));
    return new Chosen(quotes, room)
        .of(sentences).stream()
            .map(run -> quote(run, centre))
            .sorted(Comparator.comparingDouble(Quote::strength).reversed())
            .toList();
  }

  private Quotable quotable(Part part, int index, int place, Bag centre, Set<String> label) {
    Sentence sentence = part.text().sentences().get(index);
    Bag counts = new Bag();
    counts.add(sentence);
    Bag vector = vector(counts);
    double labelled =
        label.isEmpty()
            ? 0
            : label.stream().filter(s -> counts.weight(s) > 0).count() / (double) label.size();
    return new Quotable(part, index, place, vector, vector.dot(centre), labelled);
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

  private Quote quote(List<Quotable> run, Bag centre) {
    Part part = run.get(0).part();
    List<Sentence> sentences = part.text().sentences();
    int first = run.get(0).index();
    Span span = new Span(sentences.get(first).span().start(), run.get(run.size() - 1).span().end());
    Bag counts = new Bag();
    run.forEach(each -> counts.add(each.sentence()));
    if (part.text().punctuated()
        && run.get(0).leans()
        && first > part.from()
        && sentences.get(first - 1).block() == sentences.get(first).block()
        && sentences.get(first - 1).words() <= BRIEF) {
      span = new Span(sentences.get(first - 1).span().start(), span.end());
    }
    double strength = Math.min(1, vector(counts).dot(centre) / FULL_STRENGTH);
    return new Quote(part.text(), span, Math.round(strength * 100) / 100.0);
  }
}
