package org.pergamena.server.marks;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Something that a person corrected in what is computed from the sources of a map. */
@Entity
@Table(name = "study_mark")
class StudyMarkRow {
  @Id UUID id;
  UUID mapId;
  String kind;

  /** What is corrected, by its words, so that it is known again. */
  String subject;

  /** The correction, as JSON. */
  String body;

  Instant markedAt;

  protected StudyMarkRow() {}

  StudyMarkRow(UUID mapId, String kind, String subject, String body) {
    this.id = UUID.randomUUID();
    this.mapId = mapId;
    this.kind = kind;
    this.subject = subject;
    this.body = body;
    this.markedAt = Instant.now();
  }
}
