package org.pergamena.core.study.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Span;

/**
 * Tells which topic of a map each sentence of another text is on: the one whose label, definition
 * and passages it is likest to (nearest centroid; Rocchio, 1971), by what it says and, at half
 * their worth, the sentences beside it in its paragraph.
 */
final class TopicTeller {
  private static final double LEAST_LIKE = 0.09;
  private static final double BESIDE = 0.5;
  private static final int MOST_CANDIDATES = 400;

  /** A sentence and those beside it need more words of a topic than this, or one of its label. */
  private static final int FEWEST_SHARED = 2;

  private final List<Topic> topics;
  private final TopicMap map;
  private final List<Bag> counts = new ArrayList<>();
  private final List<Set<String>> labels = new ArrayList<>();
  private final Map<String, List<Integer>> index = new HashMap<>();

  TopicTeller(TopicMap map, List<Analysed> texts) {
    this.map = map;
    this.topics = map.preorder().stream().filter(t -> t.parent() != null && !t.aside()).toList();
    for (Topic topic : topics) {
      labels.add(TextAnalyser.stems(topic.label(), texts));
      counts.add(bag(topic, texts));
    }
    for (int i = 0; i < counts.size(); i++) {
      for (String stem : counts.get(i).weights().keySet()) {
        index.computeIfAbsent(stem, k -> new ArrayList<>()).add(i);
      }
    }
  }

  private static Bag bag(Topic topic, List<Analysed> texts) {
    Bag bag = new Bag();
    TextAnalyser.stems(topic.label(), texts).forEach(stem -> bag.add(stem, 2));
    TextAnalyser.stems(topic.content().gloss().definition(), texts).forEach(s -> bag.add(s, 1));
    for (Analysed text : texts) {
      List<Span> spans = topic.spans(text.source().id());
      if (!spans.isEmpty()) {
        text.only(spans).sentences().forEach(bag::add);
      }
    }
    return bag;
  }

  /** The topic of each sentence, or null. */
  List<UUID> of(Analysed text) {
    List<Sentence> sentences = text.sentences();
    List<Bag> all = new ArrayList<>(counts);
    for (int i = 0; i < sentences.size(); i++) {
      all.add(bag(sentences, i));
    }
    List<Bag> vectors = Bag.weighed(all);
    List<UUID> found = new ArrayList<>();
    for (int i = 0; i < sentences.size(); i++) {
      Bag sentence = vectors.get(counts.size() + i);
      int best = -1;
      double most = LEAST_LIKE;
      for (int topic : candidates(sentence)) {
        double like = sentence.dot(vectors.get(topic));
        if (like > most && speaks(sentences, i, topic)) {
          most = like;
          best = topic;
        }
      }
      found.add(best < 0 ? null : topics.get(best).id());
    }
    bridge(sentences, found);
    return found;
  }

  /** Whether a sentence, or one beside it in its paragraph, has enough words of a topic itself. */
  private boolean speaks(List<Sentence> sentences, int at, int topic) {
    Bag its = counts.get(topic);
    Set<String> shared = new HashSet<>();
    for (int i = Math.max(0, at - 1); i < Math.min(sentences.size(), at + 2); i++) {
      if (sentences.get(i).block() == sentences.get(at).block()) {
        for (Token token : sentences.get(i).tokens()) {
          if (token.content() && its.weight(token.stem()) > 0) {
            shared.add(token.stem());
          }
        }
      }
    }
    Set<String> label = labels.get(topic);
    return shared.size() > FEWEST_SHARED || shared.stream().anyMatch(label::contains);
  }

  private static Bag bag(List<Sentence> sentences, int at) {
    Bag bag = new Bag();
    bag.add(sentences.get(at));
    for (int beside : new int[] {at - 1, at + 1}) {
      boolean same =
          beside >= 0
              && beside < sentences.size()
              && sentences.get(beside).block() == sentences.get(at).block();
      if (same) {
        sentences.get(beside).tokens().stream()
            .filter(token -> token.content())
            .forEach(token -> bag.add(token.stem(), BESIDE));
      }
    }
    return bag;
  }

  /** Topics that have words of a sentence, those with its rarest first. */
  private Set<Integer> candidates(Bag sentence) {
    Set<Integer> candidates = new LinkedHashSet<>();
    sentence.weights().keySet().stream()
        .map(stem -> index.getOrDefault(stem, List.of()))
        .sorted(Comparator.comparingInt(List::size))
        .forEach(
            with ->
                with.stream()
                    .limit(Math.max(0, MOST_CANDIDATES - candidates.size()))
                    .forEach(candidates::add));
    return candidates;
  }

  /** A sentence on nothing between two on one branch, in one paragraph, is on it as well. */
  private void bridge(List<Sentence> sentences, List<UUID> found) {
    for (int i = 1; i + 1 < found.size(); i++) {
      UUID before = found.get(i - 1);
      UUID after = found.get(i + 1);
      boolean between =
          found.get(i) == null
              && before != null
              && after != null
              && sentences.get(i - 1).block() == sentences.get(i + 1).block();
      if (between && main(before).equals(main(after))) {
        found.set(i, before);
      }
    }
  }

  private UUID main(UUID topic) {
    Topic at = map.topic(topic);
    while (!map.root().id().equals(at.parent()) && at.parent() != null) {
      at = map.topic(at.parent());
    }
    return at.id();
  }
}
