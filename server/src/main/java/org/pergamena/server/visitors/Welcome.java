package org.pergamena.server.visitors;

import java.util.UUID;

/** Something that is done for a new visitor. */
@FunctionalInterface
public interface Welcome {
  /** Does it, before the visitor sees the first page. */
  void receive(UUID visitor);
}
