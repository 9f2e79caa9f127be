package org.pergamena.core.study.ask;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.source.Passage;

/**
 * What the sources say to a question.
 *
 * @param terms the words that were sought, as they are asked
 * @param beside words that stand with these in the sources and were sought beside them
 * @param found the passages, the best first; none if the sources say nothing to it
 */
public record Answers(List<String> terms, List<String> beside, List<Answer> found) {
  public Answers {
    terms = List.copyOf(terms);
    beside = List.copyOf(beside);
    found = List.copyOf(found);
  }

  /**
   * A passage that says something to a question.
   *
   * @param strength how much of what is asked it has, 0 to 1
   * @param topics under which it stands on the map, the nearest to a leaf first
   */
  public record Answer(Passage passage, double strength, List<UUID> topics) {
    public Answer {
      topics = List.copyOf(topics);
    }
  }
}
