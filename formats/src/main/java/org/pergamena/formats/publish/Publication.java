package org.pergamena.formats.publish;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.publish.Scope;
import org.pergamena.core.source.Source;
import org.pergamena.formats.image.Gallery;

/**
 * All that a file is made of.
 *
 * @param front what stands on a title page
 * @param published what of the map is published
 * @param sources those of the map, in their order
 * @param works what is known of sources beside their text
 * @param drawn the map as it is drawn, which costs something only for formats that show it
 * @param gallery its images
 * @param scale pixels for each scene pixel, in formats of pixels
 */
public record Publication(
    Front front,
    Scope.Published published,
    List<Source> sources,
    List<Work> works,
    Supplier<Scene> drawn,
    Gallery gallery,
    int scale) {
  /** What stands on a title page beside the title; each may be empty. */
  public record Front(
      String subtitle, String author, String institution, String date, String course) {
    /** Nothing beside the title. */
    public static final Front NONE = new Front("", "", "", "", "");
  }

  /**
   * What is known of a source beside its text; all but its name may be empty.
   *
   * @param dated when it is from, as a person wrote it
   * @param kind what a person calls its kind
   */
  public record Work(
      UUID source, String name, String author, String dated, String kind, String address) {
    /** As it stands in a list of sources. */
    public String reference() {
      StringBuilder reference = new StringBuilder();
      if (!author.isBlank()) {
        reference.append(author).append(author.endsWith(".") ? " " : ". ");
      }
      reference.append(name).append(name.endsWith(".") ? "" : ".");
      if (!dated.isBlank()) {
        reference.append(' ').append(dated).append('.');
      }
      if (!address.isBlank()) {
        reference.append(' ').append(address);
      }
      return reference.toString();
    }
  }

  /** The map as it is drawn. */
  public Scene scene() {
    return drawn.get();
  }

  /** What of the map is published. */
  public TopicMap map() {
    return published.map();
  }

  /** Thin or unsupported, or empty. */
  public String mark(UUID topic) {
    return published.mark(topic);
  }

  /** The cross-links by the topics from which they lead. */
  Map<UUID, List<CrossLink>> leading() {
    return map().links().stream().collect(Collectors.groupingBy(CrossLink::from));
  }

  /** The title: what the root says. */
  public String title() {
    return map().root().label();
  }

  /** Where a passage stands: the name of its source, with the page or time if there is one. */
  public String place(Evidence evidence) {
    Source source = source(evidence.passage().source());
    if (source == null) {
      return "";
    }
    String at = source.place(evidence.passage());
    return source.name() + (at.isEmpty() ? "" : ", " + at);
  }

  /** A source as it is cited in brackets: who wrote it or its name, and the place in it. */
  public String cited(UUID source, String place) {
    String by =
        works.stream()
            .filter(work -> work.source().equals(source))
            .map(work -> work.author().isBlank() ? work.name() : work.author())
            .findFirst()
            .orElse("");
    return by + (place.isBlank() ? "" : ", " + place);
  }

  /** The words of a passage in quotation marks, on one line, with where they stand. */
  public String quote(Evidence evidence) {
    String place = place(evidence);
    return "\u201c"
        + evidence.passage().line()
        + "\u201d"
        + (place.isEmpty() ? "" : " \u2014 " + place);
  }

  /** A source by its identity, null if there is none. */
  Source source(UUID id) {
    return sources.stream().filter(source -> source.id().equals(id)).findFirst().orElse(null);
  }
}
