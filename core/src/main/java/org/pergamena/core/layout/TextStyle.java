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
    CONTROL_BOLD;

    private Face plain() {
      return switch (this) {
        case READING, READING_ITALIC -> CONTROL;
        case READING_MEDIUM -> CONTROL_MEDIUM;
        case READING_SEMIBOLD -> CONTROL_BOLD;
        default -> this;
      };
    }
  }

  /** The same without serifs. */
  TextStyle plain() {
    return new TextStyle(face.plain(), size);
  }
}
