package org.pergamena.server.sources;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.pergamena.formats.read.SourceKind;

/** A source of one map. */
@Entity(name = "SourceRow")
@Table(name = "source")
@DynamicUpdate
class SourceRow {
  @Id UUID id;
  UUID mapId;

  /** Null until what its address leads to has been fetched. */
  UUID contentId;

  /** Null until the file has been read. */
  UUID textId;

  int position;
  String fileName;
  String name;

  @Version long version;

  /** Whether it is a recording that waits for its transcript. */
  boolean awaitsTranscript;

  /** Why it could not be read, or null. */
  String problem;

  /** What is known of it as a work, as an item of CSL-JSON; null until it has been read. */
  String reference;

  /** By which notes cite it, of one map each its own; null until it has been read. */
  String citeKey;

  /** ISO 639-3, or null to go by the text. */
  String language;

  /** What a person says the file is, or null to find out. */
  @Enumerated(EnumType.STRING)
  SourceKind chosen;

  /** Where it was fetched from, or null. */
  String address;

  /** The sound or film that it is the transcript of, or null. */
  UUID recording;

  String soundType;

  /** The text that it had before its newer one, until what is new has been folded in; or null. */
  UUID newerThan;

  /** Stretches left out of distilling, as JSON. */
  String excluded = "[]";

  /** Whether it was taken off the shelf. */
  boolean withdrawn;

  /** Whether a person gave it its name. */
  boolean renamed;

  Instant createdAt;

  protected SourceRow() {}

  SourceRow(UUID mapId, UUID contentId, int position, String fileName) {
    this.id = UUID.randomUUID();
    this.mapId = mapId;
    this.contentId = contentId;
    this.position = position;
    this.fileName = fileName;
    this.name = fileName;
    this.createdAt = Instant.now();
  }

  /** The same file, reading and settings as a source of another map. */
  SourceRow copy(UUID toMap) {
    SourceRow copy = new SourceRow(toMap, contentId, position, fileName);
    copy.name = name;
    copy.textId = textId;
    copy.reference = reference;
    copy.citeKey = citeKey;
    copy.language = language;
    copy.chosen = chosen;
    copy.address = address;
    copy.recording = recording;
    copy.soundType = soundType;
    copy.excluded = excluded;
    copy.renamed = renamed;
    return copy;
  }
}
