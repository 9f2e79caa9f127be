package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** A change of the sources on the shelf. */
public sealed interface ShelfChange extends Change {

  /** Takes a source off the shelf, and its passages and extents from the topics. */
  record Withdraw(UUID source) implements ShelfChange {
    @Override
    public Change applyTo(Draft draft) {
      List<Change> inverses = new ArrayList<>(List.of(new Restore(source)));
      for (Topic topic : draft.topics()) {
        if (topic.restsOn(source)) {
          inverses.add(ContentChange.Refill.of(topic));
          draft.change(topic.id(), content -> content.without(source));
        }
      }
      return new Together(inverses);
    }
  }

  /** Puts a source back on the shelf. */
  record Restore(UUID source) implements ShelfChange {
    @Override
    public Change applyTo(Draft draft) {
      return new Withdraw(source);
    }
  }

  /** Gives a source another text: a newer version of its file, or another reading of it. */
  record Retext(UUID source, UUID from, UUID to) implements ShelfChange {
    @Override
    public Change applyTo(Draft draft) {
      return new Retext(source, to, from);
    }
  }
}
