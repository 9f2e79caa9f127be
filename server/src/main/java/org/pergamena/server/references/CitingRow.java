package org.pergamena.server.references;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** How a map cites. */
@Entity
@Table(name = "citing")
class CitingRow {
  @Id UUID mapId;

  /** The key of a style that ships, or {@code own}. */
  String style;

  /** ISO 639-1. */
  String language;

  /** The style of one's own as it stands in its file, or null. */
  String own;

  protected CitingRow() {}

  CitingRow(UUID mapId, String style, String language) {
    this.mapId = mapId;
    this.style = style;
    this.language = language;
  }
}
