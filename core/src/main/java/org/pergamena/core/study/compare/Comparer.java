package org.pergamena.core.study.compare;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.pair.Entry;
import org.pergamena.core.pair.Pairing;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.Naming;
import org.pergamena.core.study.compare.CompareMark.Kind;
import org.pergamena.core.study.compare.Comparison.Both;
import org.pergamena.core.study.compare.Comparison.Columns;
import org.pergamena.core.study.compare.Comparison.Matter;

/**
 * Compares two.
 *
 * <pre>{@code
 * Comparison comparison = Comparer.of(Side.branch(map, walls, texts), Side.branch(map, banks, texts), marks);
 * }</pre>
 */
public final class Comparer {
  /** Topics of one label that what a person said of it counts for. */
  private static final int MOST_SAME = 40;

  private final Side one;
  private final Side other;
  private final Map<String, CompareMark> marks = new HashMap<>();

  private Comparer(Side one, Side other, Collection<CompareMark> marks) {
    this.one = one;
    this.other = other;
    marks.forEach(mark -> this.marks.put(mark.key(), mark));
  }

  /** What two have in common and what each has alone. */
  public static Comparison of(Side one, Side other, Collection<CompareMark> marks) {
    Comparer comparer = new Comparer(one, other, marks);
    return new Comparison(
        comparer.topics(),
        new TermColumns(one.texts(), other.texts(), comparer.marks).columns(),
        new PassageColumns(one.texts(), other.texts(), comparer.marks).columns());
  }

  /** Which sentences of two texts say the same, and which each has alone. */
  public static Columns sentences(List<Analysed> one, List<Analysed> other) {
    return new PassageColumns(one, other, Map.of()).columns();
  }

  private Columns topics() {
    List<Tongue> tongues =
        Stream.concat(one.texts().stream(), other.texts().stream())
            .map(Analysed::tongue)
            .distinct()
            .toList();
    Pairing pairing = new Pairing(one.topics(), other.topics(), tongues);
    Map<UUID, Integer> places = new HashMap<>();
    for (int i = 0; i < one.topics().size(); i++) {
      places.put(one.topics().get(i).topic(), i);
    }
    Set<Integer> byHand = byHand(pairing);
    for (int i = 0; i < other.topics().size(); i++) { // the very same topic of the same map
      int same = places.getOrDefault(other.topics().get(i).topic(), -1);
      if (same >= 0 && pairing.standing(i) < 0 && pairing.offered(same) < 0) {
        pairing.pair(i, same);
      }
    }
    pairing.run();
    List<Matter> left = new ArrayList<>();
    List<Both> both = new ArrayList<>();
    List<Matter> right = new ArrayList<>();
    for (int i = 0; i < one.topics().size(); i++) {
      int pair = pairing.offered(i);
      Matter matter = matter(one, one.topics().get(i));
      if (pair < 0) {
        left.add(matter);
      } else {
        double sure = byHand.contains(pair) ? 1 : rounded(pairing.likeness(pair));
        both.add(
            new Both(
                matter, matter(other, other.topics().get(pair)), sure, byHand.contains(pair), ""));
      }
    }
    for (int i = 0; i < other.topics().size(); i++) {
      if (pairing.standing(i) < 0) {
        right.add(matter(other, other.topics().get(i)));
      }
    }
    both.sort(Comparator.comparingDouble((Both b) -> -b.sure()));
    return Columns.of(left, both, right);
  }

  /** Pairs what a person put together and keeps apart what they did not; those that are paired. */
  private Set<Integer> byHand(Pairing pairing) {
    Map<String, List<Integer>> ours = byWords(one.topics());
    Map<String, List<Integer>> theirs = byWords(other.topics());
    Set<Integer> paired = new HashSet<>();
    for (CompareMark mark : marks.values()) {
      if (mark.kind() == Kind.TOPIC) {
        said(mark.one(), mark.other(), mark.together(), pairing, ours, theirs, paired);
        said(mark.other(), mark.one(), mark.together(), pairing, ours, theirs, paired);
      }
    }
    return paired;
  }

  private static void said(
      String first,
      String second,
      boolean together,
      Pairing pairing,
      Map<String, List<Integer>> ours,
      Map<String, List<Integer>> theirs,
      Set<Integer> paired) {
    for (int to : ours.getOrDefault(Naming.key(first), List.of())) {
      for (int of : theirs.getOrDefault(Naming.key(second), List.of())) {
        if (!together) {
          pairing.apart(of, to);
        } else if (pairing.offered(to) < 0 && pairing.standing(of) < 0) {
          pairing.pair(of, to);
          paired.add(of);
        }
      }
    }
  }

  private static Map<String, List<Integer>> byWords(List<Entry> topics) {
    Map<String, List<Integer>> places = new HashMap<>();
    for (int i = 0; i < topics.size(); i++) {
      List<Integer> same =
          places.computeIfAbsent(Naming.key(topics.get(i).label()), k -> new ArrayList<>());
      if (same.size() < MOST_SAME) {
        same.add(i);
      }
    }
    return places;
  }

  private static Matter matter(Side side, Entry topic) {
    List<Passage> passages = side.passages().getOrDefault(topic.topic(), List.of());
    return new Matter(topic.label(), topic.topic(), passages.size(), passages);
  }

  static double rounded(double sure) {
    return Math.round(100 * Math.max(0, Math.min(1, sure))) / 100.0;
  }
}
