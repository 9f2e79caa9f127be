package org.pergamena.server.briefs;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A brief that a person keeps under a name. */
@Entity
@Table(name = "kept_brief")
class KeptBriefRow {
  @Id UUID id;
  UUID person;
  String name;

  /** Its choices as JSON; which topics it is about is not kept. */
  String choices;

  Instant keptAt;

  protected KeptBriefRow() {}

  KeptBriefRow(UUID person, String name, String choices) {
    this.id = UUID.randomUUID();
    this.person = person;
    this.name = name;
    this.choices = choices;
    this.keptAt = Instant.now();
  }
}
