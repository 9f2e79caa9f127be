package org.pergamena.server.visitors;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Somebody who has opened the page. */
@Entity
@Table(name = "visitor")
class VisitorRow {
  @Id UUID id;
  Instant createdAt;

  /** To the day. */
  Instant seenAt;

  protected VisitorRow() {}

  VisitorRow(UUID id) {
    this.id = id;
    this.createdAt = Instant.now();
    this.seenAt = createdAt;
  }
}
