package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/**
 * One change of a map, or the undoing or redoing of one, with its inverse. Rows are never deleted:
 * a change that was undone and then overtaken by another stays as {@code REPLACED}.
 */
@Entity
@Table(name = "revision")
@IdClass(RevisionRow.Key.class)
class RevisionRow {
  /** Which one of which map. */
  record Key(UUID mapId, long number) {}

  /** What was done. */
  enum Kind {
    CHANGE,
    UNDO,
    REDO
  }

  /** Whether a change holds now. */
  enum State {
    DONE,
    UNDONE,
    REPLACED
  }

  @Id UUID mapId;
  @Id long number;
  UUID author;

  @Enumerated(EnumType.STRING)
  Kind kind;

  /** The change that was undone or redone; the row's own number for a change. */
  long ofNumber;

  @Enumerated(EnumType.STRING)
  State state;

  String change;
  String inverse;
  Instant madeAt;

  protected RevisionRow() {}

  RevisionRow(UUID mapId, long number, UUID author, Kind kind, long ofNumber) {
    this.mapId = mapId;
    this.number = number;
    this.author = author;
    this.kind = kind;
    this.ofNumber = ofNumber;
    this.state = State.DONE;
    this.madeAt = Instant.now();
  }
}
