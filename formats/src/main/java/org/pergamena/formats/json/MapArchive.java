package org.pergamena.formats.json;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Topic;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.PageLayout;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.Omission;
import org.pergamena.formats.read.SourceKind;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * A whole map as one file, to move it to another computer: {@code map.json} as {@link MapJson}
 * writes it, for each source its file as it came with what was read of it beside its text, and the
 * pictures.
 */
public final class MapArchive {
  private static final int MOST_ENTRIES = 5_000;
  private static final long MOST_BYTES = 800_000_000;
  private static final long MOST_TIMES = 40;
  private static final long LEAST_ROOM = 10_000_000;
  private static final String MAP = "map.json";
  private static final String CONTENTS = "contents.json";
  private static final String STUDY = "study.json";
  private static final JsonMapper MAPPER =
      JsonMapper.builder().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();

  private MapArchive() {}

  /**
   * The file of a source.
   *
   * @param name as it came
   * @param kind as what it was read
   */
  public record SourceFile(
      String name,
      byte[] bytes,
      SourceKind kind,
      Facts facts,
      List<Omission> omissions,
      PageLayout layout,
      List<Integer> scanned) {}

  /** Where the files and pictures of a map come from; null for those that there are not. */
  public interface Store {
    /** The file of a source, null if there is none. */
    SourceFile file(UUID source);

    /** The bytes of a picture, null if there are none, or if it ships. */
    byte[] picture(String image);

    /** What was corrected by hand in what is computed from the sources; none if there is none. */
    default List<Correction> corrections() {
      return List.of();
    }
  }

  /**
   * What a person corrected by hand in what is computed from the sources.
   *
   * @param kind of what: an event, a name, a pair
   * @param subject by which it is known
   * @param body the correction, as JSON
   */
  public record Correction(String kind, String subject, String body) {
    private static final int LONGEST_SUBJECT = 40_000;
    private static final int LONGEST_BODY = 400_000;

    /** Whether it can be kept. */
    boolean fits() {
      return kind != null
          && subject != null
          && body != null
          && kind.length() <= 40
          && subject.length() <= LONGEST_SUBJECT
          && body.length() <= LONGEST_BODY
          && (kind + subject + body).indexOf('\0') < 0;
    }
  }

  /** What an archive holds. */
  public record Contents(
      WholeMap whole,
      Map<UUID, SourceFile> files,
      Map<String, byte[]> pictures,
      List<Correction> corrections) {}

  /** Where in the archive what stands. */
  private record Listed(Map<String, ListedFile> sources, Map<String, String> pictures) {}

  private record ListedFile(
      String path,
      String name,
      SourceKind kind,
      Facts facts,
      List<Omission> omissions,
      PageLayout layout,
      List<Integer> scanned) {}

  /** Writes an archive; the stream stays open. */
  public static void write(WholeMap whole, Store store, Progress progress, OutputStream out)
      throws IOException {
    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
    ByteArrayOutputStream json = new ByteArrayOutputStream();
    MapJson.write(whole, json);
    put(zip, MAP, json.toByteArray());
    Listed listed = new Listed(new LinkedHashMap<>(), new LinkedHashMap<>());
    for (var source : whole.sources()) {
      progress.at(
          "Packing " + source.name(), (double) listed.sources().size() / whole.sources().size());
      SourceFile file = store.file(source.id());
      if (file != null) {
        int number = listed.sources().size() + 1;
        String bare = file.name().replaceAll("[^\\p{L}\\p{N}._ -]", "_");
        String path = "sources/" + number + "/" + bare;
        put(zip, path, file.bytes());
        listed
            .sources()
            .put(
                source.id().toString(),
                new ListedFile(
                    path,
                    file.name(),
                    file.kind(),
                    file.facts(),
                    file.omissions(),
                    file.layout(),
                    file.scanned()));
      }
    }
    for (Topic topic : whole.map().preorder()) {
      for (Picture picture : topic.content().gloss().pictures()) {
        String image = picture.image();
        byte[] bytes = listed.pictures().containsKey(image) ? null : store.picture(image);
        if (bytes != null) {
          String path = "pictures/" + (listed.pictures().size() + 1);
          put(zip, path, bytes);
          listed.pictures().put(image, path);
        }
      }
    }
    put(zip, CONTENTS, MAPPER.writeValueAsBytes(listed));
    List<Correction> corrections = store.corrections();
    if (!corrections.isEmpty()) {
      put(zip, STUDY, MAPPER.writeValueAsBytes(corrections));
    }
    zip.finish();
  }

