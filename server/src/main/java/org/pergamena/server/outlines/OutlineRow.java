package org.pergamena.server.outlines;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** The outline that a map follows. */
@Entity
@Table(name = "outline")
class OutlineRow {
  @Id UUID mapId;
  String name;
  String body;

  /** Its items with the topics that they became, as JSON. */
  String grown;

  protected OutlineRow() {}

  OutlineRow(UUID mapId) {
    this.mapId = mapId;
  }
}
