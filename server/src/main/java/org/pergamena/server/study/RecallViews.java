package org.pergamena.server.study;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.study.recall.Memory;
import org.pergamena.core.study.recall.Memory.Grade;
import org.pergamena.core.study.recall.Quiz.Kind;

/** What is told of what a person remembers. */
final class RecallViews {
  private RecallViews() {}

  /**
   * What is asked today.
   *
   * @param answered how many answers were given today
   * @param due how many topics are about to be forgotten
   * @param fresh how many were never asked
   * @param known of each topic that was asked how firmly the person has it in mind
   * @param quiz what is asked next; null if it is enough for today, or there is nothing
   */
  record RecallView(int answered, int due, int fresh, List<KnownTopic> known, QuizView quiz) {}

  /**
   * How firmly a topic is in mind.
   *
   * @param lasting the chance that it will still be known in a week, 0 to 1
   * @param due when it is asked again
   */
  record KnownTopic(UUID topic, double lasting, Instant due, int answers, int right) {}

  /**
   * A question, without its answer.
   *
   * @param blanks how many words are to be written
   * @param several whether several options can be right
   * @param judged whether only the person can say how well they knew it
   */
  record QuizView(
      UUID topic,
      Kind kind,
      long seed,
      String asks,
      String text,
      List<String> options,
      int blanks,
      boolean several,
      boolean judged) {}

  /**
   * An answer held against what is right.
   *
   * @param grade null where only the person can say it
   * @param met of each that was expected whether it was there
   * @param wrong places of options that are not right
   * @param right places of those that are, in order
   * @param expected what was to be written
   * @param known how firm the topic is now; null if the answer is still to be judged
   */
  record AnsweredView(
      Grade grade,
      List<Boolean> met,
      List<Integer> wrong,
      List<Integer> right,
      List<String> expected,
      List<StudiedPassage> grounds,
      KnownTopic known) {}

  /** How firmly a topic is in mind by what was answered. */
  static KnownTopic known(UUID topic, Memory memory, Instant now) {
    double lasting = Math.round(100 * memory.lasting(now)) / 100.0;
    return new KnownTopic(topic, lasting, memory.due(), memory.answers(), memory.right());
  }

  /** The same of all topics of a map, the least firm first. */
  static List<KnownTopic> known(Map<UUID, Memory> own, TopicMap topics, Instant now) {
    return own.entrySet().stream()
        .filter(each -> topics.has(each.getKey()))
        .map(each -> known(each.getKey(), each.getValue(), now))
        .sorted(Comparator.comparingDouble(KnownTopic::lasting))
        .toList();
  }
}
