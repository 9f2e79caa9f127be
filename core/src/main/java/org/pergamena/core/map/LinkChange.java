package org.pergamena.core.map;

import java.util.UUID;

/** A change of the cross-links. */
public sealed interface LinkChange extends Change {

  /** Links two topics outside the tree. */
  record Connect(CrossLink link) implements LinkChange {
    @Override
    public Change applyTo(Draft draft) {
      draft.put(link);
      return new Disconnect(link.id());
    }
  }

  /** Takes a cross-link away. */
  record Disconnect(UUID link) implements LinkChange {
    @Override
    public Change applyTo(Draft draft) {
      CrossLink gone = draft.link(link);
      draft.drop(gone);
      return new Connect(gone);
    }
  }

  /** Puts other words on a cross-link. */
  record Rephrase(UUID link, String phrase) implements LinkChange {
    @Override
    public Change applyTo(Draft draft) {
      CrossLink old = draft.link(link);
      draft.put(old.withPhrase(phrase.strip()));
      return new Rephrase(link, old.phrase());
    }
  }

  /** Has a cross-link lead between other topics, or the other way round. */
  record Reattach(UUID link, UUID from, UUID to) implements LinkChange {
    @Override
    public Change applyTo(Draft draft) {
      CrossLink old = draft.link(link);
      draft.put(old.between(from, to));
      return new Reattach(link, old.from(), old.to());
    }
  }

  /** Has a cross-link hold in another manner. */
  record Qualify(UUID link, Manner manner) implements LinkChange {
    @Override
    public Change applyTo(Draft draft) {
      CrossLink old = draft.link(link);
      draft.put(old.withManner(manner));
      return new Qualify(link, old.manner());
    }
  }

  /** Gives a cross-link another note. */
  record Remark(UUID link, String note) implements LinkChange {
    @Override
    public Change applyTo(Draft draft) {
      CrossLink old = draft.link(link);
      draft.put(old.withNote(note));
      return new Remark(link, old.note());
    }
  }
}
