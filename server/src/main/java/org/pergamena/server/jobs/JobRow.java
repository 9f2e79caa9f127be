package org.pergamena.server.jobs;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A piece of long work. */
@Entity
@Table(name = "job")
class JobRow {
  @Id UUID id;
  UUID mapId;
  UUID sourceId;

  @Enumerated(EnumType.STRING)
  JobKind kind;

  @Enumerated(EnumType.STRING)
  JobState state;

  String step;
  double share;
  String options;
  String problem;
  boolean cancelled;
  Instant createdAt;
  Instant changedAt;

  protected JobRow() {}

  JobRow(UUID mapId, UUID sourceId, JobKind kind, String options) {
    this.id = UUID.randomUUID();
    this.mapId = mapId;
    this.sourceId = sourceId;
    this.kind = kind;
    this.state = JobState.WAITING;
    this.step = "Waiting";
    this.options = options;
    this.createdAt = Instant.now();
    this.changedAt = createdAt;
  }
}
