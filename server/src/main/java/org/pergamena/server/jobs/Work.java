package org.pergamena.server.jobs;

import java.util.UUID;
import org.pergamena.core.distil.Progress;

/** One kind of long work. */
interface Work {
  /** The kind of job that this does. */
  JobKind kind();

  /**
   * Does a job; done twice it gives the same.
   *
   * @throws WorkFailedException with a sentence for the person if it cannot be done
   */
  void run(UUID mapId, UUID sourceId, String options, Progress progress) throws WorkFailedException;

  /** Told that a job was cancelled. */
  default void cancelled(UUID mapId, UUID sourceId) {}
}
