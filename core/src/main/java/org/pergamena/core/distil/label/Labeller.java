package org.pergamena.core.distil.label;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/**
 * Names groups by the phrases of their text that a careful reader would choose. No label is given
 * twice.
 */
public final class Labeller {
  private static final double REPEATS_ABOVE = 0.75;
  private static final double WORN = 0.6;
  private static final double WORN_SUBJECT = 0.45;
  private static final double SAID = 0.75;
  private static final double NOTHING_NEW = 0.1;
  private static final double EVERY_TENTH = 0.1;
  private static final double ROOT_ALONE = 0.15;
  private static final double NAMED = 1.25;

  private final Map<String, Integer> inLabels = new HashMap<>();
  private final List<Set<String>> given = new ArrayList<>();
  private final Casing casing;
  private final Set<String> used = new HashSet<>();

  /** The words of all headings that are known to stand below what was named. */
  private final Set<String> headings = new HashSet<>();

  private final Weighing weighing;
  private final boolean uniqueHeadings;

  /**
   * Gets to know all the text that there is. The headings of a single text all stand.
   *
   * @param pulse run many times a second; it may throw to stop the work
   */
  public Labeller(Collection<Analysed> texts, Runnable pulse) {
    this.uniqueHeadings = texts.size() > 1;
    this.casing = new Casing(texts);
    this.weighing = new Weighing(texts, casing, pulse);
  }

  private Labeller(Labeller other) {
    this.uniqueHeadings = other.uniqueHeadings;
    this.casing = other.casing;
    this.weighing = other.weighing;
  }

  /** One that knows the same text and has given no label yet. */
  public Labeller anew() {
    return new Labeller(this);
  }

  /**
   * Gets ready to label a group and all below it.
   *
   * @param pulse run again and again on the calling thread alone; it may throw to stop the work
   */
  public void prepare(Group root, Runnable pulse) {
    weighing.prepare(root, pulse);
  }

  /**
   * The label of a group: the author's heading if there is one, else the best phrase.
   *
   * @param above the label of the topic that it comes under
   */
  public String label(Group group, String above) {
    Tongue tongue = Weighing.tongue(group);
    if (group.heading() != null) {
      String heading = heading(group.heading(), tongue);
      if (!used.contains(heading.toLowerCase(Locale.ROOT)) || !uniqueHeadings) {
        keep(heading, tongue);
        return heading;
      }
    }
    group.children().forEach(child -> headings(child, tongue, headings));
    for (Candidate each : ranked(group, above, above.isEmpty())) {
      if (!headings.contains(each.key()) && used.add(each.key())) {
        wear(each.key());
        return each.label();
      }
    }
    return unnamed(group);
  }

  /** The words of the headings of a group and all below it, which are to stand there. */
  private void headings(Group group, Tongue tongue, Set<String> keys) {
    if (group.heading() != null) {
      keys.add(key(heading(group.heading(), tongue), tongue));
    }
    group.children().forEach(child -> headings(child, tongue, keys));
  }

  /** An author's heading as a label. */
  public String heading(String heading, Tongue tongue) {
    return Headings.plain(heading, casing, tongue);
  }

  /** Takes note of a label that stands, so that no other topic gets the same words. */
  public void reserve(String label, Tongue tongue) {
    used.add(label.strip().toLowerCase(Locale.ROOT));
    String key = key(label, tongue);
    if (!key.isEmpty()) {
      used.add(key);
    }
  }

  /** The same, and its words count as those of a label before the ones to come. */
  public void keep(String label, Tongue tongue) {
    reserve(label, tongue);
    String key = key(label, tongue);
    if (!key.isEmpty()) {
      wear(key);
    }
  }

  /**
   * How readers would rate the best label that a group could have, 1 to 5; the most, where that
   * cannot be told.
   */
  public double rating(Group group) {
    return weighing.rating(group);
  }

  /**
   * Labels that a group could have with all that is told of each, for fitting what rates them.
   *
   * @throws IllegalArgumentException if its meaning cannot be told here
   */
  public List<LabelFacts> facts(Group group, int most) {
    return weighing.facts(group, most);
  }

