package org.pergamena.core.map;

import java.util.UUID;

/** A change of where topics are shown again. */
public sealed interface AlsoChange extends Change {

  /** Shows a topic under another parent too. */
  record Show(Also also) implements AlsoChange {
    @Override
    public Change applyTo(Draft draft) {
      draft.put(also);
      return new Hide(also.id());
    }
  }

  /** Shows a topic only under its own parent, or one other fewer. */
  record Hide(UUID also) implements AlsoChange {
    @Override
    public Change applyTo(Draft draft) {
      return new Show(draft.drop(also));
    }
  }
}
