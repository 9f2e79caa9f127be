package org.pergamena.core.study.agree;

import java.util.List;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.agree.Verdict.Why;

/**
 * What sources say alike, and what they contradict each other in.
 *
 * @param disputed pairs that contradict each other, the surest first
 * @param shared statements of several sources of the same, the most sources first
 */
public record Agreement(List<Disputed> disputed, List<Shared> shared) {
  public Agreement {
    disputed = List.copyOf(disputed);
    shared = List.copyOf(shared);
  }

  /**
   * A statement.
   *
   * @param key by which it is known as long as its words stand there
   * @param passage the sentence
   * @param words the part of it that states this
   * @param speaker who says it, by the sentence itself; empty if it does not tell
   */
  public record Stated(String key, Passage passage, String words, String speaker) {}

  /**
   * Two sentences that cannot both be true.
   *
   * @param key of the pair
   * @param mark what a person said of it, null for nothing
   */
  public record Disputed(
      String key,
      Stated one,
      Stated other,
      Why why,
      String reason,
      double strength,
      AgreeMark mark) {}

  /** Sentences of several sources that say the same. */
  public record Shared(List<Stated> statements, double strength) {
    public Shared {
      statements = List.copyOf(statements);
    }
  }
}
