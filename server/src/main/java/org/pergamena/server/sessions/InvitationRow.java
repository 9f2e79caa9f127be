package org.pergamena.server.sessions;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** What lets another browser of a visitor in, once. */
@Entity
@Table(name = "invitation")
class InvitationRow {
  @Id UUID visitorId;
  String hash;
  Instant endsAt;

  protected InvitationRow() {}

  InvitationRow(UUID visitor) {
    this.visitorId = visitor;
  }
}
