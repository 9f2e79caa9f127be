package org.pergamena.core.study.people;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Span;

/** Counts who occurs with whom in a sentence or paragraph, and the words between them. */
final class Ties {
  /** As many of those named in one sentence or paragraph are tied to each other. */
  private static final int MOST_NAMED = 12;

  private static final int MOST_PASSAGES = 20;
  private static final int MOST_PHRASES = 5;
  private static final int LONGEST_PHRASE = 6;
  private static final int FEWEST_PARAGRAPHS = 2;

  /** Somebody who is named at a place of a text. */
  record Named(String key, Span span) {}

  private record Pair(String one, String other) {}

  private static final class Count {
    int sentences;
    int paragraphs;
    int turned;
    final Map<String, Integer> phrases = new LinkedHashMap<>();
    final List<Passage> passages = new ArrayList<>();
  }

  private final Map<Pair, Count> counts = new LinkedHashMap<>();

  /** Reads whom the sentences of a text name. */
  void read(Analysed text, Map<Integer, List<Named>> bySentence) {
    Map<Integer, List<Integer>> blocks = new LinkedHashMap<>();
    bySentence.forEach(
        (sentence, named) -> {
          sentence(text, text.sentences().get(sentence), named);
          blocks
              .computeIfAbsent(text.sentences().get(sentence).block(), k -> new ArrayList<>())
              .add(sentence);
        });
    blocks.values().forEach(sentences -> paragraph(text, sentences, bySentence));
  }

  private Count count(String one, String other, boolean turn) {
    boolean first = one.compareTo(other) < 0;
    Count count =
        counts.computeIfAbsent(
            first ? new Pair(one, other) : new Pair(other, one), k -> new Count());
    count.turned += turn ? first ? 1 : -1 : 0;
    return count;
  }

  private void sentence(Analysed text, Sentence sentence, List<Named> named) {
    Set<Pair> counted = new LinkedHashSet<>();
    int most = Math.min(MOST_NAMED, named.size());
    for (int i = 0; i < most; i++) {
      for (int j = i + 1; j < most; j++) {
        Named one = named.get(i);
        Named other = named.get(j);
        boolean fresh =
            !one.key().equals(other.key())
                && counted.add(new Pair(one.key(), other.key()))
                && !counted.contains(new Pair(other.key(), one.key()));
        if (fresh) {
          Count count = count(one.key(), other.key(), true);
          count.sentences++;
          String phrase = j == i + 1 ? phrase(sentence, one.span(), other.span()) : "";
          if (!phrase.isEmpty()) {
            count.phrases.merge(phrase, 1, Integer::sum);
          }
          if (count.passages.size() < MOST_PASSAGES) {
            count.passages.add(Passage.of(text.source(), sentence.span()));
          }
        }
      }
    }
  }

  /** The words between two names if a verb is among them and they are few. */
  private static String phrase(Sentence sentence, Span one, Span other) {
    StringBuilder phrase = new StringBuilder();
    boolean verb = false;
    int words = 0;
    for (Token token : sentence.tokens()) {
      if (token.start() >= one.end() && token.end() <= other.start()) {
        if (!token.word()) {
          return "";
        }
        words++;
        verb = verb || token.tag().equals("VERB");
        phrase.append(phrase.isEmpty() ? "" : " ").append(token.surface());
      }
    }
    return verb && words <= LONGEST_PHRASE ? phrase.toString() : "";
  }

  private void paragraph(
      Analysed text, List<Integer> sentences, Map<Integer, List<Named>> bySentence) {
    Map<String, Integer> first = new LinkedHashMap<>();
    for (int sentence : sentences) {
      for (Named named : bySentence.get(sentence)) {
        first.putIfAbsent(named.key(), sentence);
      }
    }
    List<String> keys = first.keySet().stream().limit(MOST_NAMED).toList();
    for (int i = 0; i < keys.size(); i++) {
      for (int j = i + 1; j < keys.size(); j++) {
        String one = keys.get(i);
        String other = keys.get(j);
        boolean together =
            sentences.stream()
                .anyMatch(s -> has(bySentence.get(s), one) && has(bySentence.get(s), other));
        if (!together) {
          Count count = count(one, other, false);
          count.paragraphs++;
          if (count.passages.size() < MOST_PASSAGES) {
            Span from = text.sentences().get(first.get(one)).span();
            Span to = text.sentences().get(first.get(other)).span();
            count.passages.add(Passage.of(text.source(), new Span(from.start(), to.end())));
          }
        }
      }
    }
  }

  private static boolean has(List<Named> named, String key) {
    return named.stream().anyMatch(each -> each.key().equals(key));
  }

  /** Those of a sentence together, or of two paragraphs, the closest first. */
  List<Tie> all() {
    List<Tie> ties = new ArrayList<>();
    counts.forEach(
        (pair, count) -> {
          if (count.sentences > 0 || count.paragraphs >= FEWEST_PARAGRAPHS) {
            List<String> phrases =
                count.phrases.entrySet().stream()
                    .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                    .limit(MOST_PHRASES)
                    .map(Map.Entry::getKey)
                    .toList();
            boolean turned = count.turned < 0;
            ties.add(
                new Tie(
                    turned ? pair.other() : pair.one(),
                    turned ? pair.one() : pair.other(),
                    count.sentences,
                    count.paragraphs,
                    phrases,
                    count.passages));
          }
        });
    ties.sort(
        Comparator.comparingDouble(Tie::weight)
            .reversed()
            .thenComparing(Tie::from)
            .thenComparing(Tie::to));
    return ties;
  }
}
