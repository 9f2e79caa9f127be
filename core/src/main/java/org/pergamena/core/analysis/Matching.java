package org.pergamena.core.analysis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Span;

/**
 * Finds passages of the sources that bear on topics which came without any, by the words that they
 * share, each weighed by how rare it is (inverse document frequency; Sp&auml;rck Jones, 1972).
 */
public final class Matching {
  /** The most passages for one topic. */
  public static final int MOST = 3;

  /** Weaker matches than this are none. */
  public static final double WEAKEST = 0.45;

  /** The most passages like those of a topic. */
  public static final int MOST_LIKE = 8;

  private static final double LEAST_LIKE = 0.15;
  private static final double FULL_LIKE = 0.6;
  private static final double NEIGHBOUR = 0.5;
  private static final double CONTEXT = 0.35;
  private static final double SHORT = 6;

  /**
   * A passage that may bear a topic out, 0 to 1; without a topic where only words are asked for.
   */
  public record Match(UUID topic, Passage passage, double strength) {}

  private record Place(Analysed source, int sentence) {}

  private final List<Tongue> tongues;
  private final List<Place> places = new ArrayList<>();
  private final List<Set<String>> stems = new ArrayList<>();
  private final Map<String, List<Integer>> index = new HashMap<>();

  public Matching(List<Analysed> sources) {
    this.tongues = sources.stream().map(Analysed::tongue).distinct().toList();
    for (Analysed source : sources) {
      for (int i = 0; i < source.sentences().size(); i++) {
        Set<String> found = stems(source.sentences().get(i).tokens());
        found.forEach(s -> index.computeIfAbsent(s, k -> new ArrayList<>()).add(places.size()));
        places.add(new Place(source, i));
        stems.add(found);
      }
    }
  }

  private static Set<String> stems(List<Token> tokens) {
    Set<String> stems = new HashSet<>();
    for (Token token : tokens) {
      if (token.content() || Character.isDigit(token.surface().charAt(0))) {
        stems.add(token.stem());
      }
    }
    return stems;
  }

  private double rarity(String stem) {
    return Math.log(1 + places.size() / (1.0 + index.getOrDefault(stem, List.of()).size()));
  }

  /** The best passages for a topic, the strongest first; empty if none bears it out. */
  public List<Match> of(TopicMap map, Topic topic) {
    List<String> around = new ArrayList<>();
    for (Topic at = topic; at.parent() != null; ) {
      at = map.topic(at.parent());
      around.add(at.label());
    }
    around.add(topic.note());
    return of(topic, around);
  }

  /**
   * The best passages for a topic that may be on no map.
   *
   * @param around labels above it and what else tells what it is about
   */
  public List<Match> of(Topic topic, List<String> around) {
    return of(topic.id(), topic.label(), topic.evidence(), around, MOST);
  }

  /** The best passages that say what some words say, whatever topic they are on. */
  public List<Match> saying(String words, int most) {
    return of(null, words, List.of(), List.of(), most);
  }

  private List<Match> of(
      UUID topic, String words, List<Evidence> linked, List<String> around, int most) {
    Map<String, Double> own = weighed(words);
    Map<String, Double> context = new LinkedHashMap<>();
    around.forEach(each -> weighed(each).forEach((stem, w) -> context.merge(stem, w, Math::max)));
    own.keySet().forEach(context::remove);
    double all = own.values().stream().mapToDouble(Double::doubleValue).sum();
    if (all == 0) {
      return List.of();
    }
    List<Match> found = new ArrayList<>();
    ranked(own.keySet(), place -> strength(place, own, context, all), WEAKEST)
        .forEach(
            scored -> {
              if (found.size() < most) {
                add(found, topic, linked, scored.getKey(), scored.getValue());
              }
            });
    return found;
  }

  /** The sentences that have one of some stems and score enough, the best first. */
  private Stream<Map.Entry<Integer, Double>> ranked(
      Set<String> stems, ToDoubleFunction<Integer> score, double least) {
    Set<Integer> candidates = new LinkedHashSet<>();
    stems.forEach(stem -> candidates.addAll(index.getOrDefault(stem, List.of())));
    return candidates.stream()
        .map(place -> Map.entry(place, score.applyAsDouble(place)))
        .filter(scored -> scored.getValue() >= least)
        .sorted(
            Map.Entry.<Integer, Double>comparingByValue(Comparator.reverseOrder())
                .thenComparing(Map.Entry.comparingByKey()));
  }

