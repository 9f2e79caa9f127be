package org.pergamena.core.analysis;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.relate.Standing;

/**
 * What topics must have to be chosen together; what is null or empty does not matter.
 *
 * @param words that stand in the label, the definition or the note, whatever their case
 * @param level 0 for the root
 * @param source from which a passage of the topic's own comes
 */
public record Selecting(
    String words,
    Integer level,
    String tag,
    Bearing bearing,
    UUID source,
    Standing.Kind standing,
    Ink ink) {

  /** How well a topic is borne out, or what a person has made of it. */
  public enum Bearing {
    UNSUPPORTED,
    THIN,
    /** All its passages come from one source. */
    ONE_SOURCE,
    SEVERAL_SOURCES,
    NOTED,
    ASIDE
  }

  /** The topics that have all of it, in the map's order. */
  public List<UUID> in(TopicMap map) {
    Map<UUID, Support> supports = bearing == null ? Map.of() : Support.of(map);
    Set<UUID> standing = this.standing == null ? Set.of() : Standing.of(map).those(this.standing);
    String sought = words.strip().toLowerCase(Locale.ROOT);
    return map.preorder().stream()
        .filter(topic -> sought.isEmpty() || topic.content().says(sought))
        .filter(topic -> level == null || map.level(topic) == level)
        .filter(topic -> tag == null || topic.content().gloss().tags().contains(tag))
        .filter(topic -> bearing == null || bears(topic, supports.get(topic.id())))
        .filter(topic -> source == null || rests(topic))
        .filter(topic -> this.standing == null || standing.contains(topic.id()))
        .filter(topic -> ink == null || inked(topic))
        .map(Topic::id)
        .toList();
  }

  private boolean inked(Topic topic) {
    Colour given = topic.content().look().style().ink();
    return given != null && given.ink() == ink;
  }

  private boolean rests(Topic topic) {
    return topic.evidence().stream().anyMatch(e -> e.passage().source().equals(source));
  }

  private boolean bears(Topic topic, Support support) {
    return switch (bearing) {
      case UNSUPPORTED -> topic.parent() != null && support.unsupported();
      case THIN -> topic.children().isEmpty() && support.thin();
      case ONE_SOURCE -> support.sources().size() == 1;
      case SEVERAL_SOURCES -> support.sources().size() > 1;
      case NOTED -> !topic.note().isBlank();
      case ASIDE -> topic.aside();
    };
  }
}
