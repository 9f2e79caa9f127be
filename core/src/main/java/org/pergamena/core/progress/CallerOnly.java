package org.pergamena.core.progress;

/** Checks whether work is to go on, while several threads do it. */
public final class CallerOnly {
  private CallerOnly() {}

  /** A check that is made on the thread that asks for it here, and on no other. */
  public static Runnable of(Runnable check) {
    Thread caller = Thread.currentThread();
    return () -> {
      if (Thread.currentThread() == caller) {
        check.run();
      }
    };
  }
}
