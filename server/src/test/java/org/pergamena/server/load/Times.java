package org.pergamena.server.load;

import java.util.concurrent.ConcurrentLinkedQueue;

/** How long many things took. */
final class Times {
  private static final double MS = 1e6;

  private final ConcurrentLinkedQueue<Long> nanos = new ConcurrentLinkedQueue<>();

  void add(long took) {
    nanos.add(took);
  }

  /** Adds these to others. */
  void into(Times others) {
    others.nanos.addAll(nanos);
  }

  int count() {
    return nanos.size();
  }

  /** Milliseconds that a share of them did not exceed; 0 if there are none. */
  long within(double share) {
    long[] sorted = nanos.stream().mapToLong(Long::longValue).sorted().toArray();
    if (sorted.length == 0) {
      return 0;
    }
    int index = (int) Math.min(sorted.length - 1, Math.ceil(share * sorted.length));
    return Math.round(sorted[index] / MS);
  }

  @Override
  public String toString() {
    return "median " + within(0.5) + " ms, 95% " + within(0.95) + " ms, worst " + within(1) + " ms";
  }
}
