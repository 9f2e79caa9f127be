package org.pergamena.core.distil.label;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/**
 * Names groups by the noun phrases that set their text apart from all the rest. No label is given
 * twice.
 */
public final class Labeller {
  /** Content words that headings have on average. */
  private static final double USUAL_WORDS = 2.7;

  private static final double REPEATS_ABOVE = 0.75;
  private static final double WORN = 0.6;
  private static final double WORN_SUBJECT = 0.45;
  private static final double ONCE = 0.88;
  private static final double GUESSED = 0.6;
  private static final double SAID = 0.75;
  private static final int LONGEST = 6;
  private static final double NOTHING_NEW = 0.5;
  private static final double EVERY_TENTH = 0.1;
  private static final double GENERIC = 0.5;
  private static final double LINKED = 0.88;
  private static final double NOUN_SHARE = 0.6;
  private static final double TWO = 0.7;
  private static final double JOINED = 1.1;
  private static final double CARRIED = 0.7;
  private static final double APART = 0.5;
  private static final double SINGLE = 0.3;
  private static final int PAIRED = 10;
  private static final int LEAST_PAIRED = 2;
  private static final double EQUAL = 0.4;
  private static final double ROOT_ALONE = 0.15;

  private final Map<Sentence, List<Phrase>> phrases = new IdentityHashMap<>();
  private final Map<String, Integer> everywhere = new HashMap<>();
  private final Map<String, Integer> spread = new HashMap<>();
  private final Map<String, Integer> nouns = new HashMap<>();
  private final Map<String, Integer> inLabels = new HashMap<>();
  private final List<Set<String>> given = new ArrayList<>();
  private final Casing casing;
  private final Set<String> used = new HashSet<>();
  private final boolean uniqueHeadings;
  private double words;
  private int sentences;

  /**
   * Gets to know all the text that there is. The headings of a single text all stand.
   *
   * @param pulse run many times a second; it may throw to stop the work
   */
  public Labeller(Collection<Analysed> texts, Runnable pulse) {
    this.uniqueHeadings = texts.size() > 1;
    this.casing = new Casing(texts);
    for (Analysed text : texts) {
      for (Sentence sentence : text.sentences()) {
        List<Phrase> found = Phrases.of(sentence, text);
        phrases.put(sentence, found);
        pulse.run();
        sentences++;
        stems(sentence.tokens()).forEach(stem -> spread.merge(stem, 1, Integer::sum));
        for (Token token : sentence.tokens()) {
          if (token.content()) {
            everywhere.merge(token.stem(), 1, Integer::sum);
            nouns.merge(token.stem(), token.noun() ? 1 : 0, Integer::sum);
          }
        }
        words += sentence.words();
      }
    }
  }

  /**
   * The label of a group: the author's heading if there is one, else the best phrase.
   *
   * @param above the label of the topic that it comes under
   */
  public String label(Group group, String above) {
    Tongue tongue = tongue(group);
    if (group.heading() != null) {
      String heading = Headings.plain(group.heading(), casing, tongue);
      if (used.add(heading.toLowerCase(Locale.ROOT)) || !uniqueHeadings) {
        String key = key(heading, tongue);
        used.add(key);
        wear(key);
        return heading;
      }
    }
    for (Scored each : ranked(group, above)) {
      if (used.add(each.key())) {
        wear(each.key());
        return each.label();
      }
    }
    return unnamed(group);
  }

  /**
   * Labels that a group might have, the best first, no two of the same words; none is given by
   * this.
   *
   * @param above the label of the topic that it comes under
   * @param most as many at most
   */
  public List<String> offers(Group group, String above, int most) {
    List<String> offers = new ArrayList<>();
    Set<Set<String>> met = new HashSet<>();
    for (Scored each : ranked(group, above)) {
      if (offers.size() < most && met.add(Set.copyOf(List.of(each.key().split(" "))))) {
        offers.add(each.label());
      }
    }
    return offers;
  }

  private List<Scored> ranked(Group group, String above) {
    Tongue tongue = tongue(group);
    HeadWords head = new HeadWords(group, everywhere, words);
    Set<String> stemsAbove =
        TextAnalyser.tokens(above, tongue).stream().map(Token::stem).collect(Collectors.toSet());
    List<Scored> scored = new ArrayList<>();
    for (Candidate candidate : candidates(group).values()) {
      scored.add(candidate.scored(head, stemsAbove, above.isEmpty()));
    }
    scored.sort(Scored.BEST_FIRST);
    List<Scored> offered = new ArrayList<>(scored.subList(0, Math.min(scored.size(), 60)));
    offered.addAll(pairs(scored, head, new Joins(group), stemsAbove, tongue));
    offered.sort(Scored.BEST_FIRST);
    return offered;
  }

  /** A label to be, with how much of a heading it is expected to have. */
  private record Scored(String key, String label, List<Token> tokens, int count, double score) {
    static final Comparator<Scored> BEST_FIRST =
        Comparator.comparingDouble(Scored::score).reversed().thenComparing(Scored::key);
  }

