package org.pergamena.server.kills;

/** Lets others go on for a moment. */
final class Pause {
  private Pause() {}

  static void millis(long millis) {
    try {
      Thread.sleep(millis);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
