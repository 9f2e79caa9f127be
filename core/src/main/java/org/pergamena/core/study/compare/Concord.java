package org.pergamena.core.study.compare;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Span;
import org.pergamena.core.study.Naming;

/**
 * How far two maps agree in what stands where, whatever their topics are called.
 *
 * @param figure whether two sentences stand under the same main topic, held against each other for
 *     every two of them, as Cohen's kappa (Cohen, 1960; over pairs: Warrens, 2008): 1 for the same,
 *     0 for what chance would do
 * @param sentences how many of them stand under topics of both maps
 * @param shared how many sentences both maps' sources have
 * @param topics of the first map with the topic of the other whose sentences are most the same
 */
public record Concord(double figure, int sentences, int shared, List<OnTopic> topics) {
  public Concord {
    topics = List.copyOf(topics);
  }

  /** What a topic of one map and one of the other have of the same. */
  public record OnTopic(UUID one, UUID other, int both, int onlyOne, int onlyOther, double kappa) {}

  private static final int LONGEST_PAIRS = 20_000;

  /** The sentences that both have, known by their words. */
  private static final class Common {
    private final Map<String, Integer> numbers = new HashMap<>();

    Common(List<Analysed> one, List<Analysed> other) {
      Set<String> first = words(one);
      for (String words : words(other)) {
        if (first.contains(words) && numbers.size() < LONGEST_PAIRS) {
          numbers.put(words, numbers.size());
        }
      }
    }

    private static Set<String> words(List<Analysed> texts) {
      Set<String> words = new HashSet<>();
      texts.forEach(text -> text.sentences().forEach(each -> words.add(key(text, each))));
      return words;
    }

    private static String key(Analysed text, Sentence sentence) {
      return Naming.key(Passage.of(text.source(), sentence.span()).line());
    }

    /** Of each topic of a map, the sentences that stand under it or below it. */
    Map<UUID, BitSet> under(TopicMap map, List<Analysed> texts) {
      Map<UUID, BitSet> under = new LinkedHashMap<>();
      List<Topic> topics = map.preorder();
      topics.forEach(topic -> under.put(topic.id(), new BitSet()));
      for (Analysed text : texts) {
        Map<Sentence, Integer> known = new IdentityHashMap<>();
        for (Sentence sentence : text.sentences()) {
          Integer number = numbers.get(key(text, sentence));
          if (number != null) {
            known.put(sentence, number);
          }
        }
        for (Topic topic : topics) {
          BitSet own = under.get(topic.id());
          for (Span span : topic.spans(text.source().id())) {
            text.over(span).stream()
                .map(known::get)
                .filter(Objects::nonNull)
                .forEach(number -> own.set(number));
          }
        }
      }
      for (int i = topics.size() - 1; i > 0; i--) { // children come after their parents
        Topic topic = topics.get(i);
        if (topic.parent() != null && !topic.aside()) {
          under.get(topic.parent()).or(under.get(topic.id()));
        }
      }
      return under;
    }
  }

  /** How far two maps agree. */
  public static Concord of(
      TopicMap one, List<Analysed> texts, TopicMap other, List<Analysed> otherTexts) {
    Common common = new Common(texts, otherTexts);
    int shared = common.numbers.size();
    Map<UUID, BitSet> ours = common.under(one, texts);
    Map<UUID, BitSet> theirs = common.under(other, otherTexts);
    BitSet placed = (BitSet) ours.get(one.root().id()).clone();
    placed.and(theirs.get(other.root().id()));
    return new Concord(
        Math.round(100 * together(mains(one, ours), mains(other, theirs), placed)) / 100.0,
        placed.cardinality(),
        shared,
        byTopic(one, ours, other, theirs, shared));
  }

  private static List<BitSet> mains(TopicMap map, Map<UUID, BitSet> under) {
    return map.children(map.root()).stream()
        .filter(topic -> !topic.aside())
        .map(topic -> under.get(topic.id()))
        .toList();
  }

  /** Kappa over all pairs of sentences that both maps have placed. */
  private static double together(List<BitSet> ours, List<BitSet> theirs, BitSet placed) {
    double both = 0;
    double mine = 0;
    double their = 0;
    for (int i = placed.nextSetBit(0); i >= 0; i = placed.nextSetBit(i + 1)) {
      BitSet first = with(i, ours, placed);
      BitSet second = with(i, theirs, placed);
      mine += first.cardinality();
      their += second.cardinality();
      first.and(second);
      both += first.cardinality();
    }
    double sentences = placed.cardinality();
    return kappa(both, mine - both, their - both, sentences * (sentences - 1));
  }

  /** The other sentences that stand with one. */
  private static BitSet with(int sentence, List<BitSet> groups, BitSet placed) {
    BitSet with = new BitSet();
    groups.stream().filter(group -> group.get(sentence)).forEach(with::or);
    with.and(placed);
    with.clear(sentence);
    return with;
  }

  private static double kappa(double both, double onlyOne, double onlyOther, double all) {
    if (all <= 0) {
      return 0;
    }
    double agreed = (all - onlyOne - onlyOther) / all;
    double one = (both + onlyOne) / all;
    double other = (both + onlyOther) / all;
    double chance = one * other + (1 - one) * (1 - other);
    return chance >= 1 ? agreed == 1 ? 1 : 0 : (agreed - chance) / (1 - chance);
  }

  /** Each topic that rests on something with the one that is most the same, each once. */
  private static List<OnTopic> byTopic(
      TopicMap one,
      Map<UUID, BitSet> ours,
      TopicMap other,
      Map<UUID, BitSet> theirs,
      int sentences) {
    Map<Integer, List<UUID>> at = new HashMap<>();
    other.preorder().stream()
        .filter(topic -> topic.parent() != null && !topic.aside())
        .forEach(
            topic ->
                theirs.get(topic.id()).stream()
                    .forEach(i -> at.computeIfAbsent(i, k -> new ArrayList<>()).add(topic.id())));
    List<OnTopic> all = new ArrayList<>();
    List<UUID> order = new ArrayList<>();
    for (Topic topic : one.preorder()) {
      BitSet mine = ours.get(topic.id());
      if (topic.parent() != null && !topic.aside() && !mine.isEmpty()) {
        order.add(topic.id());
        Map<UUID, Integer> met = new LinkedHashMap<>();
        mine.stream()
            .forEach(
                i -> at.getOrDefault(i, List.of()).forEach(t -> met.merge(t, 1, Integer::sum)));
        met.forEach(
            (their, both) -> {
              int onlyOne = mine.cardinality() - both;
              int onlyOther = theirs.get(their).cardinality() - both;
              double kappa = kappa(both, onlyOne, onlyOther, sentences);
              all.add(new OnTopic(topic.id(), their, both, onlyOne, onlyOther, rounded(kappa)));
            });
      }
    }
    all.sort(Comparator.comparingDouble((OnTopic t) -> -t.kappa()).thenComparing(t -> -t.both()));
    Map<UUID, OnTopic> best = new HashMap<>();
    Set<UUID> taken = new HashSet<>();
    for (OnTopic each : all) {
      if (!best.containsKey(each.one()) && taken.add(each.other())) {
        best.put(each.one(), each);
      }
    }
    return order.stream()
        .map(
            id -> best.getOrDefault(id, new OnTopic(id, null, 0, ours.get(id).cardinality(), 0, 0)))
        .toList();
  }

  private static double rounded(double kappa) {
    return Math.round(100 * kappa) / 100.0;
  }
}
