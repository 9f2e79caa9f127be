package org.pergamena.server.replies;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.pergamena.core.brief.Brief;

/** A reply, as it was pasted or received and corrected since. */
@Entity
@Table(name = "reply")
class ReplyRow {
  @Id UUID id;
  UUID mapId;
  UUID person;
  String body;

  /** What the assistant is called, may be empty. */
  String assistant;

  /** What was wanted, or null if that is not known. */
  @Enumerated(EnumType.STRING)
  Brief.Wish wish;

  /** The topics that it was asked about, none for the whole map. */
  UUID[] about = {};

  /** What was asked, in a line. */
  String brief;

  /** The brief as it was sent, may be empty. */
  String asked;

  /** What differences say that a person refused. */
  String[] refused = {};

  Instant cameAt;

  protected ReplyRow() {}

  ReplyRow(UUID mapId, UUID person) {
    this.id = UUID.randomUUID();
    this.mapId = mapId;
    this.person = person;
    this.cameAt = Instant.now();
  }
}
