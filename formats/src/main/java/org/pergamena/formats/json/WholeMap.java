package org.pergamena.formats.json;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.reference.Work;
import org.pergamena.core.source.Source;

/**
 * A map with all that it rests on.
 *
 * @param sources in the order that gives them their inks
 * @param works what is known of sources, and works without a text
 */
public record WholeMap(TopicMap map, List<Source> sources, List<Known> works) {
  public WholeMap {
    sources = List.copyOf(sources);
    works = List.copyOf(works);
  }

  /**
   * A work.
   *
   * @param source null for one without a text
   */
  public record Known(UUID source, Work work) {}
}
