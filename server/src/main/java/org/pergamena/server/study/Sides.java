package org.pergamena.server.study;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Source;
import org.pergamena.core.study.compare.Concord;
import org.pergamena.core.study.compare.Side;
import org.pergamena.server.maps.Access;
import org.pergamena.server.maps.Role;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/**
 * What can be compared, by how it is written: {@code topic:ID} for a branch, {@code sources:ID,ID}
 * for sources, {@code map:ID} for a map.
 */
@Service
class Sides {
  private static final int MOST_SOURCES = 100;

  private final Study study;
  private final Access access;

  Sides(Study study, Access access) {
    this.study = study;
    this.access = access;
  }

  /**
   * Two that are compared.
   *
   * @param concord how far two maps agree, null unless both are maps
   * @param studied the passages of both, as they are told
   * @param sources of both
   */
  record Two(Side one, Side other, Concord concord, Studied studied, List<Source> sources) {}

  private record Chosen(Side side, TopicMap whole, List<Analysed> texts) {}

  /**
   * Reads two sides.
   *
   * @throws Refused if one is not there, may not be read, or is the other
   */
  Two read(UUID person, UUID map, String one, String other, Progress progress) {
    if (one.equals(other)) {
      throw new Refused(HttpStatus.BAD_REQUEST, "Both are the same. Choose two different ones.");
    }
    Chosen first = side(person, map, one, progress);
    Chosen second = side(person, map, other, progress);
    TopicMap topics = study.topics(map);
    requireApart(topics, one, other);
    Concord concord = null;
    if (first.whole() != null && second.whole() != null) {
      progress.at("Counting what stands together", 0.7);
      concord = Concord.of(first.whole(), first.texts(), second.whole(), second.texts());
    }
    Map<UUID, Source> sources = new LinkedHashMap<>();
    study.sources(map).forEach(source -> sources.put(source.id(), source));
    Stream.of(first, second)
        .flatMap(each -> each.texts().stream())
        .forEach(text -> sources.putIfAbsent(text.source().id(), text.source()));
    List<Source> all = List.copyOf(sources.values());
    return new Two(first.side(), second.side(), concord, new Studied(all, topics), all);
  }

  private Chosen side(UUID person, UUID map, String written, Progress progress) {
    int colon = written.indexOf(':');
    List<UUID> ids = colon < 0 ? List.of() : ids(written.substring(colon + 1));
    String kind = colon < 0 ? "" : written.substring(0, colon);
    if (ids.isEmpty() || ids.size() > 1 && !kind.equals("sources")) {
      throw unread(written);
    }
    return switch (kind) {
      case "topic" -> branch(map, ids.get(0), progress);
      case "sources" -> sources(map, ids, progress);
      case "map" -> map(person, ids.get(0), progress);
      default -> throw unread(written);
    };
  }

  private static List<UUID> ids(String written) {
    List<UUID> ids = new ArrayList<>();
    for (String each : written.split(",", MOST_SOURCES)) {
      try {
        ids.add(UUID.fromString(each));
      } catch (IllegalArgumentException e) {
        return List.of();
      }
    }
    return ids;
  }

  private static Refused unread(String written) {
    return new Refused(
        HttpStatus.BAD_REQUEST,
        "“" + written + "” names nothing to compare. Write topic:ID, sources:ID,ID or map:ID.");
  }

  private Chosen branch(UUID map, UUID topic, Progress progress) {
    TopicMap topics = study.topics(map);
    if (!topics.has(topic)) {
      throw Refused.notFound("This topic");
    }
    List<Analysed> texts = texts(map, progress);
    return new Chosen(Side.branch(topics, topic, texts), null, texts);
  }

  private Chosen sources(UUID map, List<UUID> ids, Progress progress) {
    List<Analysed> texts =
        texts(map, progress).stream().filter(text -> ids.contains(text.source().id())).toList();
    if (texts.isEmpty()) {
      throw Refused.notFound("This source");
    }
    String name =
        texts.stream().map(text -> text.source().name()).collect(Collectors.joining(", "));
    return new Chosen(Side.sources(name, study.topics(map), texts), null, texts);
  }

  private Chosen map(UUID person, UUID id, Progress progress) {
    access.require(person, id, Role.READ);
    TopicMap whole = study.topics(id);
    List<Analysed> texts = texts(id, progress);
    return new Chosen(Side.map(whole, texts), whole, texts);
  }

  private List<Analysed> texts(UUID map, Progress progress) {
    return study.texts(map, progress, "Holding both against each other");
  }

  /** A branch and one below it have all of the lower one in common. */
  private static void requireApart(TopicMap map, String one, String other) {
    if (one.startsWith("topic:") && other.startsWith("topic:")) {
      UUID first = ids(one.substring(6)).get(0);
      UUID second = ids(other.substring(6)).get(0);
      if (within(map, first, second) || within(map, second, first)) {
        throw new Refused(
            HttpStatus.BAD_REQUEST,
            "One of these topics stands under the other. Choose two that stand apart.");
      }
    }
  }

  private static boolean within(TopicMap map, UUID topic, UUID branch) {
    return map.preorder(map.topic(branch)).stream().anyMatch(each -> each.id().equals(topic));
  }
}
