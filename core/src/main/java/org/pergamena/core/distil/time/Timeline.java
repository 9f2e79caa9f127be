package org.pergamena.core.distil.time;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;

/** Puts groups in the order of the events that they tell, by the dates in their sentences. */
public final class Timeline {
  private final Map<Sentence, Double> times = new IdentityHashMap<>();

  /** Reads the dates in some texts. */
  public Timeline(Collection<Analysed> texts) {
    for (Analysed text : texts) {
      Dates dates = new Dates(text.tongue());
      String words = text.source().text().text();
      for (Sentence sentence : text.sentences()) {
        String own = words.substring(sentence.span().start(), sentence.span().end());
        dates.next(sentence, own).ifPresent(time -> times.put(sentence, time));
      }
    }
  }

  /** Whether there is any date at all. */
  public boolean empty() {
    return times.isEmpty();
  }

  /**
   * The same tree with each group's children by their middle date; one without dates stays behind
   * the one that it stood behind, and what is aside stays last.
   */
  public Group sorted(Group group) {
    record Timed(Group group, double time) {}
    List<Timed> children = new ArrayList<>();
    double before = Double.NEGATIVE_INFINITY;
    for (Group child : group.children()) {
      double time = child.aside() ? Double.POSITIVE_INFINITY : middle(child).orElse(before);
      children.add(new Timed(sorted(child), time));
      before = time;
    }
    children.sort(Comparator.comparingDouble(Timed::time));
    return new Group(
        group.heading(), group.own(), children.stream().map(Timed::group).toList(), group.aside());
  }

  /** The middle one of a group's dates, in days since 1970. */
  OptionalDouble middle(Group group) {
    double[] dated =
        group.sentences().stream()
            .filter(times::containsKey)
            .mapToDouble(times::get)
            .sorted()
            .toArray();
    return dated.length == 0
        ? OptionalDouble.empty()
        : OptionalDouble.of(dated[(dated.length - 1) / 2]);
  }
}
