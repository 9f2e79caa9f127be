package org.pergamena.core.map;

import java.util.List;
import java.util.Objects;
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
      CrossLink now = old.between(from, to);
      draft.put(now);
      Change back = new Reattach(link, old.from(), old.to());
      return Objects.equals(old.bend(), now.bend())
          ? back
          : new Together(List.of(back, new Bow(link, old.bend())));
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

  /** Has a cross-link rest on other passages. */
  record Ground(UUID link, List<Evidence> grounds) implements LinkChange {
    public Ground {
      grounds = List.copyOf(grounds);
    }

    @Override
    public Change applyTo(Draft draft) {
      CrossLink old = draft.link(link);
      draft.put(old.withGrounds(grounds));
      return new Ground(link, old.grounds());
    }
  }

  /** Bends the line of a cross-link by hand, or lets it run as it would if that is null. */
  record Bow(UUID link, Bend bend) implements LinkChange {
    @Override
    public Change applyTo(Draft draft) {
      CrossLink old = draft.link(link);
      draft.put(old.withBend(bend));
      return new Bow(link, old.bend());
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
