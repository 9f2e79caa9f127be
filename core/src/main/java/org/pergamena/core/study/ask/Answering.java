package org.pergamena.core.study.ask;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.TopicsAt;
import org.pergamena.core.study.ask.Answers.Answer;
import org.pergamena.core.study.compare.CompareMark;

/**
 * Finds the passages of the sources that answer a question in words: by Okapi BM25 over sentences
 * (Robertson and Zaragoza, 2009) with the words of those beside them at part of their worth, and
 * once more with the words that stand most in the first findings (relevance feedback without a
 * judge: Rocchio, 1971; Lavrenko and Croft, 2001). Other words that the sources give for a term
 * count nearly as much as the term. A sentence that has little of what is asked is no answer; then
 * nothing is said.
 */
public final class Answering {
  /** The most passages that answer one question. */
  public static final int MOST = 12;

  private static final double K1 = 1.2;
  private static final double B = 0.4;
  private static final double BESIDE = 0.35;
  private static final double OTHER_WORDS = 0.8;
  private static final double SUITS = 1.25;
  private static final double LEAST_COVERED = 0.5;
  private static final double LEAST_OF_BEST = 0.4;
  private static final int FIRST = 8;
  private static final int MORE_TERMS = 6;
  private static final double MORE_WEIGHT = 0.15;

  private record Place(Analysed source, int sentence) {}

  private record Scored(int place, double score, double covered) {}

  private final List<Place> places = new ArrayList<>();
  private final List<Map<String, Integer>> counts = new ArrayList<>();
  private final Map<String, List<Integer>> index = new HashMap<>();
  private final Map<String, String> surfaces = new HashMap<>();
  private final List<Tongue> tongues;
  private final OtherWords others;
  private double meanLength;

  /** Of some sources, with no other words than they give themselves. */
  public Answering(Collection<Analysed> sources) {
    this(sources, List.of());
  }

  /**
   * Of some sources.
   *
   * @param same what a person said of terms that mean the same
   */
  public Answering(Collection<Analysed> sources, Collection<CompareMark> same) {
    others = new OtherWords(sources, same);
    tongues = sources.stream().map(Analysed::tongue).distinct().toList();
    long words = 0;
    for (Analysed source : sources) {
      for (int i = 0; i < source.sentences().size(); i++) {
        Map<String, Integer> stems = stems(source.sentences().get(i));
        int place = places.size();
        stems.keySet().forEach(s -> index.computeIfAbsent(s, k -> new ArrayList<>()).add(place));
        places.add(new Place(source, i));
        counts.add(stems);
        words += stems.values().stream().mapToInt(Integer::intValue).sum();
      }
    }
    meanLength = places.isEmpty() ? 1 : Math.max(1, words / (double) places.size());
  }

  private Map<String, Integer> stems(Sentence sentence) {
    Map<String, Integer> stems = new HashMap<>();
    for (Token token : sentence.tokens()) {
      if (token.content() || Character.isDigit(token.surface().charAt(0))) {
        stems.merge(token.stem(), 1, Integer::sum);
        surfaces.putIfAbsent(token.stem(), token.surface());
      }
    }
    return stems;
  }

  /**
   * What the sources say to a question.
   *
   * @param map whose topics are named under which the passages stand, or null
   */
  public Answers to(String text, TopicMap map) {
    Question question = Question.of(text, tongues);
    Map<String, List<Set<String>>> alike = others.of(question, text, tongues);
    Map<String, Double> weights = new LinkedHashMap<>();
    question.words().keySet().forEach(stem -> weights.put(stem, 1.0));
    List<Scored> first = ranked(question, weights, alike);
    List<String> beside = first.isEmpty() ? List.of() : beside(first, weights.keySet());
    beside.forEach(stem -> weights.put(stem, MORE_WEIGHT));
    List<Scored> all = beside.isEmpty() ? first : ranked(question, weights, alike);
    double best = all.isEmpty() ? 0 : all.get(0).score();
    List<Answer> found = new ArrayList<>();
    TopicsAt topics = new TopicsAt(map);
    Set<String> said = new HashSet<>();
    for (Scored each : all) {
      Passage passage = passage(each.place());
      boolean enough = found.size() < MOST && each.score() >= LEAST_OF_BEST * best;
      if (enough && said.add(passage.line())) {
        double strength = Math.round(100 * Math.min(1, each.covered())) / 100.0;
        found.add(new Answer(passage, strength, topics.of(passage)));
      }
    }
    return new Answers(
        List.copyOf(question.words().values()), beside.stream().map(surfaces::get).toList(), found);
  }

