package org.pergamena.formats.json;

import com.fasterxml.jackson.annotation.JsonInclude;
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
 * @param manner how it cites; null if that is not known
 */
public record WholeMap(TopicMap map, List<Source> sources, List<Known> works, Manner manner) {
  public WholeMap {
    sources = List.copyOf(sources);
    works = List.copyOf(works);
  }

  /** A map of which it is not known how it cites. */
  public WholeMap(TopicMap map, List<Source> sources, List<Known> works) {
    this(map, sources, works, null);
  }

  /**
   * How a map cites.
   *
   * @param style the key of a style that ships, or of one's own
   * @param language ISO 639-1
   * @param own the text of a style of one's own (CSL 1.0), null for one that ships
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record Manner(String style, String language, String own) {}

  /**
   * A work.
   *
   * @param source null for one without a text
   */
  public record Known(UUID source, Work work) {}
}
