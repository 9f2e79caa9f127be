package org.pergamena.server.site;

import jakarta.persistence.EntityManager;

/** Lets one transaction at a time go on, among all servers on the database. */
public final class Alone {
  private Alone() {}

  /** Waits until no other transaction holds a key, and holds it until this one ends. */
  public static void hold(EntityManager entities, long key) {
    entities
        .createNativeQuery("select 1 from (select pg_advisory_xact_lock(:key)) locked")
        .setParameter("key", key)
        .getSingleResult();
  }
}
