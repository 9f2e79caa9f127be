package org.pergamena.core.map;

import java.util.List;
import java.util.UUID;

/**
 * One edit of a map, or of the sources on its shelf. Changes name topics by identity, so that
 * changes to different topics hold in any order.
 */
public sealed interface Change {

  /** Puts a branch under a parent, as its child number {@code index} (from 0). */
  record AddBranch(UUID parent, int index, Branch branch) implements Change {}

  /** Takes a topic out with all below it: children, notes, evidence. */
  record RemoveBranch(UUID topic) implements Change {}

  /** Gives a topic another label. */
  record Relabel(UUID topic, String label) implements Change {}

  /** Gives a topic another note. */
  record Annotate(UUID topic, String note) implements Change {}

  /** Sets a topic aside, with all below it, or takes it back among the others. */
  record SetAside(UUID topic, boolean aside) implements Change {}

  /**
   * Moves a branch under another parent, or to another place under its own.
   *
   * @param index its place among the children once it has been taken out, from 0
   */
  record Move(UUID topic, UUID parent, int index) implements Change {}

  /** Links a passage to a topic, as its evidence number {@code index} (from 0). */
  record Link(UUID topic, int index, Evidence evidence) implements Change {}

  /** Unlinks a passage from a topic. */
  record Unlink(UUID topic, UUID evidence) implements Change {}

  /** Gives a topic other grounds: its summary, its evidence and its extent, all at once. */
  record Refill(UUID topic, String summary, List<Evidence> evidence, List<Extent> extent)
      implements Change {
    public Refill {
      evidence = List.copyOf(evidence);
      extent = List.copyOf(extent);
    }
  }

  /** Takes a source off the shelf; its file and text are kept. */
  record Withdraw(UUID source) implements Change {}

  /** Puts a source back on the shelf. */
  record Restore(UUID source) implements Change {}

  /** Gives a source another text: a newer version of its file, or another reading of it. */
  record Retext(UUID source, UUID from, UUID to) implements Change {}

  /** The changes that this is made of, itself if it is one. */
  default List<Change> parts() {
    return List.of(this);
  }

  /** Several changes that are done and undone as one, in order. */
  record Together(List<Change> changes) implements Change {
    public Together {
      changes = List.copyOf(changes);
    }

    @Override
    public List<Change> parts() {
      return changes.stream().flatMap(change -> change.parts().stream()).toList();
    }
  }
}