  /** The best phrases in twos, {@code the wall and its upkeep}. */
  private List<Scored> pairs(
      List<Scored> best, HeadWords head, Joins joins, Set<String> above, Tongue tongue) {
    List<Scored> pairs = new ArrayList<>();
    if (tongue.and("").isEmpty()) {
      return pairs;
    }
    List<Scored> often =
        best.stream().filter(s -> s.count() >= LEAST_PAIRED).limit(PAIRED).toList();
    for (int i = 0; i < often.size(); i++) {
      for (int j = i + 1; j < often.size(); j++) {
        Set<String> stems = stems(often.get(i).tokens());
        Set<String> second = stems(often.get(j).tokens());
        int length = often.get(i).tokens().size() + 1 + often.get(j).tokens().size();
        if (length > LONGEST
            || stems.stream().anyMatch(second::contains)
            || mean(second, head) < EQUAL * mean(stems, head)) {
          continue;
        }
        stems.addAll(second);
        String other = casing.inside(often.get(j).tokens(), often.get(j).label(), tongue);
        String label = often.get(i).label() + " " + tongue.and(other) + " " + other;
        List<Token> one = often.get(i).tokens();
        List<Token> two = often.get(j).tokens();
        double sound = joins.joined(one, two) ? JOINED : joins.carried(one, two) ? CARRIED : APART;
        double score = TWO * sound * expected(stems, head, above);
        pairs.add(new Scored(String.join(" ", stems), label, often.get(i).tokens(), 1, score));
      }
    }
    return pairs;
  }

  /** What a stem that is in labels already is worth at least; less if it is the whole's subject. */
  private double floor(String stem) {
    return spread.getOrDefault(stem, 0) > EVERY_TENTH * sentences ? WORN_SUBJECT : WORN;
  }

  /** Whether a label that was given already has all of some stems. */
  private boolean said(Set<String> stems) {
    return given.stream().anyMatch(label -> label.containsAll(stems));
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

  private static double mean(Set<String> stems, HeadWords head) {
    return stems.stream().mapToDouble(head::likelihood).average().orElse(0);
  }

  private static Set<String> stems(List<Token> tokens) {
    return tokens.stream()
        .filter(Token::content)
        .map(Token::stem)
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /** The F-measure that a label of some stems is expected to have against the author's heading. */
  private double expected(Set<String> stems, HeadWords head, Set<String> above) {
    double met = 0;
    for (String stem : stems) {
      double worn =
          above.contains(stem) ? REPEATS_ABOVE : floor(stem) + (1 - floor(stem)) / (1 + worn(stem));
      met += head.likelihood(stem) * worn;
    }
    return 2 * met / (stems.size() + USUAL_WORDS);
  }

  /** The language that most of a group's words are in. */
  private static Tongue tongue(Group group) {
    Map<Tongue, Integer> words = new LinkedHashMap<>();
    group.parts().forEach(part -> words.merge(part.text().tongue(), part.words(), Integer::sum));
    return words.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElseGet(() -> Tongue.of(Tongue.ENGLISH));
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
    String label = tokens.isEmpty() ? "Without words" : casing.label(tokens, tongue(group));
    String unique = label;
    for (int i = 2; !used.add(unique); i++) {
      unique = label + " (" + i + ")";
    }
    return unique;
  }

  private Map<String, Candidate> candidates(Group group) {
    Map<String, Candidate> candidates = new TreeMap<>();
    for (Part part : group.parts()) {
      for (Sentence sentence : part.sentences()) {
        for (Phrase phrase : phrases.get(sentence)) {
          if (!isSound(phrase)) {
            continue;
          }
          candidates.computeIfAbsent(phrase.key(), key -> new Candidate(phrase)).meet(phrase);
        }
      }
    }
    return candidates;
  }

  /**
   * Whether what is taken for nouns in a phrase are nouns mostly, not verbs taken for them once.
   */
  private boolean isSound(Phrase phrase) {
    return phrase.tokens().stream()
        .filter(Token::noun)
        .allMatch(t -> nouns.get(t.stem()) >= NOUN_SHARE * everywhere.get(t.stem()));
  }

  /** A phrase with the forms in which it occurs. */
  private final class Candidate {
    private final Phrase first;
    private final Map<String, Integer> counts = new TreeMap<>();
    private final Map<String, List<Token>> forms = new HashMap<>();
    private int count;

    Candidate(Phrase first) {
      this.first = first;
    }

    void meet(Phrase phrase) {
      count++;
      String form = casing.label(phrase.tokens(), phrase.tongue());
      counts.merge(form, 1, Integer::sum);
      forms.putIfAbsent(form, phrase.tokens());
    }

    Scored scored(HeadWords head, Set<String> above, boolean root) {
      String best = null;
      for (Map.Entry<String, Integer> entry : counts.entrySet()) {
        if (best == null || entry.getValue() > counts.get(best)) {
          best = entry.getKey();
        }
      }
      double score = expected(stems(first.tokens()), head, above);
      score *= count > 1 || first.length() == 1 ? 1 : first.sure() ? ONCE : GUESSED;
      score *= first.linked() ? LINKED : first.length() == 1 ? SINGLE : 1;
      score *= first.generic() ? GENERIC : 1;
      score *= said(stems(first.tokens())) ? SAID : 1;
      score *= above.containsAll(stems(first.tokens())) ? NOTHING_NEW : 1;
      score *= root && first.length() == 1 ? ROOT_ALONE : 1;
      score *=
          root
              ? Math.sqrt(
                  stems(first.tokens()).stream().mapToDouble(head::breadth).average().orElse(0))
              : 1;
      return new Scored(
          first.key(), best, forms.get(best), first.linked() || first.generic() ? 0 : count, score);
    }
  }
}
