package org.pergamena.server.jobs;

/** What a job does. */
public enum JobKind {
  READ,
  DISTIL,
  MATCH,
  DEEPEN,
  FOLD,
  EXPORT
}
