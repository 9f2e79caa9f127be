package org.pergamena.server.study;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A question that a person keeps with a map. */
@Entity
@Table(name = "question")
class QuestionRow {
  @Id UUID id;
  UUID mapId;
  UUID person;
  String body;

  /** The answers that the person has seen. */
  String[] seen = {};

  Instant keptAt;

  protected QuestionRow() {}

  QuestionRow(UUID mapId, UUID person, String body) {
    this.id = UUID.randomUUID();
    this.mapId = mapId;
    this.person = person;
    this.body = body;
    this.keptAt = Instant.now();
  }
}