  private double rarity(String stem) {
    int with = index.getOrDefault(stem, List.of()).size();
    return Math.log(1 + (places.size() - with + 0.5) / (with + 0.5));
  }

  /** Sentences that have enough of what is asked, the best first. */
  private List<Scored> ranked(
      Question question, Map<String, Double> weights, Map<String, List<Set<String>>> alike) {
    Set<Integer> candidates = new HashSet<>();
    weights.keySet().forEach(stem -> candidates.addAll(index.getOrDefault(stem, List.of())));
    alike.values().stream()
        .flatMap(List::stream)
        .flatMap(Set::stream)
        .forEach(stem -> candidates.addAll(index.getOrDefault(stem, List.of())));
    double asked = question.words().keySet().stream().mapToDouble(this::rarity).sum();
    List<Scored> scored = new ArrayList<>();
    for (int place : candidates) {
      double covered = 0;
      for (String stem : question.words().keySet()) {
        covered += rarity(stem) * met(place, stem, alike);
      }
      double share = asked == 0 ? 0 : covered / asked;
      if (share >= LEAST_COVERED) {
        scored.add(new Scored(place, score(question, place, weights, alike) * share, share));
      }
    }
    scored.sort(
        Comparator.comparingDouble(Scored::score).reversed().thenComparingInt(Scored::place));
    return scored;
  }

  private double met(int place, String stem, Map<String, List<Set<String>>> alike) {
    Set<String> own = counts.get(place).keySet();
    if (own.contains(stem)) {
      return 1;
    }
    if (alike.getOrDefault(stem, List.of()).stream().anyMatch(own::containsAll)) {
      return OTHER_WORDS;
    }
    return beside(place, place - 1, stem) || beside(place, place + 1, stem) ? BESIDE : 0;
  }

  private boolean beside(int place, int other, String stem) {
    return other >= 0
        && other < places.size()
        && places.get(other).source() == places.get(place).source()
        && counts.get(other).containsKey(stem);
  }

  private double score(
      Question question,
      int place,
      Map<String, Double> weights,
      Map<String, List<Set<String>>> alike) {
    Map<String, Integer> own = counts.get(place);
    double length = own.values().stream().mapToInt(Integer::intValue).sum();
    double sum = 0;
    for (Map.Entry<String, Double> each : weights.entrySet()) {
      double often = own.getOrDefault(each.getKey(), 0);
      double part =
          often > 0
              ? often * (K1 + 1) / (often + K1 * (1 - B + B * length / meanLength))
              : met(place, each.getKey(), alike);
      sum += each.getValue() * rarity(each.getKey()) * part;
    }
    Place at = places.get(place);
    Sentence sentence = at.source().sentences().get(at.sentence());
    String words =
        at.source()
            .source()
            .text()
            .text()
            .substring(sentence.span().start(), sentence.span().end());
    boolean asks = words.strip().endsWith("?");
    boolean suits = question.suits(sentence, words, at.source().tongue());
    return sum * (suits ? SUITS : 1) * (asks ? 0.5 : 1);
  }

  /** The words that stand most in the first findings beside those that were asked. */
  private List<String> beside(List<Scored> first, Set<String> asked) {
    Map<String, Double> sums = new HashMap<>();
    for (Scored each : first.subList(0, Math.min(FIRST, first.size()))) {
      counts
          .get(each.place())
          .forEach((stem, count) -> sums.merge(stem, each.score() * rarity(stem), Double::sum));
    }
    Map<String, Long> often = new HashMap<>();
    for (Scored each : first.subList(0, Math.min(FIRST, first.size()))) {
      counts.get(each.place()).keySet().forEach(stem -> often.merge(stem, 1L, Long::sum));
    }
    return sums.entrySet().stream()
        .filter(e -> !asked.contains(e.getKey()) && often.get(e.getKey()) > 1)
        .sorted(
            Map.Entry.<String, Double>comparingByValue(Comparator.reverseOrder())
                .thenComparing(Map.Entry.comparingByKey()))
        .limit(MORE_TERMS)
        .map(Map.Entry::getKey)
        .toList();
  }

  private Passage passage(int place) {
    Analysed source = places.get(place).source();
    return Passage.of(source.source(), source.sentences().get(places.get(place).sentence()).span());
  }
}
