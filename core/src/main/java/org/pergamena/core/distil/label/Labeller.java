package org.pergamena.core.distil.label;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.distil.text.Token;

/**
 * Names groups by the noun phrases that set their text apart from all the rest. No label is given
 * twice.
 */
public final class Labeller {
  private static final double[] LENGTH_FACTOR = {0, 0.25, 1.5, 1.7, 1.4};
  private static final double NAME_ALONE = 0.55;
  private static final double REPEATS_ABOVE = 0.35;
  private static final Pattern OWN_NUMBER =
      Pattern.compile(
          "^(?:(?:Chapter|Section|Part|Appendix) )?(?:\\d+(?:\\.\\d+)*[.):]?|[IVXLC]+[.):]) (?=\\p{L})");
  private static final double ROOT_ALONE = 0.15;
  private static final double BREADTH = 0.5;
  private static final double IN_OPENING = 1.25;
  private static final int OPENING_SENTENCES = 3;
  private static final double SPREAD = 0.8;

  private final Map<Sentence, List<Phrase>> phrases = new IdentityHashMap<>();
  private final Map<String, Integer> everywhere = new HashMap<>();
  private final Casing casing;
  private final Set<String> used = new HashSet<>();
  private final boolean uniqueHeadings;
  private double words;

  /** Gets to know all the text that there is. The headings of a single text all stand. */
  public Labeller(Collection<Analysed> texts) {
    this.uniqueHeadings = texts.size() > 1;
    this.casing = new Casing(texts);
    for (Analysed text : texts) {
      for (Sentence sentence : text.sentences()) {
        List<Phrase> found = Phrases.of(sentence);
        phrases.put(sentence, found);
        found.forEach(phrase -> everywhere.merge(phrase.key(), 1, Integer::sum));
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
    if (group.heading() != null) {
      String heading = plain(group.heading());
      if (used.add(key(heading)) || !uniqueHeadings) {
        return heading;
      }
    }
    Map<String, Candidate> candidates = candidates(group);
    int parts = group.parts().size();
    boolean root = above.isEmpty();
    Set<String> stemsAbove =
        TextAnalyser.tokens(above).stream().map(Token::stem).collect(Collectors.toSet());
    double inGroup = Math.max(1, group.words());
    Candidate best =
        candidates.values().stream()
            .filter(candidate -> !used.contains(candidate.key))
            .max(Comparator.comparingDouble(c -> c.score(inGroup, stemsAbove, parts, root)))
            .orElse(null);
    if (best == null) {
      return unnamed(group);
    }
    used.add(best.key);
    return casing.label(best.form());
  }

  private static String key(String label) {
    return TextAnalyser.tokens(label).stream()
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
    String label = tokens.isEmpty() ? "Without words" : casing.label(tokens);
    String unique = label;
    for (int i = 2; !used.add(unique); i++) {
      unique = label + " (" + i + ")";
    }
    return unique;
  }

  /** A heading on one line, without its own number. */
  private static String plain(String heading) {
    String line = heading.replaceAll("[\\s\u00a0]+", " ").strip();
    String bare = OWN_NUMBER.matcher(line).replaceFirst("");
    return bare.length() <= 200 ? bare : bare.substring(0, bare.lastIndexOf(' ', 200));
  }

  private Map<String, Candidate> candidates(Group group) {
    Map<String, Candidate> candidates = new TreeMap<>();
    int sentence = 0;
    int part = 0;
    for (Part each : group.parts()) {
      for (Sentence words : each.sentences()) {
        for (Phrase phrase : phrases.get(words)) {
          Candidate candidate = candidates.get(phrase.key());
          if (candidate == null) {
            candidate = new Candidate(phrase, sentence);
            candidates.put(phrase.key(), candidate);
          }
          candidate.meet(phrase, sentence, part);
        }
        sentence++;
      }
      part++;
    }
    return candidates;
  }

  private final class Candidate {
    final String key;
    private final Phrase first;
    private final Map<String, Integer> counts = new TreeMap<>();
    private final Map<String, List<Token>> forms = new HashMap<>();
    private final int firstSentence;
    private int count;
    private int spread;
    private int lastSentence = -1;
    private int partsWith;
    private int lastPart = -1;

    Candidate(Phrase first, int firstSentence) {
      this.key = first.key();
      this.first = first;
      this.firstSentence = firstSentence;
    }

    void meet(Phrase phrase, int sentence, int part) {
      count++;
      partsWith += part == lastPart ? 0 : 1;
      lastPart = part;
      spread += sentence == lastSentence ? 0 : 1;
      lastSentence = sentence;
      String form = casing.label(phrase.tokens());
      counts.merge(form, 1, Integer::sum);
      forms.putIfAbsent(form, phrase.tokens());
    }

    List<Token> form() {
      String best = null;
      for (Map.Entry<String, Integer> entry : counts.entrySet()) {
        if (best == null || entry.getValue() > counts.get(best)) {
          best = entry.getKey();
        }
      }
      return forms.get(best);
    }

    double score(double inGroup, Set<String> stemsAbove, int parts, boolean root) {
      double expected = everywhere.get(key) / words * inGroup;
      double apart = count * Math.log(1 + count / expected);
      double length = LENGTH_FACTOR[Math.min(first.length(), LENGTH_FACTOR.length - 1)];
      if (first.length() == 1 && first.tokens().get(0).tag().equals("PROPN")) {
        length = NAME_ALONE;
      }
      long repeated =
          first.tokens().stream().filter(token -> stemsAbove.contains(token.stem())).count();
      double fresh = 1 - (1 - REPEATS_ABOVE) * repeated / first.length();
      double opening = firstSentence < OPENING_SENTENCES ? IN_OPENING : 1;
      double breadth = Math.pow((double) partsWith / parts, BREADTH);
      double alone = root && first.length() == 1 ? ROOT_ALONE : 1;
      return length * Math.pow(spread, SPREAD) * apart * fresh * opening * breadth * alone;
    }
  }
}
