package org.pergamena.server.sources;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A source of one map. */
@Entity(name = "SourceRow")
@Table(name = "source")
class SourceRow {
  @Id UUID id;
  UUID mapId;
  UUID contentId;

  /** Null until the file has been read. */
  UUID textId;

  int position;
  String fileName;
  String name;

  /** Why it could not be read, or null. */
  String problem;

  Instant createdAt;

  protected SourceRow() {}

  SourceRow(UUID id, UUID mapId, UUID contentId, int position, String fileName, String name) {
    this.id = id;
    this.mapId = mapId;
    this.contentId = contentId;
    this.position = position;
    this.fileName = fileName;
    this.name = name;
    this.createdAt = Instant.now();
  }
}
