package org.pergamena.core.map;

import java.util.UUID;

/** A change of how things look. */
public sealed interface LookChange extends Change {

  /** Gives a topic another look. */
  record Paint(UUID topic, Look look) implements LookChange {
    @Override
    public Change applyTo(Draft draft) {
      Topic old = draft.change(topic, content -> content.withLook(look));
      return new Paint(topic, old.content().look());
    }
  }

  /** Shows the map as a whole in another way. */
  record Arrange(MapLook look) implements LookChange {
    @Override
    public Change applyTo(Draft draft) {
      return new Arrange(draft.look(look));
    }
  }
}
