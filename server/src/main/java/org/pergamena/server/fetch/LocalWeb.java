package org.pergamena.server.fetch;

import java.util.Set;

/** Pages on this machine that are fetched from although they are not public. */
public interface LocalWeb {
  /** Hosts with their ports, {@code 127.0.0.1:8471}. */
  Set<String> hosts();
}
