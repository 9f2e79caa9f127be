package org.pergamena.server.jobs;

/** How far a job is. */
public enum JobState {
  WAITING,
  RUNNING,
  DONE,
  FAILED,
  CANCELLED;

  /** Whether nothing more will come of it. */
  public boolean over() {
    return this != WAITING && this != RUNNING;
  }
}
