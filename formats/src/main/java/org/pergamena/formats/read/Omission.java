package org.pergamena.formats.read;

/**
 * What a reader left out of a file, or could not read, and why.
 *
 * @param reason a sentence for the person, {@code 62 running heads and page numbers}
 * @param example some of the words, or empty
 */
public record Omission(String reason, String example) {
  private static final int LONGEST = 120;

  public Omission {
    example = example.length() <= LONGEST ? example : example.substring(0, LONGEST - 1) + "\u2026";
  }

  /** "1 page", "2 pages". */
  public static String counted(int count, String one, String many) {
    return count + " " + (count == 1 ? one : many);
  }
}
