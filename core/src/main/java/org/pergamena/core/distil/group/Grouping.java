package org.pergamena.core.distil.group;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Bag;

/** Turns parts into a tree of groups: one source's own order, or several sources by subject. */
public final class Grouping {
  private static final double SAME_SECTION = 0.7;
  private static final double SAME_SOURCE_APART = 1.1;
  private static final int DIVISIBLE_WORDS = 480;
  private static final double HEADING_SHARE = 0.4;

  /** Fewer words do not tell whether a source has to do with the others. */
  private static final int TELLING_WORDS = 60;

  private static final Set<String> GENERIC =
      Set.of("Summary", "Introduction", "Conclusion", "Conclusions", "Overview", "Background");

  private Grouping() {}

  /**
   * The tree of one source: its parts as they stand. Where more stand side by side than may, the
   * neighbours most alike are joined under one.
   */
  public static Group ofOne(Part part, int mostMain, int mostBelow) {
    List<Group> children = new ArrayList<>();
    for (Part child : part.children()) {
      children.add(ofOne(child, mostBelow, mostBelow));
    }
    List<Part> own =
        part.ownEnd() > part.from() || part.children().isEmpty() || part.title() != null
            ? List.of(
                new Part(
                    part.text(), part.from(), part.ownEnd(), part.title(), part.start(), List.of()))
            : List.of();
    return new Group(part.title(), own, bounded(children, mostMain));
  }

  private static List<Group> bounded(List<Group> groups, int most) {
    if (groups.size() <= most) {
      return groups;
    }
    List<Group> joined = new ArrayList<>();
    for (List<Integer> run : Merging.neighboursInto(most, vectors(groups))) {
      List<Group> within = run.stream().map(groups::get).toList();
      joined.add(
          within.size() == 1 ? within.get(0) : new Group(null, List.of(), bounded(within, most)));
    }
    return joined;
  }

  /**
   * The tree of several sources: leaf parts joined by subject, whatever source they are from. What
   * has nothing to do with the others has main branches of its own.
   */
  public static Group ofSeveral(List<Part> roots, int main, int mostBelow, int levels) {
    List<Group> leaves = new ArrayList<>();
    Map<Integer, Object> sections = new LinkedHashMap<>();
    List<List<Integer>> bySource = new ArrayList<>();
    for (Part root : roots) {
      List<Integer> own = new ArrayList<>();
      bySource.add(own);
      for (Part section : sections(root)) {
        for (Part leaf : section.leaves()) {
          sections.put(leaves.size(), section);
          own.add(leaves.size());
          leaves.add(new Group(commonHeading(List.of(leaf)), List.of(leaf), List.of()));
        }
      }
    }
    List<Bag> vectors = vectors(leaves);
    List<Group> mains = new ArrayList<>();
    List<List<Integer>> kindred = kindred(roots, bySource, vectors, main);
    int[] shares = Kindred.shares(kindred.stream().map(own -> words(leaves, own)).toList(), main);
    for (int i = 0; i < shares.length; i++) {
      for (List<Integer> cluster :
          Settling.of(merged(leaves, vectors, sections, kindred.get(i), shares[i]), vectors)) {
        mains.add(below(leaves, vectors, sections, cluster, mostBelow, levels - 1));
      }
    }
    mains.sort(Comparator.comparingDouble(Grouping::place));
    return new Group(null, List.of(), mains);
  }

  /**
   * The leaves of sources that have to do with each other; too short a source goes with the first,
   * and all go together if there are more subjects than main branches.
   */
  private static List<List<Integer>> kindred(
      List<Part> roots, List<List<Integer>> bySource, List<Bag> vectors, int main) {
    List<Integer> all = bySource.stream().flatMap(List::stream).toList();
    List<List<Integer>> groups =
        telling(
            roots.stream().map(Part::words).toList(),
            bySource.stream().map(own -> own.stream().map(vectors::get).toList()).toList());
    if (groups.size() < 2 || groups.size() > main) {
      return List.of(all);
    }
    List<List<Integer>> kindred = new ArrayList<>();
    Set<Integer> placed = new HashSet<>();
    for (List<Integer> group : groups.subList(1, groups.size())) {
      List<Integer> own = group.stream().flatMap(i -> bySource.get(i).stream()).toList();
      kindred.add(own);
      placed.addAll(own);
    }
    kindred.add(0, all.stream().filter(leaf -> !placed.contains(leaf)).toList());
    return kindred;
  }

  /** Places of sources that have to do with each other; too short a source to tell is in none. */
  private static List<List<Integer>> telling(List<Integer> words, List<List<Bag>> bySource) {
    List<Integer> telling =
        IntStream.range(0, words.size())
            .filter(i -> words.get(i) >= TELLING_WORDS)
            .boxed()
            .toList();
    return Kindred.of(telling.stream().map(bySource::get).toList()).stream()
        .map(group -> group.stream().map(telling::get).toList())
        .toList();
  }

