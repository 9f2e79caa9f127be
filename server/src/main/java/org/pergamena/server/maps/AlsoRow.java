package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.pergamena.core.map.Also;

/** That a topic is shown again under another than its own parent. */
@Entity
@Table(name = "also_here")
class AlsoRow {
  @Id UUID id;
  UUID mapId;
  UUID topicId;
  UUID parentId;

  protected AlsoRow() {}

  AlsoRow(UUID mapId, Also also) {
    this.id = also.id();
    this.mapId = mapId;
    this.topicId = also.topic();
    this.parentId = also.parent();
  }

  Also also() {
    return new Also(id, topicId, parentId);
  }
}
