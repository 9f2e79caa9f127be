package org.pergamena.core.analysis;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;

/**
 * How well a topic is borne out, by its own passages and those below it. Passages whose words are
 * no longer in their source do not count.
 *
 * @param passages number of different passages
 * @param own number of the topic's own passages
 * @param sources the sources that they come from, in the order met
 * @param closeness mean strength of the passages, 0 to 1; 0 if there are none
 */
public record Support(int passages, int own, List<UUID> sources, double closeness) {
  /** Fewer passages than this are too few to rest a topic on. */
  public static final int ENOUGH_PASSAGES = 2;

  /** Passages weaker than this on the mean are as likely to belong elsewhere. */
  public static final double ENOUGH_CLOSENESS = 0.5;

  /** Whether no passage at all bears the topic out. */
  public boolean unsupported() {
    return passages == 0;
  }

  /** Whether there is something, but too little. */
  public boolean thin() {
    return passages > 0 && (passages < ENOUGH_PASSAGES || closeness < ENOUGH_CLOSENESS);
  }

  /** How well a topic is borne out, the worst first. */
  public enum Grade {
    UNSUPPORTED("unsupported"),
    THIN("thin"),
    WELL("well borne out");

    private final String words;

    Grade(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** How well it is. */
  public Grade grade() {
    return unsupported() ? Grade.UNSUPPORTED : thin() ? Grade.THIN : Grade.WELL;
  }

  /** The support of every topic of a map. */
  public static Map<UUID, Support> of(TopicMap map) {
    Map<UUID, Support> supports = new HashMap<>();
    Map<UUID, Gathered> gathered = new HashMap<>();
    List<Topic> order = map.preorder();
    for (int i = order.size() - 1; i >= 0; i--) {
      Topic topic = order.get(i);
      Gathered sum = new Gathered(new LinkedHashMap<>(), new LinkedHashSet<>());
      List<Evidence> anchored =
          topic.evidence().stream().filter(e -> e.passage().anchored()).toList();
      for (Evidence evidence : anchored) {
        sum.passages.put(evidence.passage(), evidence.strength());
        sum.sources.add(evidence.passage().source());
      }
      for (UUID child : topic.children()) {
        Gathered below = gathered.remove(child);
        sum.passages.putAll(below.passages);
        sum.sources.addAll(below.sources);
      }
      gathered.put(topic.id(), sum);
      supports.put(topic.id(), sum.support(anchored.size()));
    }
    return supports;
  }

  private record Gathered(Map<Passage, Double> passages, Set<UUID> sources) {
    Support support(int own) {
      double closeness =
          passages.values().stream().mapToDouble(Double::doubleValue).average().orElse(0);
      return new Support(passages.size(), own, List.copyOf(sources), closeness);
    }
  }
}