  /**
   * The sources of some parts by what they speak of: those of one list have to do with each other,
   * directly or by way of others. Too short a source to tell is in none.
   */
  public static List<List<UUID>> subjects(List<Part> parts) {
    List<Group> leaves =
        parts.stream().map(part -> new Group(null, List.of(part), List.of())).toList();
    List<Bag> vectors = vectors(leaves);
    Map<UUID, List<Bag>> bySource = new LinkedHashMap<>();
    Map<UUID, Integer> words = new LinkedHashMap<>();
    for (int i = 0; i < parts.size(); i++) {
      UUID source = parts.get(i).text().source().id();
      bySource.computeIfAbsent(source, id -> new ArrayList<>()).add(vectors.get(i));
      words.merge(source, parts.get(i).words(), Integer::sum);
    }
    List<UUID> sources = List.copyOf(bySource.keySet());
    return telling(
            sources.stream().map(words::get).toList(), sources.stream().map(bySource::get).toList())
        .stream()
        .map(group -> group.stream().map(sources::get).toList())
        .toList();
  }

  private static int words(List<Group> leaves, List<Integer> some) {
    return some.stream().mapToInt(i -> leaves.get(i).own().get(0).words()).sum();
  }

  /** The main parts of a source, with what stands before the first as one of them. */
  private static List<Part> sections(Part root) {
    if (root.children().isEmpty()) {
      return List.of(root);
    }
    List<Part> sections = new ArrayList<>();
    if (root.ownEnd() > root.from()) {
      sections.add(
          new Part(root.text(), root.from(), root.ownEnd(), null, root.start(), List.of()));
    }
    sections.addAll(root.children());
    return sections;
  }

  private static Group below(
      List<Group> leaves,
      List<Bag> vectors,
      Map<Integer, Object> sections,
      List<Integer> cluster,
      int most,
      int levels) {
    if (cluster.size() == 1) {
      return leaves.get(cluster.get(0));
    }
    List<Part> parts = cluster.stream().flatMap(i -> leaves.get(i).own().stream()).toList();
    int words = parts.stream().mapToInt(Part::words).sum();
    if (levels <= 0 || words < DIVISIBLE_WORDS) {
      return new Group(commonHeading(parts), parts, List.of());
    }
    int count = Math.min(most, Math.max(2, (cluster.size() + 2) / 2));
    List<Group> children = new ArrayList<>();
    for (List<Integer> child : merged(leaves, vectors, sections, cluster, count)) {
      children.add(below(leaves, vectors, sections, child, most, levels - 1));
    }
    children.sort(Comparator.comparingDouble(Grouping::place));
    return new Group(commonHeading(parts), List.of(), children);
  }

  private static List<List<Integer>> merged(
      List<Group> leaves,
      List<Bag> vectors,
      Map<Integer, Object> sections,
      List<Integer> items,
      int count) {
    List<Bag> own = items.stream().map(vectors::get).toList();
    return Merging.into(count, own, (a, b) -> ease(leaves, sections, items.get(a), items.get(b)))
        .stream()
        .map(cluster -> cluster.stream().map(items::get).toList())
        .toList();
  }

  private static double ease(
      List<Group> leaves, Map<Integer, Object> sections, int leaf, int other) {
    if (sections.get(leaf) == sections.get(other)) {
      return SAME_SECTION;
    }
    Part left = leaves.get(leaf).own().get(0);
    Part right = leaves.get(other).own().get(0);
    return left.text() == right.text() ? SAME_SOURCE_APART : 1;
  }

  /** The heading that a good part of the words of several parts stands under, or null. */
  private static String commonHeading(List<Part> parts) {
    Map<String, Integer> words = new LinkedHashMap<>();
    int all = 0;
    for (Part part : parts) {
      all += part.words();
      if (part.title() != null) {
        words.merge(part.title(), part.words(), Integer::sum);
      }
    }
    String most = null;
    for (Map.Entry<String, Integer> entry : words.entrySet()) {
      boolean enough = entry.getValue() > all * HEADING_SHARE && !GENERIC.contains(entry.getKey());
      if (enough && (most == null || entry.getValue() > words.get(most))) {
        most = entry.getKey();
      }
    }
    return most;
  }

  /** Where a group's parts stand in their sources on average, 0 at the beginning to 1. */
  private static double place(Group group) {
    double sum = 0;
    double words = 0;
    for (Part part : group.parts()) {
      double middle = (part.from() + part.to()) / 2.0 / part.text().sentences().size();
      sum += middle * part.words();
      words += part.words();
    }
    return words == 0 ? 0 : sum / words;
  }

  private static List<Bag> vectors(List<Group> groups) {
    return Bag.weighed(groups.stream().map(Group::bag).toList());
  }
}
