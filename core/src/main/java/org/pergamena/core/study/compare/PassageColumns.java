package org.pergamena.core.study.compare;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.Naming;
import org.pergamena.core.study.Resemblance;
import org.pergamena.core.study.agree.Statements;
import org.pergamena.core.study.compare.CompareMark.Kind;
import org.pergamena.core.study.compare.Comparison.Both;
import org.pergamena.core.study.compare.Comparison.Columns;
import org.pergamena.core.study.compare.Comparison.Matter;

/**
 * The sentences of two, each paired with the one that it is likest to, the likest first. Those that
 * are left come by how much of what only their side speaks of they have.
 */
final class PassageColumns {
  private static final double LEAST = 0.42;

  /** Sentences in other words are never quite sure to say the same. */
  private static final double MOST_SURE = 0.95;

  private static final int FEWEST_SHARED = 3;
  private static final int FEWEST_WORDS = 4;

  private record Place(Analysed text, Sentence sentence, String words, Set<String> stems) {
    Passage passage() {
      return Passage.of(text.source(), sentence.span());
    }

    Matter matter() {
      return new Matter(words, null, 1, List.of(passage()));
    }
  }

  private record Scored(int one, int other, double sure, boolean byHand) {}

  private final Map<String, CompareMark> marks;
  private final List<Place> places = new ArrayList<>();

  /** How many of them are of the first. */
  private final int ofOne;

  PassageColumns(List<Analysed> one, List<Analysed> other, Map<String, CompareMark> marks) {
    this.marks = marks;
    add(one);
    this.ofOne = places.size();
    add(other);
  }

  private void add(List<Analysed> texts) {
    for (Analysed text : texts) {
      for (Sentence sentence : text.sentences()) {
        if (sentence.words() >= FEWEST_WORDS) {
          String words = Passage.of(text.source(), sentence.span()).line();
          places.add(new Place(text, sentence, words, sentence.stems()));
        }
      }
    }
  }

  Columns columns() {
    Map<Integer, Scored> pairs = new HashMap<>();
    Set<Integer> taken = new HashSet<>();
    for (Scored each : scored()) {
      if (!taken.contains(each.one()) && !taken.contains(each.other())) {
        taken.add(each.one());
        taken.add(each.other());
        pairs.put(each.one(), each);
      }
    }
    List<Both> both = new ArrayList<>();
    for (Scored each : pairs.values()) {
      Place a = places.get(each.one());
      Place b = places.get(each.other());
      String against =
          a.words().equals(b.words())
              ? ""
              : Statements.against(a.text(), a.sentence(), b.text(), b.sentence());
      both.add(
          new Both(a.matter(), b.matter(), Comparer.rounded(each.sure()), each.byHand(), against));
    }
    both.sort(
        Comparator.comparingDouble((Both b) -> -b.sure())
            .thenComparing(b -> b.one().words())
            .thenComparing(b -> b.other().words()));
    return Columns.of(own(0, ofOne, taken), both, own(ofOne, places.size(), taken));
  }

  /** What may be pairs, those that a person made first, then the likest. */
  private List<Scored> scored() {
    Resemblance alike = new Resemblance(places.stream().map(Place::stems).toList());
    Map<String, List<Integer>> known = new HashMap<>();
    for (int i = 0; i < places.size(); i++) {
      known.computeIfAbsent(Naming.key(places.get(i).words()), k -> new ArrayList<>()).add(i);
    }
    List<Scored> scored = new ArrayList<>();
    for (CompareMark mark : marks.values()) {
      if (mark.kind() == Kind.PASSAGE && mark.together()) {
        int a = first(known, mark.one(), mark.other());
        int b = last(known, mark.one(), mark.other());
        if (a < ofOne && b >= ofOne) {
          scored.add(new Scored(a, b, 1, true));
        }
      }
    }
    List<Scored> found = new ArrayList<>();
    known.values().stream()
        .filter(same -> same.get(0) < ofOne && same.get(same.size() - 1) >= ofOne)
        .map(same -> new Scored(same.get(0), same.get(same.size() - 1), 1, false))
        .filter(same -> !apart(same.one(), same.other()))
        .forEach(found::add);
    for (int i = 0; i < ofOne; i++) {
      for (int near : alike.near(i)) {
        if (near >= ofOne && alike.shared(i, near) >= FEWEST_SHARED) {
          double sure = alike.of(i, near);
          if (sure >= LEAST && !apart(i, near)) {
            found.add(new Scored(i, near, Math.min(MOST_SURE, sure), false));
          }
        }
      }
    }
    found.sort(
        Comparator.comparingDouble((Scored s) -> -s.sure())
            .thenComparingInt(Scored::one)
            .thenComparingInt(Scored::other));
    scored.addAll(found);
    return scored;
  }

  /** Where the first of two wordings stands first. */
  private int first(Map<String, List<Integer>> known, String one, String other) {
    return both(known, one, other).mapToInt(places -> places.get(0)).min().orElse(ofOne);
  }

  /** Where the last of two wordings stands last; -1 unless both are there. */
  private int last(Map<String, List<Integer>> known, String one, String other) {
    return both(known, one, other).count() < 2
        ? -1
        : both(known, one, other).mapToInt(p -> p.get(p.size() - 1)).max().orElse(-1);
  }

  private static Stream<List<Integer>> both(
      Map<String, List<Integer>> known, String one, String other) {
    return Stream.of(one, other)
        .map(words -> known.get(Naming.key(words)))
        .filter(Objects::nonNull);
  }

  private boolean apart(int one, int other) {
    CompareMark mark =
        marks.get(
            CompareMark.key(Kind.PASSAGE, places.get(one).words(), places.get(other).words()));
    return mark != null && !mark.together();
  }

  /** Those that are left of a side, the most its own first. */
  private List<Matter> own(int from, int to, Set<Integer> taken) {
    Map<String, Integer> mine = counts(from, to);
    Map<String, Integer> theirs = from == 0 ? counts(to, places.size()) : counts(0, from);
    Map<Integer, Double> worth = new HashMap<>();
    for (int i = from; i < to; i++) {
      double sum = 0;
      for (String stem : places.get(i).stems()) {
        sum += mine.get(stem) / (1.0 + theirs.getOrDefault(stem, 0));
      }
      worth.put(i, sum / Math.sqrt(1 + places.get(i).stems().size()));
    }
    return worth.keySet().stream()
        .filter(place -> !taken.contains(place))
        .sorted(
            Comparator.comparingDouble((Integer place) -> -worth.get(place))
                .thenComparing(place -> place))
        .map(place -> places.get(place).matter())
        .toList();
  }

  private Map<String, Integer> counts(int from, int to) {
    return places.subList(from, to).stream()
        .flatMap(place -> place.stems().stream())
        .collect(Collectors.toMap(stem -> stem, stem -> 1, Integer::sum));
  }
}
