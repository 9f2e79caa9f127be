package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Stance;
import org.pergamena.core.source.Passage;

/** A passage linked to a topic. */
@Entity
@Table(name = "evidence")
class EvidenceRow {
  @Id UUID id;
  UUID topicId;
  UUID mapId;
  UUID sourceId;
  int position;
  int startAt;
  int endAt;
  String quote;
  String prefix;
  String suffix;

  @Enumerated(EnumType.STRING)
  Stance stance;

  @Enumerated(EnumType.STRING)
  Origin origin;

  double strength;

  protected EvidenceRow() {}

  EvidenceRow(UUID mapId, UUID topicId, int position, Evidence evidence) {
    this.id = evidence.id();
    this.topicId = topicId;
    this.mapId = mapId;
    set(position, evidence);
  }

  final void set(int place, Evidence evidence) {
    Passage passage = evidence.passage();
    sourceId = passage.source();
    position = place;
    startAt = passage.start();
    endAt = passage.end();
    quote = passage.exact();
    prefix = passage.prefix();
    suffix = passage.suffix();
    stance = evidence.stance();
    origin = evidence.origin();
    strength = evidence.strength();
  }

  Evidence evidence() {
    return new Evidence(
        id, new Passage(sourceId, startAt, endAt, quote, prefix, suffix), stance, origin, strength);
  }
}
