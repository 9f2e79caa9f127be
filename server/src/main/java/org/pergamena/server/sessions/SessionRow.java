package org.pergamena.server.sessions;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A browser in which a visitor is known. */
@Entity
@Table(name = "session")
class SessionRow {
  @Id UUID id;

  /** Of its token. */
  String hash;

  UUID visitorId;

  /** The session of the same browser that this one takes the place of once it is used; or null. */
  UUID formerId;

  String browser;
  Instant createdAt;

  /** To the hour. */
  Instant seenAt;

  Instant endsAt;

  protected SessionRow() {}

  SessionRow(String hash, UUID visitor, UUID former, String browser, Instant ends) {
    this.id = UUID.randomUUID();
    this.hash = hash;
    this.visitorId = visitor;
    this.formerId = former;
    this.browser = browser;
    this.createdAt = Instant.now();
    this.seenAt = createdAt;
    this.endsAt = ends;
  }
}
