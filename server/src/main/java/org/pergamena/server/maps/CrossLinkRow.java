package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.map.Bend;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Manner;

/** A link between two topics outside the tree. */
@Entity
@Table(name = "cross_link")
class CrossLinkRow {
  @Id UUID id;
  UUID mapId;
  UUID fromId;
  UUID toId;
  String phrase;

  @Enumerated(EnumType.STRING)
  Manner.Direction direction;

  boolean supposed;
  String note;

  /** The passages that bear it out as JSON, null if there are none. */
  String grounds;

  /** How far its line is bent, or null for both. */
  Double bentRight;

  Double bentDown;

  protected CrossLinkRow() {}

  CrossLinkRow(UUID mapId, CrossLink link) {
    this.id = link.id();
    this.mapId = mapId;
    this.fromId = link.from();
    this.toId = link.to();
    this.phrase = link.phrase();
    this.direction = link.manner().direction();
    this.supposed = link.manner().supposed();
    this.note = link.note();
    this.grounds = link.grounds().isEmpty() ? null : ChangeJson.writePassages(link.grounds());
    this.bentRight = link.bend() == null ? null : (Double) link.bend().x();
    this.bentDown = link.bend() == null ? null : (Double) link.bend().y();
  }

  CrossLink link() {
    return new CrossLink(
        id,
        fromId,
        toId,
        phrase,
        new Manner(direction, supposed),
        note,
        grounds == null ? List.of() : ChangeJson.readPassages(grounds),
        bentRight == null ? null : new Bend(bentRight, bentDown));
  }
}
