package org.pergamena.server.jobs;

/** Something that is tidied up now and then, by one of all servers on the database. */
@FunctionalInterface
public interface Upkeep {
  /** Lets go what has had its time; may be called as often as one likes. */
  void tidy();
}