  private static void put(ZipOutputStream zip, String path, byte[] bytes) throws IOException {
    zip.putNextEntry(new ZipEntry(path));
    zip.write(bytes);
    zip.closeEntry();
  }

  /** Whether bytes begin like an archive. */
  public static boolean is(byte[] bytes) {
    return bytes.length > 4 && bytes[0] == 'P' && bytes[1] == 'K' && bytes[2] == 3;
  }

  /**
   * Reads an archive.
   *
   * @param author who becomes the author of its remarks
   * @throws IllegalArgumentException with a sentence for the person if it is none
   */
  public static Contents read(byte[] bytes, UUID author) {
    Map<String, byte[]> entries = unpacked(bytes);
    byte[] map = entries.get(MAP);
    if (map == null) {
      throw new IllegalArgumentException(
          "This archive is no whole map: it has no map.json. Choose one that was saved here.");
    }
    WholeMap whole = MapReader.read(map, author);
    Map<UUID, SourceFile> files = new HashMap<>();
    Map<String, byte[]> pictures = new HashMap<>();
    byte[] contents = entries.get(CONTENTS);
    if (contents != null) {
      try {
        Listed listed = MAPPER.readValue(contents, Listed.class);
        take(listed, entries, files, pictures);
      } catch (JacksonException | NullPointerException e) {
        throw new IllegalArgumentException(
            "The list of contents of this archive is damaged. Save it again where it was made.", e);
      }
    }
    return new Contents(whole, files, pictures, corrections(entries.get(STUDY)));
  }

  private static List<Correction> corrections(byte[] study) {
    if (study == null) {
      return List.of();
    }
    try {
      Map<String, Correction> once = new LinkedHashMap<>();
      for (Correction each : MAPPER.readValue(study, Correction[].class)) {
        if (each != null && each.fits()) {
          once.put(each.kind() + " " + each.subject(), each);
        }
      }
      return List.copyOf(once.values());
    } catch (JacksonException e) {
      throw new IllegalArgumentException(
          "What was corrected by hand in this archive (study.json) is damaged. Save it again where"
              + " it was made.",
          e);
    }
  }

  private static void take(
      Listed listed,
      Map<String, byte[]> entries,
      Map<UUID, SourceFile> files,
      Map<String, byte[]> pictures) {
    listed
        .sources()
        .forEach(
            (id, file) -> {
              byte[] bytes = entries.get(file.path());
              if (bytes != null) {
                files.put(
                    UUID.fromString(id),
                    new SourceFile(
                        file.name(),
                        bytes,
                        file.kind(),
                        file.facts(),
                        file.omissions(),
                        file.layout(),
                        file.scanned()));
              }
            });
    listed
        .pictures()
        .forEach(
            (image, path) -> {
              if (entries.containsKey(path)) {
                pictures.put(image, entries.get(path));
              }
            });
  }

  /** All entries, as far as they are not more than any map has. */
  private static Map<String, byte[]> unpacked(byte[] bytes) {
    Map<String, byte[]> entries = new HashMap<>();
    List<String> names = new ArrayList<>();
    // texts are packed to a tenth or so; what unpacks to far more was made to
    long left = Math.min(MOST_BYTES, LEAST_ROOM + MOST_TIMES * bytes.length);
    try (ZipInputStream zip =
        new ZipInputStream(new ByteArrayInputStream(bytes), StandardCharsets.UTF_8)) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        names.add(entry.getName());
        byte[] content = zip.readNBytes((int) Math.min(Integer.MAX_VALUE - 8, left + 1));
        left -= content.length;
        if (left < 0 || names.size() > MOST_ENTRIES) {
          throw new IllegalArgumentException(
              "This archive unpacks to more than a map of its size may have (40 times its length and"
                  + " 10 MB, at most 800 MB and 5,000 files). Save the map anew.");
        }
        entries.put(entry.getName(), content);
      }
    } catch (IOException | IllegalArgumentException e) {
      throw e instanceof IllegalArgumentException own && names.size() > 0
          ? own
          : new IllegalArgumentException(
              "This archive is damaged. Copy it again from where it was made.", e);
    }
    return entries;
  }
}
