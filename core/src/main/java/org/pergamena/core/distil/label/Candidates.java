package org.pergamena.core.distil.label;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.DoubleStream;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/** Finds what could be a group's label, and tells what each is worth. */
final class Candidates {
  /** Content words that headings have on average. */
  private static final double USUAL_WORDS = 2.7;

  private static final int WEIGHED = 300;
  private static final int PAIRED = 12;
  private static final int LEAST_PAIRED = 2;

  /** Words that a label has at most. */
  private static final int LONGEST = 6;

  /** How often a single word is to stand in what it names. */
  private static final int CARRIED = 3;

  private static final double THROUGH = 0.5;
  private static final double STRAY = 0.1;
  private static final double CARRIES = 0.7;
  private static final double GENERIC = 0.5;
  private static final double VAGUE = 0.8;

  /** Of a name that is met once, as that of somebody quoted. */
  private static final double ASIDE = 0.7;

  private final Group group;
  private final Vocabulary vocabulary;
  private final Casing casing;
  private final Tongue tongue;
  private final HeadWords head;
  private final Theme theme;
  private final Set<String> blocks = new HashSet<>();
  private final Map<String, Met> met = new TreeMap<>();

  /** Whether the text has sentence marks. */
  private final boolean written;

  private final int words;

  Candidates(Group group, Vocabulary vocabulary, Casing casing, Tongue tongue) {
    this.group = group;
    this.vocabulary = vocabulary;
    this.casing = casing;
    this.tongue = tongue;
    this.head = new HeadWords(group, vocabulary);
    this.theme = new Theme(group.sentences(), vocabulary);
    this.written = group.parts().stream().allMatch(part -> part.text().punctuated());
    this.words = group.words();
    meet();
  }

  /** A phrase as it is written. */
  private record Form(String label, List<Token> tokens) {}

  /** A phrase with the forms and places in which it stands. */
  private final class Met {
    final Phrase phrase;
    final List<String> stems;
    final List<Phrase> occurrences = new ArrayList<>();
    final Set<String> within = new HashSet<>();
    int first = Integer.MAX_VALUE;
    int rank = Integer.MAX_VALUE;

    Met(Phrase phrase) {
      this.phrase = phrase;
      this.stems = List.copyOf(new LinkedHashSet<>(List.of(phrase.key().split(" "))));
    }

    void at(Phrase occurrence, int index, int sentence, String block) {
      occurrences.add(occurrence);
      first = Math.min(first, index);
      rank = Math.min(rank, theme.rank(sentence));
      within.add(block);
    }

    int count() {
      return occurrences.size();
    }

    /** The form in which it stands most often. */
    Form form() {
      Map<String, Integer> counts = new TreeMap<>();
      Map<String, List<Token>> tokens = new HashMap<>();
      for (Phrase each : occurrences) {
        String label = casing.label(each.tokens(), each.tongue());
        counts.merge(label, 1, Integer::sum);
        tokens.putIfAbsent(label, each.tokens());
      }
      String best =
          counts.entrySet().stream()
              .max(
                  Map.Entry.<String, Integer>comparingByValue()
                      .thenComparing(Map.Entry.comparingByKey(Comparator.reverseOrder())))
              .orElseThrow()
              .getKey();
      return new Form(best, tokens.get(best));
    }

    Candidate candidate() {
      double[] told = facts(stems, first, within.size(), rank);
      double worth = Worth.of(told, phrase.nouns() ? Worth.Kind.NOUNS : Worth.Kind.OTHER);
      worth *= phrase.generic() ? GENERIC : phrase.vague() ? VAGUE : 1;
      worth *= phrase.name() && count() == 1 ? ASIDE : 1;
      boolean carries = theme.reach(stems) >= THROUGH && count() >= CARRIED;
      worth *= stems.size() > 1 ? 1 : carries ? CARRIES : STRAY;
      Form form = form();
      double[] facts =
          new Written(phrase.nouns() ? Worth.Kind.NOUNS : Worth.Kind.OTHER, count(), form.tokens())
              .facts(worth, told, phrase);
      return new Candidate(phrase.key(), stems, form.label(), form.tokens(), facts, worth);
    }
  }

  private void meet() {
    int sentence = 0;
    Map<UUID, Integer> passed = new HashMap<>();
    for (Part part : group.parts()) {
      UUID id = part.text().source().id();
      String source = id + " ";
      List<Sentence> sentences = part.sentences();
      int before = passed.merge(id, sentences.size(), Integer::sum) - sentences.size();
      for (int i = 0; i < sentences.size(); i++, sentence++) {
        String block = source + sentences.get(i).block();
        blocks.add(block);
        for (Phrase phrase : vocabulary.phrases(sentences.get(i))) {
          if (phrase.tokens().size() <= LONGEST) {
            met.computeIfAbsent(phrase.key(), key -> new Met(phrase))
                .at(phrase, before + i, sentence, block);
          }
        }
      }
    }
  }

  /** What is told of a candidate, in the order of the weights. */
  private double[] facts(List<String> stems, int first, int within, int rank) {
    return new double[] {
      stems.size() == 2 ? 1 : 0,
      stems.size() == 3 ? 1 : 0,
      Math.log(1 + first),
      within / (double) blocks.size(),
      expected(stems),
      stems.stream().mapToDouble(head::lift).average().orElse(0),
      theme.reach(stems),
      theme.standing(stems),
      Math.log(1 + rank),
      theme.closeness(stems),
      theme.weight(stems)
    };
  }

