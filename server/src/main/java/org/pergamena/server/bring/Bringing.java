package org.pergamena.server.bring;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.PageLayout;
import org.pergamena.core.source.Source;
import org.pergamena.formats.image.KeptImage;
import org.pergamena.formats.json.MapArchive;
import org.pergamena.formats.json.WholeMap;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.server.maps.Limits;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.marks.StudyMarks;
import org.pergamena.server.pictures.Pictures;
import org.pergamena.server.reading.Confined;
import org.pergamena.server.references.References;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.Shelf;
import org.pergamena.server.sources.SourceFiles;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes a new map of what a file holds. */
@Service
class Bringing {
  private final Maps maps;
  private final Limits limits;
  private final SourceFiles files;
  private final Shelf shelf;
  private final References references;
  private final Pictures pictures;
  private final StudyMarks marks;
  private final Confined confined;

  Bringing(
      Maps maps,
      Limits limits,
      SourceFiles files,
      Shelf shelf,
      References references,
      Pictures pictures,
      StudyMarks marks,
      Confined confined) {
    this.maps = maps;
    this.limits = limits;
    this.files = files;
    this.shelf = shelf;
    this.references = references;
    this.pictures = pictures;
    this.marks = marks;
    this.confined = confined;
  }

  /**
   * The new map, with identities of its own.
   *
   * @param read the pictures of the map, which have been read before
   */
  @Transactional
  public UUID bring(UUID person, MapArchive.Contents contents, Map<String, KeptImage> read) {
    limits.requireRoomForMap(person);
    UUID map = maps.reserve(person);
    WholeMap whole = contents.whole();
    Map<UUID, UUID> sources = new HashMap<>();
    for (Source source : whole.sources()) {
      MapArchive.SourceFile file = contents.files().get(source.id());
      sources.put(source.id(), source(map, source, file == null ? bare(source) : file));
    }
    for (WholeMap.Known known : whole.works()) {
      if (known.source() == null) {
        references.add(map, known.work());
      } else if (sources.containsKey(known.source())) {
        shelf.known(map, sources.get(known.source()), known.work().key(), known.work().reference());
      }
    }
    references.cite(map, whole.manner());
    Map<String, String> images = new HashMap<>();
    read.forEach((image, kept) -> images.put(image, pictures.keep(map, kept).image()));
    TopicMap topics =
        whole
            .map()
            .with(
                content ->
                    content.withGloss(
                        gloss ->
                            gloss.withPictures(
                                gloss.pictures().stream().map(p -> named(p, images)).toList())),
                link -> link);
    maps.fill(map, topics.copied(source -> known(sources, source), UUID::randomUUID), true);
    marks.bring(map, contents.corrections());
    return map;
  }

  private static UUID known(Map<UUID, UUID> sources, UUID source) {
    UUID own = sources.get(source);
    if (own == null) {
      throw new IllegalArgumentException(
          "A passage of this map is of a source that the file does not have ("
              + source
              + "). Save the map anew where it came from, with its sources.");
    }
    return own;
  }

  private UUID source(UUID map, Source source, MapArchive.SourceFile file) {
    UUID id = files.add(map, file.name(), file.bytes());
    UUID content = files.original(map, id).content();
    ReadSource read =
        new ReadSource(
            file.kind() == null ? SourceKind.TEXT : file.kind(),
            file.facts() == null ? Facts.NONE : file.facts(),
            source.text(),
            source.language(),
            file.omissions() == null ? List.of() : file.omissions(),
            file.layout() == null ? PageLayout.NONE : file.layout(),
            file.scanned() == null ? List.of() : file.scanned());
    shelf.take(map, id, files.keep(map, id, content, file.name(), read));
    shelf.named(map, id, read);
    shelf.rename(map, id, source.name());
    shelf.exclude(map, id, source.excluded());
    return id;
  }

  /** A source of which there is only its text. */
  private static MapArchive.SourceFile bare(Source source) {
    byte[] bytes = source.text().text().getBytes(StandardCharsets.UTF_8);
    String name = source.name().replaceFirst("\\.[A-Za-z0-9]{1,5}$", "") + ".txt";
    return new MapArchive.SourceFile(
        name, bytes, SourceKind.TEXT, Facts.NONE, List.of(), PageLayout.NONE, List.of());
  }

  /**
   * Reads the pictures of a map.
   *
   * @throws IllegalArgumentException with a sentence for the person if one cannot be read
   */
  Map<String, KeptImage> read(Map<String, byte[]> brought, Progress progress) {
    Map<String, KeptImage> read = new HashMap<>();
    brought.forEach(
        (image, bytes) -> {
          progress.at("Reading pictures", (double) read.size() / brought.size());
          try {
            read.put(image, confined.image(bytes));
          } catch (Refused e) {
            throw new IllegalArgumentException(
                "A picture of this map cannot be read: " + e.getMessage(), e);
          }
        });
    return read;
  }

  private static Picture named(Picture picture, Map<String, String> images) {
    return new Picture(
        picture.id(),
        images.getOrDefault(picture.image(), picture.image()),
        picture.alt(),
        picture.where(),
        picture.width(),
        picture.ratio());
  }
}
