package org.pergamena.server.jobs;

import java.util.UUID;
import org.pergamena.core.progress.Progress;
import org.pergamena.server.maps.Act;

/** One kind of long work. */
public interface Work {
  /** The kind of job that this does. */
  JobKind kind();

  /**
   * Computes what a job comes to, without holding a lock or a connection.
   *
   * @return what applies it
   * @throws WorkFailedException with a sentence for the person if it cannot be done
   */
  Finish run(Task task, Progress progress) throws WorkFailedException;

  /**
   * Told that a job came to nothing: it was cancelled, or failed.
   *
   * @param problem a sentence for the person, null if it was cancelled
   */
  default void stopped(Task task, JobState how, String problem) {}

  /**
   * A job to do.
   *
   * @param source the source that it is about, or null
   */
  record Task(UUID job, UUID person, UUID map, UUID source, String options) {
    /** How the job changes its map. */
    public Act act() {
      return Act.byJob(person, job);
    }
  }

  /** Applies what was computed, in the transaction that ends the job, with the map locked. */
  @FunctionalInterface
  interface Finish {
    /**
     * Applies it.
     *
     * @throws StaleException if what it was computed from has changed; it is computed again
     * @throws WorkFailedException with a sentence for the person if it cannot be done
     */
    void apply() throws WorkFailedException;
  }
}
