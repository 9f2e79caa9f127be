package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.pergamena.core.map.LayoutKind;

/** A map: whose it is and how far its revisions have come. */
@Entity
@Table(name = "map")
@DynamicUpdate
class MapRow {
  @Id UUID id;
  UUID owner;
  long revision;
  @Version long version;

  @Enumerated(EnumType.STRING)
  LayoutKind layout = LayoutKind.BRACES;

  /** Whether it had a title of its own from the start. */
  boolean titled;

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
