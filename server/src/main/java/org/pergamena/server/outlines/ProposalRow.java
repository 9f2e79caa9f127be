package org.pergamena.server.outlines;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.pergamena.core.analysis.Matching;
import org.pergamena.core.source.Passage;

/** A passage that may bear a topic out and that nobody has accepted. */
@Entity
@Table(name = "proposal")
class ProposalRow {
  @Id UUID id;
  UUID mapId;
  UUID topicId;
  UUID sourceId;
  int startAt;
  int endAt;
  String quote;
  String prefix;
  String suffix;
  double strength;
  boolean refused;

  protected ProposalRow() {}

  ProposalRow(UUID mapId, Matching.Match match) {
    this.id = UUID.randomUUID();
    this.mapId = mapId;
    this.topicId = match.topic();
    take(match);
  }

  /** Becomes what has been matched, with the same identity. */
  void take(Matching.Match match) {
    this.sourceId = match.passage().source();
    this.startAt = match.passage().start();
    this.endAt = match.passage().end();
    this.quote = match.passage().exact();
    this.prefix = match.passage().prefix();
    this.suffix = match.passage().suffix();
    this.strength = match.strength();
  }

  Passage passage() {
    return new Passage(sourceId, startAt, endAt, quote, prefix, suffix);
  }
}
