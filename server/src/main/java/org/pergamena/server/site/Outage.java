package org.pergamena.server.site;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;

/** Tells that the database was away from faults of the work itself. */
public final class Outage {
  /** What a person is told of it. */
  public static final String SENTENCE =
      "The database is away for a moment. What was kept before is still there; try again.";

  private Outage() {}

  /** Whether an error comes of the database being away, starting or stopping. */
  public static boolean is(Throwable error) {
    for (Throwable at = error; at != null; at = at.getCause()) {
      if (at instanceof SQLTransientConnectionException
          || at instanceof SQLNonTransientConnectionException
          || at instanceof SQLException sql && away(sql.getSQLState())) {
        return true;
      }
    }
    return false;
  }

  /**
   * Connection exceptions (class 08) and operator intervention (class 57) of SQL; a connection that
   * was closed under its user has no state at all.
   */
  private static boolean away(String state) {
    return state == null || state.startsWith("08") || state.startsWith("57");
  }
}