  /**
   * Labels that a group might have, the best first, no two of the same words; none is given by
   * this.
   *
   * @param above the label of the topic that it comes under
   * @param most as many at most
   */
  public List<String> offers(Group group, String above, int most) {
    return offers(ranked(group, above, above.isEmpty()), most);
  }

  /** The same for a stretch of text that is neither all of it nor under a topic. */
  public List<String> offers(Group stretch, int most) {
    return offers(ranked(stretch, "", false), most);
  }

  private static List<String> offers(List<Candidate> ranked, int most) {
    List<String> offers = new ArrayList<>();
    Set<Set<String>> met = new HashSet<>();
    for (Candidate each : ranked) {
      if (offers.size() < most && met.add(Set.copyOf(List.of(each.key().split(" "))))) {
        offers.add(each.label());
      }
    }
    return offers;
  }

  private List<Candidate> ranked(Group group, String above, boolean root) {
    Tongue tongue = Weighing.tongue(group);
    Set<String> stemsAbove =
        TextAnalyser.tokens(above, tongue).stream().map(Token::stem).collect(Collectors.toSet());
    List<Spread> below =
        group.children().stream().filter(child -> !child.aside()).map(Spread::new).toList();
    List<Candidate> ranked = new ArrayList<>();
    for (Candidate each : weighing.of(group)) {
      double fresh = freshness(each.stems(), stemsAbove);
      if (root) {
        fresh *= each.stems().size() == 1 ? ROOT_ALONE : 1;
        fresh *= !below.isEmpty() && named(each, tongue) ? NAMED : 1;
      }
      fresh *= span(each.stems(), below, root);
      ranked.add(each.times(fresh));
    }
    ranked.sort(Candidate.BEST_FIRST);
    return ranked;
  }

  /** Whether a label begins with a name. */
  private boolean named(Candidate candidate, Tongue tongue) {
    String inside = casing.inside(candidate.tokens(), candidate.label(), tongue);
    return Character.isUpperCase(inside.charAt(0));
  }

  /**
   * How far a label spans what is below: how much of it the sentence has that has most of it, in
   * the mean of what is below.
   */
  static double span(List<String> label, List<Spread> below, boolean root) {
    if (below.size() < 2) {
      return 1;
    }
    double met = below.stream().mapToInt(each -> each.most(label)).sum();
    double share = met / label.size() / below.size();
    return root ? share : Math.sqrt(share);
  }

  /** How much a label adds to those that were given already, and to the one above. */
  private double freshness(List<String> stems, Set<String> above) {
    double fresh = 0;
    for (String stem : stems) {
      fresh +=
          above.contains(stem) ? REPEATS_ABOVE : floor(stem) + (1 - floor(stem)) / (1 + worn(stem));
    }
    fresh /= stems.size();
    fresh *= given.stream().anyMatch(label -> label.containsAll(stems)) ? SAID : 1;
    return fresh * (above.containsAll(stems) ? NOTHING_NEW : 1);
  }

  /** What a stem that is in labels already is worth at least; less if it is the whole's subject. */
  private double floor(String stem) {
    return weighing.vocabulary().share(stem) > EVERY_TENTH ? WORN_SUBJECT : WORN;
  }

  private void wear(String key) {
    given.add(Set.copyOf(List.of(key.split(" "))));
    for (String stem : key.split(" ")) {
      inLabels.merge(stem, 1, Integer::sum);
    }
  }

  /** In how many labels a stem stands already. */
  private int worn(String stem) {
    return inLabels.getOrDefault(stem, 0);
  }

  private static String key(String label, Tongue tongue) {
    return TextAnalyser.tokens(label, tongue).stream()
        .filter(Token::content)
        .map(Token::stem)
        .collect(Collectors.joining(" "));
  }

  /** The first words, for text in which no noun phrase is left to name it by. */
  private String unnamed(Group group) {
    List<Sentence> sentences = group.sentences();
    List<Token> tokens =
        sentences.isEmpty()
            ? List.of()
            : sentences.get(0).tokens().stream().filter(Token::word).limit(5).toList();
    String label =
        tokens.isEmpty() ? "Without words" : casing.label(tokens, Weighing.tongue(group));
    String unique = label;
    for (int i = 2; !used.add(unique); i++) {
      unique = label + " (" + i + ")";
    }
    return unique;
  }
}