  /**
   * Passages like those of a topic that are not linked to it yet, the strongest first: by the
   * cosine of their weighed words with all of its own.
   */
  public List<Match> like(Topic topic) {
    Map<String, Double> query = new HashMap<>(weighed(topic.label()));
    for (Evidence evidence : topic.evidence()) {
      weighed(evidence.passage().exact()).forEach((stem, w) -> query.merge(stem, w, Double::sum));
    }
    double length = length(query.values());
    return ranked(query.keySet(), place -> cosine(place, query, length), LEAST_LIKE)
        .filter(scored -> !linked(topic, scored.getKey()))
        .limit(MOST_LIKE)
        .map(
            scored ->
                match(topic.id(), scored.getKey(), Math.min(1, scored.getValue() / FULL_LIKE)))
        .toList();
  }

  private Match match(UUID topic, int place, double strength) {
    return new Match(topic, passage(place), Math.round(strength * 100) / 100.0);
  }

  private double cosine(int place, Map<String, Double> query, double length) {
    double dot = 0;
    double square = 0;
    for (String stem : stems.get(place).stream().sorted().toList()) {
      double weight = rarity(stem);
      square += weight * weight;
      dot += weight * query.getOrDefault(stem, 0.0);
    }
    return square == 0 ? 0 : dot / Math.sqrt(square) / length;
  }

  private static double length(Collection<Double> weights) {
    double square = 0;
    for (double weight : weights.stream().sorted().toList()) {
      square += weight * weight;
    }
    return Math.sqrt(square);
  }

  /** Whether a sentence has words of a passage that the topic has. */
  private boolean linked(Topic topic, int place) {
    Span span = places.get(place).source().sentences().get(at(place)).span();
    UUID source = places.get(place).source().source().id();
    return topic.evidence().stream()
        .map(Evidence::passage)
        .anyMatch(
            p -> p.source().equals(source) && p.start() < span.end() && span.start() < p.end());
  }

  private Passage passage(int place) {
    Analysed source = places.get(place).source();
    return Passage.of(source.source(), source.sentences().get(at(place)).span());
  }

  private Map<String, Double> weighed(String words) {
    Map<String, Double> weights = new LinkedHashMap<>();
    Set<String> all = new TreeSet<>();
    tongues.forEach(tongue -> all.addAll(stems(TextAnalyser.tokens(words, tongue))));
    all.forEach(stem -> weights.put(stem, rarity(stem)));
    return weights;
  }

  /**
   * The share of the label's weight that stands in a sentence, or for half of its worth beside it,
   * raised where words of the topics above stand there too.
   */
  private double strength(
      int place, Map<String, Double> own, Map<String, Double> context, double all) {
    double met = 0;
    for (Map.Entry<String, Double> word : own.entrySet()) {
      met += word.getValue() * met(place, word.getKey());
    }
    double around = 0;
    double most = 0;
    for (Map.Entry<String, Double> word : context.entrySet()) {
      around += word.getValue() * met(place, word.getKey());
      most = Math.max(most, word.getValue());
    }
    double share = met / all;
    double raised = share + (1 - share) * CONTEXT * Math.min(1, most == 0 ? 0 : around / most);
    double length = Math.min(1, places.get(place).source().words(at(place), at(place) + 1) / SHORT);
    return Math.min(1, (share < 0.3 ? share : raised) * (0.6 + 0.4 * length));
  }

  private int at(int place) {
    return places.get(place).sentence();
  }

  private double met(int place, String stem) {
    if (stems.get(place).contains(stem)) {
      return 1;
    }
    return beside(place, place - 1, stem) || beside(place, place + 1, stem) ? NEIGHBOUR : 0;
  }

  private boolean beside(int place, int other, String stem) {
    return other >= 0
        && other < places.size()
        && places.get(other).source() == places.get(place).source()
        && stems.get(other).contains(stem);
  }

  private void add(
      List<Match> found, UUID topic, List<Evidence> linked, int place, double strength) {
    Passage passage = passage(place);
    boolean known =
        found.stream().anyMatch(m -> m.passage().exact().equals(passage.exact()))
            || linked.stream().anyMatch(e -> e.passage().exact().equals(passage.exact()));
    if (!known) {
      found.add(match(topic, place, strength));
    }
  }
}
