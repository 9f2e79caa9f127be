package org.pergamena.formats.bring;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.formats.json.MapArchive;
import org.pergamena.formats.json.MapReader;
import org.pergamena.formats.json.WholeMap;

/** Reads maps from the files that they were written to. */
public final class MapFiles {
  private MapFiles() {}

  /**
   * Reads a map.
   *
   * @param name of the file, whose ending tells what it is where its beginning does not
   * @param author who becomes the author of its remarks
   * @throws IllegalArgumentException with a sentence for the person if it is none
   */
  public static MapArchive.Contents read(String name, byte[] bytes, UUID author) {
    MapArchive.Contents contents = any(name, bytes, author);
    requireBounds(contents.whole().map());
    return contents;
  }

  private static MapArchive.Contents any(String name, byte[] bytes, UUID author) {
    if (MapArchive.is(bytes)) {
      return MapArchive.read(bytes, author);
    }
    String low = name.toLowerCase(Locale.ROOT);
    String text = new String(bytes, StandardCharsets.UTF_8);
    if (low.endsWith(".opml") || text.stripLeading().startsWith("<")) {
      return bare(OpmlMap.read(bytes));
    } else if (low.endsWith(".csv") || CsvMap.is(text)) {
      return bare(CsvMap.read(text));
    } else if (low.endsWith(".md") || low.endsWith(".markdown")) {
      return bare(MarkdownMap.read(text));
    } else if (low.endsWith(".jsonld") || text.contains("\"http://www.w3.org/ns/anno.jsonld\"")) {
      return bare(AnnotationMap.read(text));
    } else if (low.endsWith(".json") || text.stripLeading().startsWith("{")) {
      return bare(MapReader.read(bytes, author));
    }
    throw new IllegalArgumentException(
        "This file is no map that can be brought in. Choose one that was saved here as ZIP, JSON,"
            + " JSON-LD, OPML, Markdown or CSV.");
  }

  private static void requireBounds(TopicMap map) {
    List<Topic> topics = map.preorder();
    if (topics.size() > TopicMap.MOST_TOPICS) {
      throw tooMany("topics", topics.size(), TopicMap.MOST_TOPICS);
    } else if (map.links().size() > TopicMap.MOST_LINKS) {
      throw tooMany("links", map.links().size(), TopicMap.MOST_LINKS);
    }
    Map<UUID, Integer> levels = new HashMap<>();
    for (Topic topic : topics) {
      int level = topic.parent() == null ? 0 : levels.get(topic.parent()) + 1;
      requireLevel(level, topic.label());
      levels.put(topic.id(), level);
    }
  }

  private static IllegalArgumentException tooMany(String what, int there, int most) {
    return new IllegalArgumentException(
        "The map has %,d %s, more than %,d. Divide it and bring the parts."
            .formatted(there, what, most));
  }

  /** Refuses what is deeper than maps are. */
  static void requireLevel(int level, String label) {
    if (level > TopicMap.DEEPEST_LEVEL) {
      throw new IllegalArgumentException(
          "A map is at most "
              + TopicMap.DEEPEST_LEVEL
              + " levels deep, and \""
              + label
              + "\" is deeper. Put it higher up in the file.");
    }
  }

  private static MapArchive.Contents bare(WholeMap whole) {
    return new MapArchive.Contents(whole, Map.of(), Map.of(), List.of());
  }
}
