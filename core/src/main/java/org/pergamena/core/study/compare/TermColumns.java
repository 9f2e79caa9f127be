package org.pergamena.core.study.compare;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.distil.label.TermFinder;
import org.pergamena.core.distil.label.TermFinder.Term;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.compare.CompareMark.Kind;
import org.pergamena.core.study.compare.Comparison.Both;
import org.pergamena.core.study.compare.Comparison.Columns;
import org.pergamena.core.study.compare.Comparison.Matter;

/**
 * The terms of two: noun phrases, with the number of sentences that have each. A term that one has
 * much more of than its length explains says so: by the log-likelihood ratio (Dunning, 1993; Rayson
 * and Garside, 2000), from 15.13, where chance alone does it once in 10,000.
 */
final class TermColumns {
  private static final double MUCH_MORE = 15.13;

  /** Below so many sentences, a term that stands there once counts. */
  private static final int SHORT = 60;

  private static final class Uses {
    private String words;
    private int often;
    private boolean whole;
    private final List<Passage> passages = new ArrayList<>();

    private Uses(String words) {
      this.words = words;
    }

    private Matter matter() {
      return new Matter(words, null, often, passages);
    }
  }

  private final Map<String, CompareMark> marks;
  private final Map<String, Uses> one;
  private final Map<String, Uses> other;
  private final int sentences;
  private final int otherSentences;

  TermColumns(List<Analysed> one, List<Analysed> other, Map<String, CompareMark> marks) {
    this.marks = marks;
    this.one = terms(one);
    this.other = terms(other);
    this.sentences = one.stream().mapToInt(text -> text.sentences().size()).sum();
    this.otherSentences = other.stream().mapToInt(text -> text.sentences().size()).sum();
  }

  private static Map<String, Uses> terms(List<Analysed> texts) {
    Map<String, Uses> terms = new LinkedHashMap<>();
    for (Analysed text : texts) {
      for (Sentence sentence : text.sentences()) {
        for (Term term : TermFinder.in(sentence, text)) {
          Uses uses = terms.computeIfAbsent(term.key(), key -> new Uses(term.words()));
          uses.often++;
          if (Character.isLowerCase(term.words().charAt(0))) { // not as a sentence begins
            uses.words = Character.isLowerCase(uses.words.charAt(0)) ? uses.words : term.words();
          }
          uses.whole |= term.whole();
          if (uses.passages.size() < Matter.MOST_PASSAGES) {
            uses.passages.add(Passage.of(text.source(), sentence.span()));
          }
        }
      }
    }
    return terms;
  }

  Columns columns() {
    Map<String, String> pairs = new LinkedHashMap<>();
    Set<String> byHand = new HashSet<>();
    byHand(pairs, byHand);
    Set<String> taken = new HashSet<>(pairs.values());
    for (String key : one.keySet()) {
      boolean met = other.containsKey(key) && !pairs.containsKey(key) && taken.add(key);
      if (met && !apart(one.get(key).words, other.get(key).words)) {
        pairs.put(key, key);
      }
    }
    List<Both> both = new ArrayList<>();
    pairs.forEach(
        (mine, theirs) -> {
          Uses a = one.get(mine);
          Uses b = other.get(theirs);
          if (a.whole || b.whole) {
            boolean hand = byHand.contains(mine);
            both.add(new Both(a.matter(), b.matter(), 1, hand, much(a.often, b.often)));
          }
        });
    both.sort(Comparator.comparingInt((Both b) -> -Math.min(b.one().often(), b.other().often())));
    return Columns.of(
        own(one, pairs.keySet(), sentences),
        both,
        own(other, new HashSet<>(pairs.values()), otherSentences));
  }

  private void byHand(Map<String, String> pairs, Set<String> byHand) {
    Map<String, String> ours = keys(one);
    Map<String, String> theirs = keys(other);
    for (CompareMark mark : marks.values()) {
      if (mark.kind() == Kind.TERM && mark.together()) {
        for (List<String> words :
            List.of(List.of(mark.one(), mark.other()), List.of(mark.other(), mark.one()))) {
          String mine = ours.get(words.get(0));
          String their = theirs.get(words.get(1));
          boolean free = mine != null && their != null && !pairs.containsKey(mine);
          if (free && !pairs.containsValue(their)) {
            pairs.put(mine, their);
            byHand.add(mine);
          }
        }
      }
    }
  }

  private static Map<String, String> keys(Map<String, Uses> terms) {
    Map<String, String> keys = new HashMap<>();
    terms.forEach((key, uses) -> keys.putIfAbsent(uses.words, key));
    return keys;
  }

  private boolean apart(String mine, String theirs) {
    CompareMark mark = marks.get(CompareMark.key(Kind.TERM, mine, theirs));
    return mark != null && !mark.together();
  }

  private static List<Matter> own(Map<String, Uses> terms, Set<String> paired, int sentences) {
    int least = sentences < SHORT ? 1 : 2;
    return terms.entrySet().stream()
        .filter(term -> !paired.contains(term.getKey()))
        .map(Map.Entry::getValue)
        .filter(uses -> uses.whole && uses.often >= least)
        .sorted(Comparator.comparingInt((Uses uses) -> -uses.often))
        .map(Uses::matter)
        .toList();
  }

  /** Says it if one has much more of a term than the other. */
  private String much(int mine, int theirs) {
    double all = mine + theirs;
    double expected = sentences * all / Math.max(1, sentences + otherSentences);
    double expectedOther = all - expected;
    double ratio = 2 * (part(mine, expected) + part(theirs, expectedOther));
    if (ratio < MUCH_MORE) {
      return "";
    }
    return mine > expected ? "much more in the first" : "much more in the second";
  }

  private static double part(double met, double expected) {
    return met == 0 || expected == 0 ? 0 : met * Math.log(met / expected);
  }
}