  /** The F-measure that a label of some stems is expected to have against an author's heading. */
  private double expected(List<String> stems) {
    double likely = stems.stream().mapToDouble(head::likelihood).sum();
    return 2 * likely / (stems.size() + USUAL_WORDS);
  }

  /**
   * Whether a phrase is another of several words, met more often, with what may be a verb after its
   * plural, as in <em>wading birds breed</em>.
   */
  private boolean clause(Met one) {
    List<Token> tokens = one.phrase.tokens();
    if (!one.phrase.nouns() || tokens.size() <= 2) {
      return false;
    }
    String before = tokens.get(tokens.size() - 2).surface();
    int space = one.phrase.key().lastIndexOf(' ');
    Met shorter = space < 0 ? null : met.get(one.phrase.key().substring(0, space));
    boolean plural = before.endsWith("s") && !before.endsWith("ss");
    return plural && shorter != null && shorter.count() >= 2 * one.count();
  }

  /** All of them, but of very many only the likeliest. */
  List<Candidate> all() {
    List<Met> likely = new ArrayList<>(met.values());
    likely.removeIf(this::clause);
    Map<String, Double> expected = new HashMap<>();
    likely.forEach(each -> expected.put(each.phrase.key(), expected(each.stems)));
    likely.sort(
        Comparator.comparingDouble((Met each) -> -expected.get(each.phrase.key()))
            .thenComparing(each -> each.phrase.key()));
    List<Candidate> all = new ArrayList<>();
    likely.stream().limit(WEIGHED).forEach(each -> all.add(each.candidate()));
    if (!tongue.and("").isEmpty()) {
      pair(
          likely.stream()
              .filter(m -> m.phrase.nouns() && m.count() >= LEAST_PAIRED)
              .limit(PAIRED)
              .toList(),
          all);
    }
    return all;
  }

  /** The likeliest phrases in twos, where the text joins them. */
  private void pair(List<Met> often, List<Candidate> all) {
    Joins joins = new Joins(group);
    for (int i = 0; i < often.size(); i++) {
      for (int j = i + 1; j < often.size(); j++) {
        boolean inOrder = often.get(i).first <= often.get(j).first;
        Met one = often.get(inOrder ? i : j);
        Met two = often.get(inOrder ? j : i);
        List<Token> first = one.phrase.tokens();
        List<Token> second = two.phrase.tokens();
        if (first.size() + 1 + second.size() <= LONGEST
            && one.stems.stream().noneMatch(two.stems::contains)
            && joins.joined(first, second)) {
          all.add(pair(one, two));
        }
      }
    }
  }

  private Candidate pair(Met one, Met two) {
    List<String> stems = new ArrayList<>(one.stems);
    stems.addAll(two.stems);
    Set<String> within = new HashSet<>(one.within);
    within.addAll(two.within);
    Form form = one.form();
    Form second = two.form();
    String other = casing.inside(second.tokens(), second.label(), tongue);
    double[] told = facts(stems, one.first, within.size(), Math.min(one.rank, two.rank));
    double worth = Worth.of(told, Worth.Kind.JOINED);
    double[] facts =
        new Written(Worth.Kind.JOINED, Math.min(one.count(), two.count()), form.tokens())
            .facts(worth, told, null);
    return new Candidate(
        String.join(" ", stems),
        stems,
        form.label() + " " + tongue.and(other) + " " + other,
        form.tokens(),
        facts,
        worth);
  }

  /** How a candidate is put together and how often it stands, as facts beside those told of it. */
  private final class Written {
    private final Worth.Kind kind;
    private final int count;
    private final List<Token> tokens;

    Written(Worth.Kind kind, int count, List<Token> tokens) {
      this.kind = kind;
      this.count = count;
      this.tokens = tokens;
    }

    /** All facts; the phrase is null for two. */
    double[] facts(double worth, double[] told, Phrase phrase) {
      List<Double> facts = new ArrayList<>(List.of(worth));
      Arrays.stream(told).forEach(facts::add);
      for (Worth.Kind each : Worth.Kind.values()) {
        facts.add(kind == each ? 1.0 : 0);
      }
      facts.add(phrase != null && phrase.generic() ? 1.0 : 0);
      facts.add(phrase != null && phrase.vague() ? 1.0 : 0);
      facts.add(phrase != null && phrase.name() ? 1.0 : 0);
      facts.add(Math.log(count));
      facts.add((double) tokens.size());
      facts.add(share("PROPN"));
      facts.add(share("ADJ"));
      facts.add(tokens.get(0).tag().equals("VERB") ? 1.0 : 0);
      facts.add(shares().max().orElse(0));
      facts.add(shares().min().orElse(0));
      facts.add(written ? 1.0 : 0);
      facts.add(Math.log(1.0 + words));
      return facts.stream().mapToDouble(Double::doubleValue).toArray();
    }

    private double share(String tag) {
      return tokens.stream().filter(token -> token.tag().equals(tag)).count()
          / (double) tokens.size();
    }

    private DoubleStream shares() {
      return tokens.stream()
          .filter(Token::content)
          .mapToDouble(token -> vocabulary.share(token.stem()));
    }
  }
}
