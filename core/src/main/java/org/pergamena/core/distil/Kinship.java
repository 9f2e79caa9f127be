package org.pergamena.core.distil;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/**
 * Finds which topics of two maps of the same sources mean the same: by the text that they account
 * for, alone or with all below them, by the passages that bear them out, and by their labels.
 */
final class Kinship {
  /** Topics less alike than this are different ones. */
  private static final double LEAST = 0.4;

  private static final double BY_EXTENT = 0.7;
  private static final double BY_EVIDENCE = 0.2;
  private static final double BY_LABEL = 0.3;

  private record Pair(UUID old, UUID now) {}

  private record Likeness(Pair pair, double degree) {}

  /** A stretch of a source that a topic accounts for itself. */
  private record Stretch(UUID topic, int start, int end) {}

  private final TopicMap standing;
  private final TopicMap distilled;

  /** Text that two topics share, in code units: with all below them, and by themselves. */
  private final Map<Pair, Double> shared = new HashMap<>();

  private final Map<Pair, Double> own = new HashMap<>();
  private final Map<UUID, Double> sizes = new HashMap<>();

  private Kinship(TopicMap standing, TopicMap distilled) {
    this.standing = standing;
    this.distilled = distilled;
  }

  /** For each topic of a new map but its root the one that stands and means the same, if any. */
  static Map<UUID, UUID> between(TopicMap standing, TopicMap distilled) {
    return new Kinship(standing, distilled).found();
  }

  private Map<UUID, UUID> found() {
    measure(standing);
    measure(distilled);
    share();
    List<Likeness> all = new ArrayList<>();
    for (Pair pair : candidates()) {
      double degree = likeness(pair);
      if (degree >= LEAST) {
        all.add(new Likeness(pair, degree));
      }
    }
    all.sort(
        Comparator.comparingDouble(Likeness::degree)
            .reversed()
            .thenComparing(l -> l.pair().old())
            .thenComparing(l -> l.pair().now()));
    Map<UUID, UUID> found = new HashMap<>();
    Set<UUID> taken = new HashSet<>();
    for (Likeness like : all) {
      if (!found.containsKey(like.pair().now()) && taken.add(like.pair().old())) {
        found.put(like.pair().now(), like.pair().old());
      }
    }
    return found;
  }

  /** Text that each topic accounts for, those below it included, in code units. */
  private void measure(TopicMap map) {
    for (Topic topic : map.preorder()) {
      double own = length(topic);
      for (Topic at = topic; ; at = map.topic(at.parent())) {
        sizes.merge(at.id(), own, Double::sum);
        if (at.parent() == null) {
          break;
        }
      }
    }
  }

  /**
   * Finds what text pairs of topics share, by going through both maps' stretches in their order.
   */
  private void share() {
    Map<UUID, List<Stretch>> old = stretches(standing);
    Map<UUID, List<Stretch>> now = stretches(distilled);
    for (Map.Entry<UUID, List<Stretch>> source : old.entrySet()) {
      List<Stretch> others = now.getOrDefault(source.getKey(), List.of());
      int from = 0;
      for (Stretch one : source.getValue()) {
        while (from < others.size() && others.get(from).end() <= one.start()) {
          from++;
        }
        for (int i = from; i < others.size() && others.get(i).start() < one.end(); i++) {
          Stretch other = others.get(i);
          int length = Math.min(one.end(), other.end()) - Math.max(one.start(), other.start());
          if (length > 0) {
            add(one.topic(), other.topic(), length);
          }
        }
      }
    }
  }

  private static Map<UUID, List<Stretch>> stretches(TopicMap map) {
    Map<UUID, List<Stretch>> stretches = new HashMap<>();
    for (Topic topic : map.preorder()) {
      for (Extent extent : topic.extent()) {
        stretches
            .computeIfAbsent(extent.source(), source -> new ArrayList<>())
            .add(new Stretch(topic.id(), extent.span().start(), extent.span().end()));
      }
    }
    stretches.values().forEach(list -> list.sort(Comparator.comparingInt(Stretch::start)));
    return stretches;
  }

  private void add(UUID old, UUID now, int length) {
    own.merge(new Pair(old, now), (double) length, Double::sum);
    for (UUID one = old; one != null; one = standing.topic(one).parent()) {
      for (UUID other = now; other != null; other = distilled.topic(other).parent()) {
        shared.merge(new Pair(one, other), (double) length, Double::sum);
      }
    }
  }

  private Set<Pair> candidates() {
    Set<Pair> pairs = new HashSet<>(shared.keySet());
    Map<String, UUID> labels = new HashMap<>();
    standing.preorder().forEach(topic -> labels.putIfAbsent(key(topic), topic.id()));
    for (Topic topic : distilled.preorder()) {
      if (labels.containsKey(key(topic))) {
        pairs.add(new Pair(labels.get(key(topic)), topic.id()));
      }
    }
    pairs.removeIf(
        pair ->
            standing.topic(pair.old()).parent() == null
                || distilled.topic(pair.now()).parent() == null);
    return pairs;
  }

  private double likeness(Pair pair) {
    Topic old = standing.topic(pair.old());
    Topic now = distilled.topic(pair.now());
    double all = overlap(shared.getOrDefault(pair, 0.0), sizes.get(old.id()), sizes.get(now.id()));
    double alone = overlap(own.getOrDefault(pair, 0.0), length(old), length(now));
    double label = key(old).equals(key(now)) ? BY_LABEL : 0;
    return BY_EXTENT * Math.max(all, alone) + evidence(old, now) + label;
  }

  /** The length that two have in common over all that they have (Jaccard, 1901). */
  private static double overlap(double both, double one, double other) {
    return both == 0 ? 0 : both / (one + other - both);
  }

  private static double length(Topic topic) {
    return topic.extent().stream().mapToInt(e -> e.span().end() - e.span().start()).sum();
  }

  private static double evidence(Topic old, Topic now) {
    if (old.evidence().isEmpty() || now.evidence().isEmpty()) {
      return 0;
    }
    long same =
        now.evidence().stream()
            .filter(e -> old.evidence().stream().anyMatch(o -> o.passage().samePlace(e.passage())))
            .count();
    return BY_EVIDENCE * same / Math.max(old.evidence().size(), now.evidence().size());
  }

  private static String key(Topic topic) {
    return topic.label().toLowerCase(Locale.ROOT);
  }
}
