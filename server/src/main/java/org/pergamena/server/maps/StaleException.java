package org.pergamena.server.maps;

/** What a change was computed from has changed meanwhile; it is computed again. */
public final class StaleException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public StaleException() {
    super("what this was computed from has changed");
  }
}
