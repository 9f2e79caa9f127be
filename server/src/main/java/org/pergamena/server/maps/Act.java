package org.pergamena.server.maps;

import java.util.UUID;

/**
 * Who changes a map, and under which identity, so that a change that is sent again is applied once.
 *
 * @param edit the edit's own identity, or null if it is never sent again
 * @param job the job that does it, or null if a person does it by hand
 */
public record Act(UUID person, UUID edit, UUID job) {
  /** What a person does by hand. */
  public static Act byHand(UUID person, UUID edit) {
    return new Act(person, edit, null);
  }

  /** What a job does that a person asked for; a job changes a map at most once. */
  public static Act byJob(UUID person, UUID job) {
    return new Act(person, job, job);
  }
}
