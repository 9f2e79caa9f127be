package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.pergamena.core.map.CrossLink;

/** A link between two topics outside the tree. */
@Entity
@Table(name = "cross_link")
class CrossLinkRow {
  @Id UUID id;
  UUID mapId;
  UUID fromId;
  UUID toId;
  String phrase;

  protected CrossLinkRow() {}

  CrossLinkRow(UUID mapId, CrossLink link) {
    this.id = link.id();
    this.mapId = mapId;
    this.fromId = link.from();
    this.toId = link.to();
    this.phrase = link.phrase();
  }

  CrossLink link() {
    return new CrossLink(id, fromId, toId, phrase);
  }
}
