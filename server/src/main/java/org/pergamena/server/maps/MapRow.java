package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A map: whose it is and how far its revisions have come. */
@Entity
@Table(name = "map")
class MapRow {
  @Id UUID id;
  UUID owner;
  long revision;

  /** Whether the person has chosen which branches are open. */
  boolean folded;

  /** What it was last distilled with, as JSON, or null. */
  String distilledWith;

  Instant createdAt;
  Instant changedAt;

  protected MapRow() {}

  MapRow(UUID id, UUID owner) {
    this.id = id;
    this.owner = owner;
    this.createdAt = Instant.now();
    this.changedAt = createdAt;
  }
}
