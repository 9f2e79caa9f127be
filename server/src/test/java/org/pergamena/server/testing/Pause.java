package org.pergamena.server.testing;

/** Lets others go on for a moment. */
public final class Pause {
  private Pause() {}

  /** Waits for so long, or until it is told to stop waiting. */
  public static void millis(long millis) {
    try {
      Thread.sleep(millis);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
