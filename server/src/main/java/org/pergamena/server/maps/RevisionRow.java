package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
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

  /** Why a state is worth going back to. */
  public enum Moment {
    /** A job has changed the map. */
    WORK,
    /** Many topics came at once. */
    BROUGHT,
    /** An earlier state was brought back. */
    RESTORED,
    /** An hour's work was done. */
    HOUR
  }

  /** Whether a change holds now. */
  enum State {
    DONE,
    UNDONE,
    /** Undone, and something else was done since. */
    REPLACED,
    /** Somebody else has changed the same since, so that it cannot be undone alone. */
    OVERTAKEN,
    /** Saved while a person was typing, and contained in the change after it. */
    TYPED_ON
  }

  @Id UUID mapId;
  @Id long number;
  UUID author;

  /** The edit's own identity, or null. */
  UUID editId;

  /** The job that made it, or null if it was made by hand. */
  UUID jobId;

  /** The time at one field that it saves what was typed of, or null. */
  UUID typing;

  @Enumerated(EnumType.STRING)
  Kind kind;

  /** The change that was undone or redone; the row's own number for a change. */
  long ofNumber;

  @Enumerated(EnumType.STRING)
  State state;

  /** The format of the change and its inverse. */
  int format;

  String change;
  String inverse;

  /** The topics and links that it is about. */
  UUID[] touched;

  /** Whether it gives the map another title. */
  boolean titles;

  /** What it did, in words; null for those before that was kept. */
  String said;

  /** Why the state after it is worth going back to, or null. */
  @Enumerated(EnumType.STRING)
  Moment moment;

  Instant madeAt;

  /** What a person would call it, or null; kept in what is said. */
  @Transient String called;

  protected RevisionRow() {}

  RevisionRow(UUID mapId, long number, Act act, Kind kind, long ofNumber) {
    this.mapId = mapId;
    this.number = number;
    this.author = act.person();
    this.editId = act.edit();
    this.jobId = act.job();
    this.called = act.called();
    this.typing = act.typing();
    this.kind = kind;
    this.ofNumber = ofNumber;
    this.state = State.DONE;
    this.format = ChangeJson.FORMAT;
    this.madeAt = Instant.now();
  }
}
