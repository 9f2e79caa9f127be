package org.pergamena.server.sources;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.pergamena.formats.SourceReader;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sound and film: kept beside the transcript of the same name, whichever comes first. */
@Service
public class Recordings {
  /** What a recording without a transcript says. */
  private static final String ALONE =
      "This is a recording without a transcript. Add its transcript (WebVTT, SRT, TTML, or text"
          + " with times) under the same name, and the two are joined.";

  /** Enough bytes to tell what kind of recording it is. */
  private static final int HEAD = 64_000;

  private final EntityManager entities;
  private final SourceFiles files;
  private final Shelf shelf;
  private final SourceReader reader = new SourceReader();

  Recordings(EntityManager entities, SourceFiles files, Shelf shelf) {
    this.entities = entities;
    this.files = files;
    this.shelf = shelf;
  }

  /** The media type if bytes are a recording. */
  public Optional<String> type(byte[] bytes) {
    return Optional.of(reader.type(bytes))
        .filter(SourceReader::isRecording)
        .map(Recordings::playable);
  }

  /** What a browser calls it. */
  private static String playable(String type) {
    return switch (type) {
      case "audio/opus", "audio/vorbis", "application/ogg" -> "audio/ogg";
      case "audio/vnd.wave" -> "audio/wav";
      case "application/mp4", "video/quicktime" -> "video/mp4";
      default -> type;
    };
  }

  /**
   * Joins a recording to a transcript of the same name.
   *
   * @return the transcript, if there is one
   */
  @Transactional
  public Optional<UUID> join(UUID mapId, String fileName, byte[] bytes, String type) {
    Optional<SourceRow> transcript =
        rows(mapId).stream()
            .filter(row -> row.recording == null && base(row.fileName).equals(base(fileName)))
            .filter(row -> !row.awaitsTranscript)
            .findFirst();
    transcript.ifPresent(row -> shelf.play(mapId, row.id, files.content(bytes), type));
    return transcript.map(row -> row.id);
  }

  /** Joins a recording to its transcript. */
  @Transactional
  public void play(UUID mapId, UUID sourceId, byte[] bytes, String type) {
    shelf.play(mapId, sourceId, files.content(bytes), type);
  }

  /** Keeps a recording that waits for its transcript. */
  @Transactional
  public UUID waiting(UUID mapId, String fileName, byte[] bytes) {
    UUID id = files.add(mapId, fileName, bytes);
    SourceRow row = Shelf.row(entities, mapId, id);
    row.problem = ALONE;
    row.awaitsTranscript = true;
    return id;
  }

  /** Joins a source to a recording of the same name that waits for it, if there is one. */
  @Transactional
  public void meet(UUID mapId, UUID sourceId) {
    SourceRow row = Shelf.row(entities, mapId, sourceId);
    for (SourceRow other : rows(mapId)) {
      boolean waits = other.awaitsTranscript && !other.id.equals(sourceId);
      if (waits && base(other.fileName).equals(base(row.fileName))) {
        byte[] head = files.bytes(other.contentId, 0, HEAD);
        shelf.play(mapId, sourceId, other.contentId, type(head).orElse("audio/ogg"));
        entities.remove(other);
        return;
      }
    }
  }

  private List<SourceRow> rows(UUID mapId) {
    return entities
        .createQuery(
            "from SourceRow where mapId = :map and not withdrawn order by position",
            SourceRow.class)
        .setParameter("map", mapId)
        .getResultList();
  }

  /** A file's name without its kind and language, {@code walk} for {@code walk.en.vtt}. */
  private static String base(String fileName) {
    return fileName
        .toLowerCase(Locale.ROOT)
        .replaceFirst("\\.[a-z0-9]{1,5}$", "")
        .replaceFirst("\\.[a-z]{2}(-[a-z]{2})?$", "");
  }
}
