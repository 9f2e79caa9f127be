package org.pergamena.core.study.compare;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.source.Passage;

/** What two have in common, and what each has alone: their topics, their terms, their sentences. */
public record Comparison(Columns topics, Columns terms, Columns passages) {

  /**
   * Three columns: one's own, shared, the other's own. The columns may be cut; how many there are
   * is told.
   */
  public record Columns(
      List<Matter> one, List<Both> both, List<Matter> other, int ones, int boths, int others) {
    static final int MOST = 100;

    /** All of them, cut where they are too many to look at. */
    static Columns of(List<Matter> one, List<Both> both, List<Matter> other) {
      return new Columns(cut(one), cut(both), cut(other), one.size(), both.size(), other.size());
    }

    private static <T> List<T> cut(List<T> all) {
      return List.copyOf(all.subList(0, Math.min(MOST, all.size())));
    }
  }

  /**
   * A topic, a term or a sentence.
   *
   * @param words its label, the term, the sentence
   * @param topic null if it is none
   * @param often in how many sentences a term stands; else the number of passages
   * @param passages up to three that bear it out
   */
  public record Matter(String words, UUID topic, int often, List<Passage> passages) {
    static final int MOST_PASSAGES = 3;

    public Matter {
      passages = List.copyOf(passages.subList(0, Math.min(MOST_PASSAGES, passages.size())));
    }
  }

  /**
   * What both have.
   *
   * @param sure how sure it is that it is the same, 0 to 1
   * @param byHand whether a person said so
   * @param against in what the two contradict each other, or that one has much more of it; empty
   *     for neither
   */
  public record Both(Matter one, Matter other, double sure, boolean byHand, String against) {}
}
