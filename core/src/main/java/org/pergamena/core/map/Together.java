package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.List;

/** Several changes that are done and undone as one, in order. */
public record Together(List<Change> changes) implements Change {
  public Together {
    changes = List.copyOf(changes);
  }

  @Override
  public List<Change> parts() {
    return changes.stream().flatMap(change -> change.parts().stream()).toList();
  }

  @Override
  public Change applyTo(Draft draft) {
    List<Change> inverses = new ArrayList<>();
    for (Change part : changes) {
      inverses.add(0, part.applyTo(draft));
    }
    return new Together(inverses);
  }
}
