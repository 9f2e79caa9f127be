package org.pergamena.core.study.gap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.analysis.Coverage;
import org.pergamena.core.analysis.LeftOut;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.relate.Standing;
import org.pergamena.core.source.Source;

/**
 * What a map leans on, and where it has loose ends. Topics that are set aside do not count.
 *
 * @param mean number of relations on average of the topics that have any, as {@link Standing} has
 *     it
 * @param key topics with more relations than that, those with the most first
 * @param ends topics with one relation alone, in the map's order
 * @param single topics whose passages are all of one source, if there are several sources
 * @param unsupported topics without a passage in their branch
 * @param bearing how much each source bears, those that bear the least first
 * @param left parts of sources that are on no topic, though nobody wanted that
 */
public record LooseEnds(
    double mean,
    List<Related> key,
    List<UUID> ends,
    List<UUID> single,
    List<UUID> unsupported,
    List<Bearing> bearing,
    List<LeftOut> left) {
  private static final double LITTLE = 0.5;

  public LooseEnds {
    key = List.copyOf(key);
    ends = List.copyOf(ends);
    single = List.copyOf(single);
    unsupported = List.copyOf(unsupported);
    bearing = List.copyOf(bearing);
    left = List.copyOf(left);
  }

  /** A topic with the number of its relations. */
  public record Related(UUID topic, int relations) {}

  /**
   * How much of the map a source bears.
   *
   * @param topics that have a passage of it
   * @param alone topics that have passages of no other
   * @param share of its text that is on the map, 0 to 1
   * @param little whether that is less than half of what a source bears on average
   */
  public record Bearing(UUID source, int topics, int alone, double share, boolean little) {}

  /**
   * Those of a map.
   *
   * @param terms that the person asked to leave out
   */
  public static LooseEnds of(TopicMap map, List<Source> sources, List<String> terms) {
    List<Topic> topics = map.preorder().stream().filter(topic -> !topic.aside()).toList();
    Set<UUID> counted = topics.stream().map(Topic::id).collect(Collectors.toSet());
    Standing standing = Standing.of(map);
    List<Related> key =
        standing.key().stream()
            .filter(counted::contains)
            .map(id -> new Related(id, standing.relations().get(id)))
            .toList();
    List<UUID> ends = standing.ends().stream().filter(counted::contains).toList();
    Map<UUID, Support> support = Support.of(map);
    List<UUID> single = new ArrayList<>();
    List<UUID> unsupported = new ArrayList<>();
    for (Topic topic : topics) {
      Support its = support.get(topic.id());
      if (topic.parent() != null && its.unsupported()) {
        unsupported.add(topic.id());
      } else if (topic.parent() != null && sources.size() > 1 && its.sources().size() == 1) {
        single.add(topic.id());
      }
    }
    return new LooseEnds(
        standing.average(),
        key,
        ends,
        single,
        unsupported,
        bearing(map, topics, sources),
        left(map, sources, terms));
  }

  private static List<Bearing> bearing(TopicMap map, List<Topic> topics, List<Source> sources) {
    Map<UUID, Integer> borne = new HashMap<>();
    Map<UUID, Integer> alone = new HashMap<>();
    for (Topic topic : topics) {
      Set<UUID> its = new HashSet<>();
      for (Evidence evidence : topic.evidence()) {
        its.add(evidence.passage().source());
      }
      its.forEach(source -> borne.merge(source, 1, Integer::sum));
      if (its.size() == 1) {
        alone.merge(its.iterator().next(), 1, Integer::sum);
      }
    }
    double mean =
        borne.values().stream().mapToInt(Integer::intValue).sum()
            / (double) Math.max(1, sources.size());
    Map<UUID, Coverage> coverages = Coverage.of(map, sources);
    List<Bearing> bearing = new ArrayList<>();
    for (Source source : sources) {
      int count = borne.getOrDefault(source.id(), 0);
      bearing.add(
          new Bearing(
              source.id(),
              count,
              alone.getOrDefault(source.id(), 0),
              coverages.get(source.id()).share(),
              sources.size() > 1 && count < LITTLE * mean));
    }
    bearing.sort(Comparator.comparingInt(Bearing::topics));
    return bearing;
  }

  private static List<LeftOut> left(TopicMap map, List<Source> sources, List<String> terms) {
    return LeftOut.of(map, sources, terms).stream()
        .filter(left -> left.why() == LeftOut.Why.NO_TOPIC)
        .sorted(Comparator.comparingInt((LeftOut left) -> -left.span().length()))
        .toList();
  }
}
