package org.pergamena.core.distil.label;

import java.util.ArrayList;
import java.util.Collection;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.meaning.Encoder;
import org.pergamena.core.progress.CallerOnly;

/** What could name groups, and what each is worth, whatever else is named. */
final class Weighing {
  private final Vocabulary vocabulary;
  private final Casing casing;

  /** What all the text is about. */
  private final float[] whole;

  private final LabelVectors vectors = new LabelVectors();
  private final Map<Group, List<Candidate>> ready = new IdentityHashMap<>();

  /**
   * Gets to know all the text that there is.
   *
   * @param pulse run many times a second; it may throw to stop the work
   */
  Weighing(Collection<Analysed> texts, Casing casing, Runnable pulse) {
    this.casing = casing;
    this.vocabulary = new Vocabulary(texts, pulse);
    this.whole = Aboutness.whole(texts, pulse);
  }

  Vocabulary vocabulary() {
    return vocabulary;
  }

  /**
   * Weighs ahead what could name a group and all below it that have no heading, on as many threads
   * as there are.
   *
   * @param pulse run again and again on the calling thread alone; it may throw to stop the work
   */
  void prepare(Group root, Runnable pulse) {
    List<Group> groups = new ArrayList<>();
    nameless(root, groups);
    List<List<Candidate>> found = new ArrayList<>();
    for (Group group : groups) {
      pulse.run();
      found.add(found(group));
    }
    encode(groups, found, pulse);
    Runnable mine = CallerOnly.of(pulse);
    List<List<Candidate>> weighed =
        IntStream.range(0, groups.size())
            .parallel()
            .mapToObj(
                i -> {
                  mine.run();
                  return rated(groups.get(i), found.get(i));
                })
            .toList();
    for (int i = 0; i < groups.size(); i++) {
      ready.put(groups.get(i), weighed.get(i));
    }
  }

  private void encode(List<Group> groups, List<List<Candidate>> found, Runnable pulse) {
    List<String> labels = new ArrayList<>();
    Encoder encoder = null;
    for (int i = 0; i < groups.size(); i++) {
      if (Aboutness.tells(groups.get(i))) {
        encoder = Aboutness.encoder(groups.get(i));
        found.get(i).stream().limit(Rating.RATED).map(Candidate::label).forEach(labels::add);
      }
    }
    if (encoder != null) {
      vectors.prepare(labels, encoder, pulse);
    }
  }

  private static void nameless(Group group, List<Group> found) {
    if (group.heading() == null) {
      found.add(group);
    }
    group.children().forEach(child -> nameless(child, found));
  }

  /** What could name a group. */
  List<Candidate> of(Group group) {
    List<Candidate> known = ready.remove(group);
    return known == null ? rated(group, found(group)) : known;
  }

  /**
   * How readers would rate the best name that a group could have, 1 to 5; the most, where that
   * cannot be told. It is ready then.
   */
  double rating(Group group) {
    List<Candidate> weighed = ready.computeIfAbsent(group, each -> rated(each, found(each)));
    double best = weighed.stream().mapToDouble(Candidate::worth).max().orElse(0);
    return Aboutness.tells(group) ? Rating.of(best) : Rating.MOST;
  }

  /**
   * Labels that a group could have, with all that is told of each, for fitting what rates them.
   *
   * @throws IllegalArgumentException if its meaning cannot be told here
   */
  List<LabelFacts> facts(Group group, int most) {
    if (!Aboutness.tells(group)) {
      throw new IllegalArgumentException("The encoder does not run here, or not in this language.");
    }
    List<Candidate> found = found(group);
    Aboutness about = Aboutness.of(group, whole);
    List<LabelFacts> facts = new ArrayList<>();
    for (int from = 0; from < Math.min(most, found.size()); from += Rating.TOGETHER) {
      List<Candidate> some = found.subList(from, Math.min(found.size(), from + Rating.TOGETHER));
      double[][] told = Rating.facts(some, some, about, vectors);
      for (int i = 0; i < some.size(); i++) {
        facts.add(new LabelFacts(some.get(i).label(), told[i]));
      }
    }
    return facts;
  }

  private List<Candidate> found(Group group) {
    List<Candidate> all = new Candidates(group, vocabulary, casing, tongue(group)).all();
    all.sort(Candidate.BEST_FIRST);
    return all;
  }

  private List<Candidate> rated(Group group, List<Candidate> candidates) {
    return Aboutness.tells(group)
        ? Rating.rated(candidates, Aboutness.of(group, whole), vectors)
        : candidates;
  }

  /** The language that most of a group's words are in. */
  static Tongue tongue(Group group) {
    Map<Tongue, Integer> words = new LinkedHashMap<>();
    group.parts().forEach(part -> words.merge(part.text().tongue(), part.words(), Integer::sum));
    return words.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElseGet(() -> Tongue.of(Tongue.ENGLISH));
  }
}
