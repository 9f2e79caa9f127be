package org.pergamena.core.layout;

/**
 * How a text is set.
 *
 * @param size in scene pixels
 */
public record TextStyle(Face face, double size) {
  /** The faces that ship with the application. */
  public enum Face {
    READING,
    READING_ITALIC,
    READING_MEDIUM,
    READING_SEMIBOLD,
    CONTROL,
    CONTROL_MEDIUM,
    CONTROL_BOLD
  }
}
