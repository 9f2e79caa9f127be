package org.pergamena.server.maps;

import java.util.UUID;
import org.pergamena.core.map.Change;

/** Does what a change of a map means for the sources on its shelf, in the same transaction. */
public interface ShelfKeeper {
  /** Told of every part of a change once the map has it; most mean nothing to the shelf. */
  void keep(UUID mapId, Change part);

  /** Lets bytes and texts go that no source refers to any more. */
  void sweep();
}
