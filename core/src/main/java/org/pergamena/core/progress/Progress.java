package org.pergamena.core.progress;

/**
 * Told how far long work is. It may throw {@link java.util.concurrent.CancellationException} to
 * stop it.
 */
@FunctionalInterface
public interface Progress {
  /** Listens to nothing. */
  Progress NONE = (step, share) -> {};

  /**
   * A step has come this far.
   *
   * @param step what is being done, in words for a person
   * @param share of the whole that is done, 0 to 1
   */
  void at(String step, double share);
}
