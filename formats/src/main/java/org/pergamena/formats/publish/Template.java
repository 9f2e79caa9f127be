package org.pergamena.formats.publish;

import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The type of a text document.
 *
 * @param key by which it is asked for
 * @param word what a person calls it
 * @param reading the face of the text
 * @param heading the face of headings
 * @param size of the text, in points
 * @param lines between baselines, as a share of the size
 * @param own a .docx of a person's own whose styles are taken; null for ours
 */
public record Template(
    String key, String word, String reading, String heading, double size, double lines, Own own) {
  /** As a book. */
  public static final Template READING =
      new Template("reading", "For reading", "Georgia", "Georgia", 11, 1.2, null);

  /** Large and wide, for remarks between the lines. */
  public static final Template DRAFT =
      new Template("draft", "A draft to mark", "Times New Roman", "Times New Roman", 12, 2, null);

  /** Plain, as offices write. */
  public static final Template OFFICE =
      new Template("office", "For the office", "Arial", "Arial", 10.5, 1.15, null);

  private static final List<Template> OURS = List.of(READING, DRAFT, OFFICE);

  /** A document of a person's own. */
  public record Own(byte[] docx) {
    public Own {
      docx = docx.clone();
    }

    @Override
    public byte[] docx() {
      return docx.clone();
    }

    @Override
    public boolean equals(Object other) {
      return other instanceof Own own && Arrays.equals(docx, own.docx);
    }

    @Override
    public int hashCode() {
      return Arrays.hashCode(docx);
    }

    @Override
    public String toString() {
      return "a document of " + docx.length + " bytes";
    }
  }

  /** Ours, in the order in which they are offered. */
  public static List<Template> ours() {
    return OURS;
  }

  /** One of ours. */
  public static Optional<Template> of(String key) {
    return OURS.stream().filter(template -> template.key.equals(key)).findFirst();
  }

  /**
   * Looks whether a document of a person's own can be begun from.
   *
   * @throws IllegalArgumentException with a sentence for the person if not
   */
  public void requireSound() throws IOException {
    WordTemplates.begin(this).close();
  }

  /** One whose styles come from a document of a person's own. */
  public static Template own(byte[] docx) {
    return new Template(
        "own",
        "Your own",
        READING.reading,
        READING.heading,
        READING.size,
        READING.lines,
        new Own(docx));
  }
}
