package org.pergamena.server.sources;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** The vectors of a text's sentences. */
@Entity
@Table(name = "source_vectors")
class VectorsRow {
  @Id UUID textId;
  byte[] bytes;

  protected VectorsRow() {}
}
