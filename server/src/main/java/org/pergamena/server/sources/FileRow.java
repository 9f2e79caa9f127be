package org.pergamena.server.sources;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** A file that a source has or had. */
@Entity
@Table(name = "source_file")
@IdClass(FileRow.Key.class)
class FileRow {
  /** Which file of which source. */
  record Key(UUID sourceId, UUID contentId) {}

  @Id UUID sourceId;
  @Id UUID contentId;
  String fileName;

  protected FileRow() {}

  FileRow(UUID sourceId, UUID contentId, String fileName) {
    this.sourceId = sourceId;
    this.contentId = contentId;
    this.fileName = fileName;
  }
}
