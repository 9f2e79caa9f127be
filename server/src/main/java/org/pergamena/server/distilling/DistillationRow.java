package org.pergamena.server.distilling;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A map distilled anew that waits to be taken. */
@Entity
@Table(name = "distillation")
class DistillationRow {
  @Id UUID mapId;

  /** The format of what was found. */
  int format;

  /** The distilled topics, as a stored change that adds them. */
  String found;

  /** What it was distilled with, as JSON. */
  String options;

  Instant madeAt;

  protected DistillationRow() {}

  DistillationRow(UUID mapId, int format, String found, String options) {
    this.mapId = mapId;
    this.format = format;
    this.found = found;
    this.options = options;
    this.madeAt = Instant.now();
  }
}
