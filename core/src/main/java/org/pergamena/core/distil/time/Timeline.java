package org.pergamena.core.distil.time;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;
import org.pergamena.core.time.TextTimes;

/**
 * Puts groups and topics in the order of the events that they tell, by the dates in their
 * sentences.
 */
public final class Timeline {
  private final Map<Sentence, Double> times = new IdentityHashMap<>();
  private final List<Analysed> texts;

  /** Reads the dates in some texts. */
  public Timeline(Collection<Analysed> texts) {
    this.texts = List.copyOf(texts);
    Map<Sentence, Double> counted = new IdentityHashMap<>();
    for (Analysed text : texts) {
      TextTimes told = new TextTimes(text);
      for (Sentence sentence : text.sentences()) {
        told.of(sentence).stream()
            .flatMap(time -> time.when().stream())
            .findFirst()
            .ifPresent(when -> times.put(sentence, when.middle()));
        told.of(sentence).stream()
            .filter(time -> time.after() != null)
            .findFirst()
            .ifPresent(time -> counted.put(sentence, time.after().middle()));
      }
    }
    // without a date at all, by the years after the event that the texts count from
    if (times.isEmpty()) {
      times.putAll(counted);
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

  /**
   * What is right below a topic in the order of what it tells, by the middle date of the sentences
   * that its branch has; one without dates stays behind the one that it stood behind, and what is
   * set aside stays last.
   */
  public List<UUID> order(TopicMap map, Topic topic) {
    record Timed(UUID child, double time) {}
    List<Timed> children = new ArrayList<>();
    double before = Double.NEGATIVE_INFINITY;
    for (Topic child : map.children(topic)) {
      double time =
          child.aside() ? Double.POSITIVE_INFINITY : middle(dates(map, child)).orElse(before);
      children.add(new Timed(child.id(), time));
      before = time;
    }
    children.sort(Comparator.comparingDouble(Timed::time));
    return children.stream().map(Timed::child).toList();
  }

  private double[] dates(TopicMap map, Topic branch) {
    List<Topic> topics = map.preorder(branch);
    List<Double> dates = new ArrayList<>();
    for (Analysed text : texts) {
      List<Span> spans = new ArrayList<>();
      topics.forEach(topic -> spans.addAll(topic.spans(text.source().id())));
      List<Span> own = Spans.union(spans);
      int at = 0;
      for (Sentence sentence : text.sentences()) {
        while (at < own.size() && own.get(at).end() <= sentence.span().start()) {
          at++;
        }
        boolean within = at < own.size() && own.get(at).start() < sentence.span().end();
        if (within && times.containsKey(sentence)) {
          dates.add(times.get(sentence));
        }
      }
    }
    return dates.stream().mapToDouble(Double::doubleValue).sorted().toArray();
  }

  /** The middle one of a group's dates, in days since 1970. */
  OptionalDouble middle(Group group) {
    return middle(
        group.sentences().stream()
            .filter(times::containsKey)
            .mapToDouble(times::get)
            .sorted()
            .toArray());
  }

  private static OptionalDouble middle(double[] dated) {
    return dated.length == 0
        ? OptionalDouble.empty()
        : OptionalDouble.of(dated[(dated.length - 1) / 2]);
  }
}
