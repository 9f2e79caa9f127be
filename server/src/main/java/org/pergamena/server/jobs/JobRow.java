package org.pergamena.server.jobs;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;

/** A piece of long work. */
@Entity
@Table(name = "job")
@DynamicUpdate
class JobRow {
  @Id UUID id;
  @Version long version;
  UUID mapId;
  UUID sourceId;

  /** Who asked for it. */
  UUID person;

  @Enumerated(EnumType.STRING)
  JobKind kind;

  @Enumerated(EnumType.STRING)
  JobState state;

  /** Whether it waits for others of the same person to end. */
  boolean parked;

  String step;
  double share;
  String options;
  String problem;
  boolean cancelled;

  Instant begunAt;

  /** How strongly it is suspected of taking the server down with it. */
  int suspected;

  Instant createdAt;
  Instant changedAt;

  protected JobRow() {}

  JobRow(UUID person, UUID mapId, UUID sourceId, JobKind kind, String options) {
    this.id = UUID.randomUUID();
    this.person = person;
    this.mapId = mapId;
    this.sourceId = sourceId;
    this.kind = kind;
    this.state = JobState.WAITING;
    this.step = "Waiting";
    this.options = options;
    this.createdAt = Instant.now();
    this.changedAt = createdAt;
  }

  Work.Task task() {
    return new Work.Task(id, person, mapId, sourceId, options);
  }
}
