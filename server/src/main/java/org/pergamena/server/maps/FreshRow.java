package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.pergamena.core.distil.FoldingIn;

/** A topic with something new that nobody has looked at. */
@Entity
@Table(name = "fresh_topic")
class FreshRow {
  @Id UUID topicId;
  UUID mapId;

  /** Whether the topic came itself. */
  boolean came;

  /** How many passages came to it. */
  int passages;

  /** The revision that brought them last. */
  long revision;

  protected FreshRow() {}

  FreshRow(UUID topicId, UUID mapId) {
    this.topicId = topicId;
    this.mapId = mapId;
  }

  FoldingIn.Touched touched() {
    return new FoldingIn.Touched(topicId, came, passages);
  }

  void add(FoldingIn.Touched more, long inRevision) {
    revision = inRevision;
    came |= more.came();
    passages += more.passages();
  }
}
