package org.pergamena.core.distil;

import java.util.List;
import org.pergamena.core.map.Content;

/**
 * What a map should be about, in the person's words.
 *
 * @param question that the map should answer, empty if there is none
 * @param mains the main branches, given beforehand, each with more words for it after a colon if
 *     its label does not say enough; none leaves them to the material
 * @param terms each of which some topic must be named by
 * @param without terms that no topic and no passage may have
 */
public record Wishes(
    String question, List<String> mains, List<String> terms, List<String> without) {
  /** No wishes. */
  public static final Wishes NONE = new Wishes("", List.of(), List.of(), List.of());

  /** The most lines of one list. */
  private static final int MOST = 50;

  /** The longest question, in code units. */
  private static final int LONGEST = 500;

  public Wishes {
    question = question == null ? "" : question.strip();
    mains = lines(mains, "main branches");
    terms = lines(terms, "terms that must appear");
    without = lines(without, "terms to leave out");
    if (question.length() > LONGEST) {
      throw new IllegalArgumentException(
          "A question has at most " + LONGEST + " characters. Shorten it.");
    }
  }

  private static List<String> lines(List<String> lines, String what) {
    List<String> kept =
        lines == null
            ? List.of()
            : lines.stream()
                .map(line -> line.strip().replaceAll("\\s+", " "))
                .filter(line -> !line.isEmpty() && !line.startsWith(":"))
                .distinct()
                .toList();
    if (kept.size() > MOST) {
      throw new IllegalArgumentException(
          "There are " + kept.size() + " " + what + "; at most " + MOST + " can be given.");
    }
    for (String line : kept) {
      if (line.length() > Content.LONGEST_LABEL) {
        throw new IllegalArgumentException(
            "One of the " + what + " is longer than " + Content.LONGEST_LABEL + " characters.");
      }
    }
    return kept;
  }
}
