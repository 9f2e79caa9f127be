package org.pergamena.core.distil;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Supplier;
import org.pergamena.core.distil.quote.Quote;
import org.pergamena.core.distil.quote.Quoting;
import org.pergamena.core.distil.quote.Strength;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.segment.Pieces;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;

/**
 * Brings another source into a map that stands: each of its parts goes to the topic that it is most
 * like, as new evidence; what is like none becomes topics of its own. Labels, places, notes and
 * links that are there stay as they are.
 */
public final class FoldingIn {
  /** A part less like every topic than this cosine is on a subject of its own. */
  private static final double LEAST_LIKE = 0.1;

  private static final int WORDS_PER_PART = 200;
  private static final int LEAST_PIECE = 20;
  private static final int LEAST_WORDS = 40;
  private static final int MOST_QUOTES = 2;
  private static final int MOST_NEW = 4;

  /**
   * What to do.
   *
   * @param change of the map, nothing if the source has no words
   * @param touched topics that are new or have new passages
   */
  public record Plan(Change change, List<Touched> touched) {}

  /**
   * A topic to which something came.
   *
   * @param came whether it came itself
   * @param passages how many passages came to it
   */
  public record Touched(UUID topic, boolean came, int passages) {}

  private final TopicMap map;
  private final List<Analysed> texts;
  private final Supplier<UUID> identities;
  private final Quoting quoting;
  private final List<Change> changes = new ArrayList<>();
  private final List<Touched> touched = new ArrayList<>();

  private FoldingIn(TopicMap map, List<Analysed> texts, Supplier<UUID> identities) {
    this.map = map;
    this.texts = texts;
    this.identities = identities;
    this.quoting = new Quoting(texts);
  }

  /**
   * The change that folds a source in.
   *
   * @param texts all the sources, the one to fold in among them
   * @param within only what of the source lies in these spans and on no topic yet
   */
  public static Plan plan(
      TopicMap map,
      List<Analysed> texts,
      UUID source,
      List<Span> within,
      Supplier<UUID> identities) {
    FoldingIn folding = new FoldingIn(map, texts, identities);
    texts.stream()
        .filter(text -> text.source().id().equals(source))
        .map(text -> text.only(offTheMap(map, source, within)))
        .filter(text -> !text.sentences().isEmpty())
        .forEach(folding::fold);
    return new Plan(new Together(folding.changes), folding.touched);
  }

  /** What of some spans of a source is on no topic. */
  public static List<Span> offTheMap(TopicMap map, UUID source, List<Span> spans) {
    List<Span> on = new ArrayList<>();
    map.preorder().forEach(topic -> on.addAll(topic.spans(source)));
    List<Span> taken = Spans.union(on);
    return Spans.union(spans).stream()
        .flatMap(span -> Spans.without(span, taken).stream())
        .toList();
  }

  private void fold(Analysed text) {
    List<Part> parts = Pieces.of(List.of(text), LEAST_PIECE);
    List<Topic> leaves =
        map.preorder().stream().filter(t -> t.parent() != null && t.children().isEmpty()).toList();
    List<Bag> bags = new ArrayList<>();
    leaves.forEach(topic -> bags.add(bag(topic)));
    Map<Integer, List<Part>> homes = new TreeMap<>();
    List<Part> homeless = new ArrayList<>();
    sort(parts, bags, homes, homeless);
    homes.forEach(
        (leaf, own) -> own.forEach(part -> part.sentences().forEach(bags.get(leaf)::add)));
    Strength strength = new Strength(quoting, bags);
    homes.forEach(
        (leaf, own) -> {
          Topic topic = leaves.get(leaf);
          List<Quote> quotes = quoting.choose(own, topic.label(), MOST_QUOTES);
          give(topic, own, strength.weigh(quotes, Set.of(leaf)));
        });
    found(text, homeless);
  }

  /** Gives each part to the topic that it is most like, if it is like one. */
  private static void sort(
      List<Part> parts, List<Bag> topics, Map<Integer, List<Part>> homes, List<Part> homeless) {
    List<Bag> counts = new ArrayList<>(topics);
    parts.forEach(part -> counts.add(part.bag()));
    List<Bag> vectors = Bag.weighed(counts);
    for (int i = 0; i < parts.size(); i++) {
      int best = -1;
      double most = LEAST_LIKE;
      for (int j = 0; j < topics.size(); j++) {
        double like = vectors.get(topics.size() + i).dot(vectors.get(j));
        if (like > most) {
          most = like;
          best = j;
        }
      }
      if (best < 0) {
        homeless.add(parts.get(i));
      } else {
        homes.computeIfAbsent(best, leaf -> new ArrayList<>()).add(parts.get(i));
      }
    }
  }

  /** The words of a topic's label, and of all text that it accounts for or quotes. */
  private Bag bag(Topic topic) {
    Bag bag = new Bag();
    TextAnalyser.stems(topic.label(), texts).forEach(stem -> bag.add(stem, 2));
    for (Analysed text : texts) {
      List<Span> spans = topic.spans(text.source().id());
      if (!spans.isEmpty()) {
        for (Sentence sentence : text.sentences()) {
          if (spans.stream().anyMatch(sentence.span()::overlaps)) {
            bag.add(sentence);
          }
        }
      }
    }
    return bag;
  }

  private void give(Topic topic, List<Part> parts, List<Quote> quotes) {
    List<Extent> extent = new ArrayList<>(topic.extent());
    List<Evidence> evidence = new ArrayList<>(topic.evidence());
    parts.forEach(part -> extent.addAll(part.extents()));
    for (Quote quote : quotes) {
      Passage passage = Passage.of(quote.text().source(), quote.span());
      evidence.add(
          new Evidence(
              identities.get(), passage, Stance.SUPPORTS, Origin.DISTILLED, quote.strength()));
    }
    changes.add(new ContentChange.Refill(topic.id(), topic.summary(), evidence, extent));
    touched.add(new Touched(topic.id(), false, evidence.size() - topic.evidence().size()));
  }

  /** Topics for what is like none that is there, at the end of the main branches. */
  private void found(Analysed text, List<Part> parts) {
    int words = parts.stream().mapToInt(Part::words).sum();
    if (words < LEAST_WORDS) {
      return;
    }
    Source source = text.source();
    List<Span> own = parts.stream().flatMap(part -> part.ownExtent().stream()).toList();
    int most = Math.max(2, Math.min(MOST_NEW, words / WORDS_PER_PART));
    TopicMap below =
        new Distiller(List.of(text.only(own)), new DistilOptions(2, most), Progress.NONE)
            .distil()
            .map(identities.get(), identities);
    Set<String> labels = new HashSet<>();
    map.preorder().forEach(t -> labels.add(t.label().toLowerCase(Locale.ROOT)));
    List<Topic> mains =
        below.root().children().isEmpty() ? List.of(below.root()) : below.children(below.root());
    for (Topic main : mains) {
      List<Topic> branch = new ArrayList<>();
      for (Topic topic : below.preorder(main)) {
        boolean taken = !labels.add(topic.label().toLowerCase(Locale.ROOT));
        String label = taken ? topic.label() + " (" + source.name() + ")" : topic.label();
        String fitting = label.length() > Content.LONGEST_LABEL ? topic.label() : label;
        branch.add(
            topic
                .withParent(topic == main ? null : topic.parent())
                .with(content -> content.withLabel(fitting)));
        touched.add(new Touched(topic.id(), true, topic.evidence().size()));
      }
      changes.add(new TreeChange.AddBranch(map.root().id(), Place.LAST, new Branch(branch)));
    }
  }
}
