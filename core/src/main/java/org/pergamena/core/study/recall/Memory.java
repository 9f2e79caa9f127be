package org.pergamena.core.study.recall;

import java.time.Duration;
import java.time.Instant;

/**
 * How firmly a person has a topic in mind: the model of three components (difficulty, stability,
 * retrievability) after Jarrett Ye, Jingyong Su and Yilong Cao, <em>A Stochastic Shortest Path
 * Algorithm for Optimizing Spaced Repetition Scheduling</em>, KDD 2022, in its open form of 2023
 * (FSRS 4.5) with its published default weights. It has a fourth grade for answers without any
 * effort, which is not asked for here.
 *
 * @param stability days after which nine of ten such topics are still known
 * @param difficulty 1 to 10
 * @param answered when it was asked last
 * @param answers how often it was asked
 * @param right how often all of it was known
 */
public record Memory(
    double stability, double difficulty, Instant answered, int answers, int right) {
  private static final double DECAY = -0.5;
  private static final double FACTOR = 19.0 / 81;
  private static final double[] FIRST = {0.4872, 1.4003, 3.7145};
  private static final double DIFFICULTY = 5.1618;
  private static final double DIFFICULTY_BY_GRADE = 1.2298;
  private static final double DIFFICULTY_STEP = 0.8975;
  private static final double REVERSION = 0.031;
  private static final double GROWTH = 1.6474;
  private static final double GROWTH_BY_STABILITY = 0.1367;
  private static final double GROWTH_BY_FORGETTING = 1.0461;
  private static final double LAPSE = 2.1072;
  private static final double LAPSE_BY_DIFFICULTY = 0.0793;
  private static final double LAPSE_BY_STABILITY = 0.3246;
  private static final double LAPSE_BY_FORGETTING = 1.587;
  private static final double PARTLY_GROWTH = 0.2272;
  private static final Duration WEEK = Duration.ofDays(7);
  private static final double LEAST = 0.1;
  private static final double LONGEST = 3_650;

  /** How an answer was. */
  public enum Grade {
    NO,
    PARTLY,
    YES
  }

  /** After the first answer. */
  public static Memory first(Grade grade, Instant now) {
    double difficulty = DIFFICULTY - (grade.ordinal() - 2) * DIFFICULTY_BY_GRADE;
    return new Memory(
        FIRST[grade.ordinal()], bounded(difficulty), now, 1, grade == Grade.YES ? 1 : 0);
  }

  /** After another answer. */
  public Memory after(Grade grade, Instant now) {
    double known = known(now);
    double harder = difficulty - DIFFICULTY_STEP * (grade.ordinal() - 2);
    double next = bounded(REVERSION * DIFFICULTY + (1 - REVERSION) * harder);
    double stable = grade == Grade.NO ? lapsed(known) : grown(known, grade);
    return new Memory(
        Math.max(LEAST, Math.min(LONGEST, stable)),
        next,
        now,
        answers + 1,
        right + (grade == Grade.YES ? 1 : 0));
  }

  private double grown(double known, Grade grade) {
    double growth =
        Math.exp(GROWTH)
            * (11 - difficulty)
            * Math.pow(stability, -GROWTH_BY_STABILITY)
            * (Math.exp(GROWTH_BY_FORGETTING * (1 - known)) - 1);
    return stability * (1 + growth * (grade == Grade.PARTLY ? PARTLY_GROWTH : 1));
  }

  private double lapsed(double known) {
    double left =
        LAPSE
            * Math.pow(difficulty, -LAPSE_BY_DIFFICULTY)
            * (Math.pow(stability + 1, LAPSE_BY_STABILITY) - 1)
            * Math.exp(LAPSE_BY_FORGETTING * (1 - known));
    return Math.min(stability, left);
  }

  private static double bounded(double difficulty) {
    return Math.max(1, Math.min(10, difficulty));
  }

  /** The chance that it is known, 0 to 1. */
  public double known(Instant now) {
    double days = Math.max(0, Duration.between(answered, now).toSeconds() / 86_400.0);
    return Math.pow(1 + FACTOR * days / stability, DECAY);
  }

  /**
   * The chance that it will still be known in a week, 0 to 1: what was seen a moment ago is no
   * knowledge yet.
   */
  public double lasting(Instant now) {
    return known(now.plus(WEEK));
  }

  /** When the chance that it is known has fallen to nine in ten. */
  public Instant due() {
    return answered.plusSeconds(Math.round(stability * 86_400));
  }
}
