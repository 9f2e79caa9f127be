package org.pergamena.core.layout;

import java.util.Arrays;
import java.util.Comparator;
import org.pergamena.core.map.Typeface;

/**
 * How a text is set.
 *
 * @param size in scene pixels
 */
public record TextStyle(Face face, double size) {
  private static final int REGULAR = 400;
  private static final int MEDIUM = 500;
  private static final int SEMIBOLD = 600;
  private static final int BOLD = 700;

  /** The faces that ship with the application. */
  public enum Face {
    READING(Typeface.BOOK, REGULAR, false),
    READING_ITALIC(Typeface.BOOK, REGULAR, true),
    READING_MEDIUM(Typeface.BOOK, MEDIUM, false),
    READING_SEMIBOLD(Typeface.BOOK, SEMIBOLD, false),
    READING_SEMIBOLD_ITALIC(Typeface.BOOK, SEMIBOLD, true),
    CONTROL(Typeface.PLAIN, REGULAR, false),
    CONTROL_ITALIC(Typeface.PLAIN, REGULAR, true),
    CONTROL_MEDIUM(Typeface.PLAIN, MEDIUM, false),
    CONTROL_BOLD(Typeface.PLAIN, BOLD, false),
    CONTROL_BOLD_ITALIC(Typeface.PLAIN, BOLD, true),
    FINE(Typeface.FINE, REGULAR, false),
    FINE_ITALIC(Typeface.FINE, REGULAR, true),
    FINE_SEMIBOLD(Typeface.FINE, SEMIBOLD, false),
    FINE_SEMIBOLD_ITALIC(Typeface.FINE, SEMIBOLD, true),
    NARROW(Typeface.NARROW, REGULAR, false),
    NARROW_ITALIC(Typeface.NARROW, REGULAR, true),
    NARROW_SEMIBOLD(Typeface.NARROW, SEMIBOLD, false),
    NARROW_SEMIBOLD_ITALIC(Typeface.NARROW, SEMIBOLD, true),
    TYPED(Typeface.TYPED, REGULAR, false),
    TYPED_ITALIC(Typeface.TYPED, REGULAR, true),
    TYPED_BOLD(Typeface.TYPED, BOLD, false),
    TYPED_BOLD_ITALIC(Typeface.TYPED, BOLD, true);

    private final Typeface typeface;
    private final int weight;
    private final boolean italic;

    Face(Typeface typeface, int weight, boolean italic) {
      this.typeface = typeface;
      this.weight = weight;
      this.italic = italic;
    }

    public Typeface typeface() {
      return typeface;
    }

    /** From 100 to 900, as CSS Fonts Level 4 counts. */
    public int weight() {
      return weight;
    }

    public boolean italic() {
      return italic;
    }

    /** The face of a typeface whose weight is nearest. */
    static Face of(Typeface typeface, int weight, boolean italic) {
      return Arrays.stream(values())
          .filter(face -> face.typeface == typeface && face.italic == italic)
          .min(Comparator.comparingInt(face -> Math.abs(face.weight - weight)))
          .orElseThrow();
    }
  }

  /** The same in another typeface. */
  TextStyle in(Typeface typeface) {
    return typeface == face.typeface()
        ? this
        : new TextStyle(Face.of(typeface, face.weight(), face.italic()), size);
  }

  /** The same in bold or not, upright or not, and larger; what is null stays. */
  TextStyle with(Boolean bold, Boolean italic, double larger) {
    int weight = bold == null ? face.weight() : bold ? BOLD : REGULAR;
    boolean slanted = italic == null ? face.italic() : italic;
    return new TextStyle(
        Face.of(face.typeface(), weight, slanted), Math.round(size * larger * 2) / 2.0);
  }
}
