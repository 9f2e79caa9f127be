package org.pergamena.core.time;

import java.time.temporal.ChronoUnit;

/** How finely a time is told. */
public enum Grain {
  CENTURY(ChronoUnit.CENTURIES),
  DECADE(ChronoUnit.DECADES),
  YEAR(ChronoUnit.YEARS),
  SEASON(ChronoUnit.MONTHS),
  MONTH(ChronoUnit.MONTHS),
  WEEK(ChronoUnit.WEEKS),
  DAY(ChronoUnit.DAYS),
  HOUR(ChronoUnit.HOURS),
  MINUTE(ChronoUnit.MINUTES);

  private final ChronoUnit unit;

  Grain(ChronoUnit unit) {
    this.unit = unit;
  }

  /** The unit that it is counted in. */
  ChronoUnit unit() {
    return unit;
  }

  /** Whether it tells more than another. */
  boolean finer(Grain other) {
    return compareTo(other) > 0;
  }
}
