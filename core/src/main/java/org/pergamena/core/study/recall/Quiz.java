package org.pergamena.core.study.recall;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.source.Passage;

/**
 * A question made from a map.
 *
 * @param topic that it is about
 * @param seed by which it comes out the same again
 * @param asks the question
 * @param text what stands below it: a passage, covered or not; may be empty
 * @param options what can be chosen or put in order; empty where one writes
 * @param right the places of the right options, in their order where that counts
 * @param expected what is to be written: covered words, topics of a branch, a definition
 * @param grounds passages that bear the answer out
 */
public record Quiz(
    UUID topic,
    Kind kind,
    long seed,
    String asks,
    String text,
    List<String> options,
    List<Integer> right,
    List<String> expected,
    List<Passage> grounds) {
  /** Stands for a covered word. */
  public static final String COVER = "\u2581\u2581\u2581\u2581\u2581";

  public Quiz {
    options = List.copyOf(options);
    right = List.copyOf(right);
    expected = List.copyOf(expected);
    grounds = List.copyOf(grounds);
  }

  /** What is asked. */
  public enum Kind {
    /** Which of some topics belong under one. */
    BELOW,
    /** The one topic that is missing from a branch. */
    MISSING,
    /** Which source says something. */
    SOURCE,
    /** The words that are covered in a passage. */
    COVERED,
    /** The order in which things happened. */
    ORDER,
    /** All that belongs under a topic, from memory. */
    FREE,
    /** What a topic is. */
    MEANING
  }

  /** Its answer in words. */
  public String answer() {
    return options.isEmpty()
        ? String.join("; ", expected)
        : String.join("; ", right.stream().map(options::get).toList());
  }
}
