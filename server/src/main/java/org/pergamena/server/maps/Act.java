package org.pergamena.server.maps;

import java.util.UUID;

/**
 * Who changes a map, and under which identity, so that a change that is sent again is applied once.
 *
 * @param edit the edit's own identity, or null if it is never sent again
 * @param job the job that does it, or null if a person does it by hand
 * @param called what a person would call it, or null if what it changes says that
 * @param typing the time at one field that it saves what was typed of, or null
 */
public record Act(UUID person, UUID edit, UUID job, String called, UUID typing) {
  /** What a person does by hand. */
  public static Act byHand(UUID person, UUID edit) {
    return new Act(person, edit, null, null, null);
  }

  /** What a job does that a person asked for; a job changes a map at most once. */
  public static Act byJob(UUID person, UUID job) {
    return new Act(person, job, job, null, null);
  }

  /** The same under a name of its own. */
  public Act called(String name) {
    return new Act(person, edit, job, name, typing);
  }

  /** The same as what is saved while a person types in one field. */
  public Act typing(UUID field) {
    return new Act(person, edit, job, called, field);
  }
}
