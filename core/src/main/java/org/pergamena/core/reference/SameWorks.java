package org.pergamena.core.reference;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;

/**
 * Works among which others are looked for, each found without looking at all of them.
 *
 * @param <T> what stands for a work
 */
public final class SameWorks<T> {
  private final List<T> works;
  private final Function<T, Reference> reference;
  private final Map<String, List<Integer>> places = new HashMap<>();

  /** Those works, in this order. */
  public SameWorks(List<T> works, Function<T, Reference> reference) {
    this.works = List.copyOf(works);
    this.reference = reference;
    for (int i = 0; i < works.size(); i++) {
      for (String mark : reference.apply(works.get(i)).marks()) {
        places.computeIfAbsent(mark, m -> new ArrayList<>()).add(i);
      }
    }
  }

  /** The first that is surely of the same work, as {@link Reference#sameWork} says. */
  public Optional<T> find(Reference sought) {
    TreeSet<Integer> near = new TreeSet<>();
    sought.marks().forEach(mark -> near.addAll(places.getOrDefault(mark, List.of())));
    return near.stream()
        .map(works::get)
        .filter(work -> reference.apply(work).sameWork(sought))
        .findFirst();
  }
}
