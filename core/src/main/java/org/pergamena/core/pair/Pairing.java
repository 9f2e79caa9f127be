package org.pergamena.core.pair;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.language.Tongue;

/**
 * Finds which entries of two outlines mean the same: by their labels, by what stands above, beside
 * and below them, and by the passages that they rest on. The surest pairs are made first, and what
 * they say of their surroundings helps with the others.
 */
public final class Pairing {
  private static final double[] LEAST = {0.92, 0.68, 0.5, 0.5};
  private static final int MOST_CANDIDATES = 60;
  private static final int COMMON = 300;
  private static final double LEAST_LABEL = 0.25;

  /** Fewer words in common than this are enough only where something else is, too. */
  private static final double ENOUGH_LABEL = 0.52;

  private static final double BY_PARENT = 0.16;
  private static final double OTHER_PARENT = -0.06;
  private static final double BY_CHILDREN = 0.3;
  private static final double BY_CITES = 0.15;
  private static final double BY_DEFINITION = 0.12;

  private final List<Entry> standing;
  private final List<Entry> offered;
  private final Meaning meaning;
  private final List<Meaning.Said> ours = new ArrayList<>();
  private final List<Meaning.Said> theirs = new ArrayList<>();
  private final List<List<Integer>> below;
  private final List<List<Integer>> offeredBelow;

  /** Of each offered entry the one that stands, or -1; and the other way round. */
  private final int[] pairs;

  private final int[] taken;
  private final double[] likeness;
  private final Set<Long> forbidden = new HashSet<>();

  private record Scored(int offered, int standing, double score, double label) {}

  /** Nothing is paired yet. */
  public Pairing(List<Entry> standing, List<Entry> offered, Collection<Tongue> tongues) {
    this.standing = standing;
    this.offered = offered;
    this.meaning = new Meaning(tongues);
    standing.forEach(entry -> ours.add(meaning.said(entry.label())));
    offered.forEach(entry -> theirs.add(meaning.said(entry.label())));
    this.below = children(standing);
    this.offeredBelow = children(offered);
    this.pairs = new int[offered.size()];
    this.taken = new int[standing.size()];
    this.likeness = new double[offered.size()];
    Arrays.fill(pairs, -1);
    Arrays.fill(taken, -1);
  }

  private static List<List<Integer>> children(List<Entry> entries) {
    List<List<Integer>> children = new ArrayList<>();
    entries.forEach(entry -> children.add(new ArrayList<>()));
    for (int i = 0; i < entries.size(); i++) {
      if (entries.get(i).parent() >= 0) {
        children.get(entries.get(i).parent()).add(i);
      }
    }
    return children;
  }

  /** How near two labels are. */
  public double near(int of, int to) {
    return meaning.likeness(theirs.get(of), ours.get(to));
  }

  /** Says that two are not the same, whatever speaks for it. */
  public void apart(int of, int to) {
    forbidden.add(pairKey(of, to));
  }

  private boolean allowed(int of, int to) {
    return !forbidden.contains(pairKey(of, to));
  }

  private static long pairKey(int of, int to) {
    return (long) of << Integer.SIZE | to;
  }

  /** Makes a pair that is known. */
  public void pair(int of, int to) {
    pairs[of] = to;
    taken[to] = of;
    likeness[of] = near(of, to);
  }

  /** Pairs what is left. */
  public void run() {
    same();
    Map<Integer, List<Scored>> labelled = labelled();
    for (double least : LEAST) {
      round(labelled, least);
    }
    inSameSurroundings();
  }

  /** Pairs entries whose label no other has on either side. */
  private void same() {
    Map<String, Integer> once = new HashMap<>();
    for (int i = 0; i < standing.size(); i++) {
      once.merge(ours.get(i).key(), i, (a, b) -> -1);
    }
    Map<String, Integer> there = new HashMap<>();
    theirs.forEach(said -> there.merge(said.key(), 1, Integer::sum));
    for (int i = 0; i < offered.size(); i++) {
      String key = theirs.get(i).key();
      int to = once.getOrDefault(key, -1);
      if (to >= 0 && there.get(key) == 1 && pairs[i] < 0 && taken[to] < 0 && allowed(i, to)) {
        pair(i, to);
      }
    }
  }

  /** The place of what stands that an offered entry is, or -1. */
  public int standing(int of) {
    return pairs[of];
  }

  /** The place of the offered entry that one that stands is, or -1. */
  public int offered(int to) {
    return taken[to];
  }

  /** How near the label of an offered entry is to that of its pair, 0 to 1. */
  public double likeness(int of) {
    return likeness[of];
  }

  /** Of each offered entry those that share words or passages with it, the likest first. */
  private Map<Integer, List<Scored>> labelled() {
    Map<String, List<Integer>> index = new HashMap<>();
    for (int i = 0; i < standing.size(); i++) {
      if (taken[i] >= 0) {
        continue;
      }
      for (String word : handles(ours.get(i), standing.get(i))) {
        index.computeIfAbsent(word, key -> new ArrayList<>()).add(i);
      }
    }
    Map<Integer, List<Scored>> all = new HashMap<>();
    for (int i = 0; i < offered.size(); i++) {
      if (pairs[i] >= 0) {
        continue;
      }
      Set<Integer> candidates = new LinkedHashSet<>();
      List<List<Integer>> lists = new ArrayList<>();
      for (String word : handles(theirs.get(i), offered.get(i))) {
        lists.add(index.getOrDefault(word, List.of()));
      }
      lists.sort(Comparator.comparingInt(List::size));
      for (List<Integer> found : lists) { // the rarest words first
        found.stream().limit(Math.max(0, COMMON - candidates.size())).forEach(candidates::add);
      }
      List<Scored> scored = new ArrayList<>();
      for (int candidate : candidates) {
        double label = near(i, candidate);
        if (allowed(i, candidate) && (label >= LEAST_LABEL || shares(i, candidate))) {
          scored.add(new Scored(i, candidate, label, label));
        }
      }
      scored.sort(Comparator.comparingDouble(Scored::label).reversed());
      all.put(i, scored.size() > MOST_CANDIDATES ? scored.subList(0, MOST_CANDIDATES) : scored);
    }
    return all;
  }

