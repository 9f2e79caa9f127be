package org.pergamena.formats.bring;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
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

  private static MapArchive.Contents bare(WholeMap whole) {
    return new MapArchive.Contents(whole, Map.of(), Map.of());
  }
}
