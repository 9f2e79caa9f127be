package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A topic with something new that nobody has looked at. */
@Entity
@Table(name = "fresh_topic")
class FreshRow {
  @Id UUID topicId;
  UUID mapId;

  protected FreshRow() {}

  FreshRow(UUID topicId, UUID mapId) {
    this.topicId = topicId;
    this.mapId = mapId;
  }
}
