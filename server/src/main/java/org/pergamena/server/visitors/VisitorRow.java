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

  /** To the hour. */
  Instant seenAt;

  /** Whether they have done more than look. */
  boolean used;

  protected VisitorRow() {}

  VisitorRow(UUID id) {
    this.id = id;
    this.createdAt = Instant.now();
    this.seenAt = createdAt;
  }
}
