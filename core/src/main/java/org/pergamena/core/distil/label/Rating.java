package org.pergamena.core.distil.label;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.DoubleStream;

/**
 * How careful readers would rate labels, 1 to 5: a linear model of what is told of each, of how
 * near it is in meaning to what it names, and of what it has in common with the others. It was
 * fitted by ridge regression to some 7,300 labels that were rated ({@code training/}). Only the
 * likeliest are rated.
 */
final class Rating {
  /** Labels of a group that are rated; of more nothing is gained when one is chosen. */
  static final int RATED = 7;

  /** Labels of a group that each is weighed against. */
  static final int TOGETHER = 10;

  /** The highest rating. */
  static final double MOST = 5;

  private static final double LEAST = 1;
  private static final double LEAST_WORTH = 0.01;

  private static final class Fitted {
    /** What all begin with, then the weight of each fact. */
    private static final double[] WEIGHTS = read("rating.txt");
  }

  private Rating() {}

  private static double[] read(String name) {
    try (InputStream in = Rating.class.getResourceAsStream(name)) {
      if (in == null) {
        throw new IllegalStateException(name + " is missing from the application.");
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .mapToDouble(Double::parseDouble)
          .toArray();
    } catch (IOException e) {
      throw new UncheckedIOException(name + " cannot be read.", e);
    }
  }

  /**
   * All facts of candidates, in the order of the weights.
   *
   * @param together those that they are weighed against
   */
  static double[][] facts(
      List<Candidate> some, List<Candidate> together, Aboutness about, LabelVectors known) {
    double[][] told = about.told(some.stream().map(Candidate::label).toList(), known);
    double[][] all = new double[told.length][];
    for (int i = 0; i < told.length; i++) {
      all[i] =
          List.of(some.get(i).facts(), told[i], among(some.get(i), together)).stream()
              .flatMapToDouble(DoubleStream::of)
              .toArray();
    }
    return all;
  }

  /** Which share of the others has all its stems and more, and which some of them and no other. */
  private static double[] among(Candidate one, List<Candidate> all) {
    Set<String> own = new HashSet<>(one.stems());
    int within = 0;
    int around = 0;
    for (Candidate other : all) {
      Set<String> its = new HashSet<>(other.stems());
      within += its.size() > own.size() && its.containsAll(own) ? 1 : 0;
      around += own.size() > its.size() && own.containsAll(its) ? 1 : 0;
    }
    double others = Math.max(1, all.size() - 1);
    return new double[] {within / others, around / others};
  }

  /**
   * Candidates with what they are worth, 0 to 1, by how readers would rate them; those that are not
   * rated are worth less than those that are.
   *
   * @param candidates the best first
   */
  static List<Candidate> rated(List<Candidate> candidates, Aboutness about, LabelVectors known) {
    if (candidates.isEmpty()) {
      return candidates;
    }
    int some = Math.min(RATED, candidates.size());
    double[][] facts =
        facts(
            candidates.subList(0, some),
            candidates.subList(0, Math.min(TOGETHER, candidates.size())),
            about,
            known);
    List<Candidate> rated = new ArrayList<>();
    double least = 1;
    for (int i = 0; i < some; i++) {
      double worth = (of(facts[i]) - LEAST) / (MOST - LEAST);
      worth = Math.max(LEAST_WORTH, Math.min(1, worth));
      least = Math.min(least, worth);
      rated.add(candidates.get(i).valued(worth));
    }
    double last = candidates.get(some - 1).worth();
    for (Candidate each : candidates.subList(some, candidates.size())) {
      rated.add(each.times(least / last));
    }
    return rated;
  }

  /** The rating of a candidate that is worth so much. */
  static double of(double worth) {
    return LEAST + worth * (MOST - LEAST);
  }

  /** How many numbers there are: one that all begin with and one for each fact. */
  static int weights() {
    return Fitted.WEIGHTS.length;
  }

  private static double of(double[] facts) {
    double rating = Fitted.WEIGHTS[0];
    for (int i = 0; i < facts.length; i++) {
      rating += Fitted.WEIGHTS[i + 1] * facts[i];
    }
    return rating;
  }
}
