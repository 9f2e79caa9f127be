package org.pergamena.core.distil;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;

/**
 * Gives a topic sub-topics, made of the text that it accounts for and of the sentences of its
 * passages. What was there stays: its passages, its note, and the topics below it.
 */
public final class Deepening {
  /** Less text than this many words makes no sub-topics. */
  private static final int LEAST_WORDS = 90;

  private static final int WORDS_PER_TOPIC = 110;
  private static final int MOST_TOPICS = 7;

  private Deepening() {}

  /**
   * The change that deepens a topic.
   *
   * @param texts all the sources
   * @throws MapRuleException with a sentence for the person if there is too little text
   */
  public static Change change(
      TopicMap map, Topic topic, List<Analysed> texts, Supplier<UUID> identities) {
    List<Analysed> own = new ArrayList<>();
    int words = 0;
    for (Analysed text : texts) {
      Analysed part = text.only(topic.spans(text.source().id()));
      if (!part.sentences().isEmpty()) {
        own.add(part);
        words += part.words(0, part.sentences().size());
      }
    }
    if (words < LEAST_WORDS) {
      throw new MapRuleException(
          "\""
              + topic.label()
              + "\" has only "
              + words
              + " words of its own, too few to divide. Link more passages to it first.");
    }
    int most = Math.max(2, Math.min(MOST_TOPICS, words / WORDS_PER_TOPIC));
    TopicMap below =
        new Distiller(own, new DistilOptions(1, most), Progress.NONE, LEAST_WORDS)
            .distil()
            .map(identities.get(), identities);
    Set<String> there =
        map.preorder().stream().map(t -> key(t.label())).collect(Collectors.toSet());
    List<Change> changes = new ArrayList<>();
    for (Topic child : below.children(below.root())) {
      if (child.evidence().isEmpty()) {
        continue;
      }
      String label = there.add(key(child.label())) ? child.label() : distinct(child, there);
      Topic named = Topic.of(child.id(), child.content().withLabel(label));
      changes.add(new TreeChange.AddBranch(topic.id(), Place.LAST, Branch.of(named)));
    }
    if (changes.size() < 2) {
      throw new MapRuleException(
          "The text of \"" + topic.label() + "\" is all about one thing and is not divided.");
    }
    changes.add(
        new ContentChange.Refill(
            topic.id(), topic.summary(), topic.evidence(), left(topic, below)));
    return new Together(changes);
  }

  /**
   * A label with the beginning of its best passage, where the label alone is on the map already.
   */
  private static String distinct(Topic child, Set<String> there) {
    List<Evidence> evidence = child.evidence();
    String[] first = evidence.get(0).passage().exact().split("\\s+");
    StringBuilder words = new StringBuilder(child.label()).append(": ");
    for (int i = 0; i < Math.min(4, first.length); i++) {
      words.append(i == 0 ? "" : " ").append(first[i]);
    }
    there.add(key(words.toString()));
    return words.append('\u2026').toString();
  }

  private static String key(String label) {
    return label.toLowerCase(Locale.ROOT);
  }

  /** What of the topic's extent is with none of its new sub-topics. */
  private static List<Extent> left(Topic topic, TopicMap below) {
    List<Extent> left = new ArrayList<>();
    for (Extent extent : topic.extent()) {
      List<Span> taken =
          below.children(below.root()).stream()
              .flatMap(child -> child.extent().stream())
              .filter(e -> e.source().equals(extent.source()))
              .map(Extent::span)
              .toList();
      Spans.without(extent.span(), Spans.union(taken))
          .forEach(span -> left.add(new Extent(extent.source(), span)));
    }
    return left;
  }
}