  /** By what an entry is found: its words, the beginnings of long ones, its passages, its label. */
  private static Set<String> handles(Meaning.Said said, Entry entry) {
    Set<String> handles = new LinkedHashSet<>();
    handles.add("=" + said.key());
    for (String stem : said.stems()) {
      handles.add(stem);
      if (stem.length() > 5) {
        handles.add("~" + stem.substring(0, 5));
      }
    }
    entry.cites().forEach(cite -> handles.add("#" + cite));
    return handles;
  }

  private boolean shares(int of, int to) {
    return offered.get(of).cites().stream().anyMatch(standing.get(to).cites()::contains);
  }

  private void round(Map<Integer, List<Scored>> labelled, double least) {
    List<Scored> all = new ArrayList<>();
    for (List<Scored> candidates : labelled.values()) {
      for (Scored each : candidates) {
        if (pairs[each.offered()] < 0 && taken[each.standing()] < 0) {
          double score = each.label() + around(each.offered(), each.standing());
          boolean known = each.label() >= ENOUGH_LABEL || borneOut(each.offered(), each.standing());
          if (score >= least && known) {
            all.add(new Scored(each.offered(), each.standing(), score, each.label()));
          }
        }
      }
    }
    all.sort(
        Comparator.comparingDouble(Scored::score)
            .reversed()
            .thenComparingInt(Scored::offered)
            .thenComparingInt(Scored::standing));
    for (Scored each : all) {
      if (pairs[each.offered()] < 0 && taken[each.standing()] < 0) {
        pairs[each.offered()] = each.standing();
        taken[each.standing()] = each.offered();
        likeness[each.offered()] = each.label();
      }
    }
  }

  /** Whether more than words and place says that two entries are the same. */
  private boolean borneOut(int of, int to) {
    return shares(of, to) || common(of, to) > 0;
  }

  /** What the surroundings of two entries say for their being the same. */
  private double around(int of, int to) {
    Entry mine = offered.get(of);
    Entry other = standing.get(to);
    double sum = 0;
    if (mine.parent() >= 0 && pairs[mine.parent()] >= 0 && other.parent() >= 0) {
      sum += pairs[mine.parent()] == other.parent() ? BY_PARENT : OTHER_PARENT;
    } else if (mine.parent() >= 0 && other.parent() >= 0) {
      sum += BY_PARENT * meaning.likeness(theirs.get(mine.parent()), ours.get(other.parent()));
    }
    sum += BY_CHILDREN * common(of, to);
    if (!mine.cites().isEmpty() && !other.cites().isEmpty()) {
      long shared = mine.cites().stream().filter(other.cites()::contains).count();
      sum += BY_CITES * shared / Math.min(mine.cites().size(), other.cites().size());
    }
    if (!mine.definition().isEmpty() && !other.definition().isEmpty()) {
      Set<String> words = new HashSet<>(meaning.stems(mine.definition()));
      Set<String> others = meaning.stems(other.definition());
      int both = words.size() + others.size();
      words.retainAll(others);
      sum += BY_DEFINITION * 2 * words.size() / Math.max(1, both);
    }
    return sum;
  }

  /** The share of their children that two entries have in common. */
  private double common(int of, int to) {
    int most = Math.max(offeredBelow.get(of).size(), below.get(to).size());
    if (most == 0) {
      return 0;
    }
    Set<String> keys = new HashSet<>();
    below.get(to).forEach(child -> keys.add(ours.get(child).key()));
    long both =
        offeredBelow.get(of).stream()
            .filter(
                child ->
                    pairs[child] >= 0
                        ? standing.get(pairs[child]).parent() == to
                        : keys.contains(theirs.get(child).key()))
            .count();
    return both / (double) most;
  }

  /** Pairs entries without a word in common of which most children are the same. */
  private void inSameSurroundings() {
    for (int of = offered.size() - 1; of >= 0; of--) {
      if (pairs[of] >= 0) {
        continue;
      }
      Map<Integer, Integer> parents = new HashMap<>();
      for (int child : offeredBelow.get(of)) {
        int parent = pairs[child] < 0 ? -1 : standing.get(pairs[child]).parent();
        if (parent >= 0 && taken[parent] < 0) {
          parents.merge(parent, 1, Integer::sum);
        }
      }
      for (Map.Entry<Integer, Integer> each : parents.entrySet()) {
        int most = Math.max(offeredBelow.get(of).size(), below.get(each.getKey()).size());
        boolean free = pairs[of] < 0 && allowed(of, each.getKey());
        if (free && each.getValue() >= 2 && each.getValue() * 2 > most) {
          pair(of, each.getKey());
        }
      }
    }
  }
}
