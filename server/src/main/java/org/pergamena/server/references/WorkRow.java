package org.pergamena.server.references;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.pergamena.core.reference.Reference;
import org.pergamena.formats.citation.CslJson;

/** A work on the shelf of a map that has no text. */
@Entity
@Table(name = "work")
class WorkRow {
  @Id UUID id;
  UUID mapId;
  String citeKey;

  /** As an item of CSL-JSON. */
  String reference;

  Instant madeAt;

  protected WorkRow() {}

  WorkRow(UUID mapId, String citeKey, Reference reference) {
    this.id = UUID.randomUUID();
    this.mapId = mapId;
    this.madeAt = Instant.now();
    say(citeKey, reference);
  }

  void say(String key, Reference known) {
    this.citeKey = key;
    this.reference = CslJson.write(key, known);
  }

  Reference reference() {
    return CslJson.read(reference);
  }
}
