package org.pergamena.core.distil.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;

/**
 * A source with its sentences.
 *
 * @param sentences in order; headings are not among them
 * @param punctuated whether the text has sentence marks
 * @param vectors of all the text's sentences, made as they are wanted; empty where the encoder does
 *     not know the language
 */
public record Analysed(
    Source source,
    List<Sentence> sentences,
    boolean punctuated,
    Optional<SentenceVectors> vectors) {
  private static final int LETTERS_PER_CAPITAL = 300;

  public Analysed {
    sentences = List.copyOf(sentences);
  }

  /** A source with those of the sentences of its text that are not left out. */
  static Analysed of(Source source, List<Sentence> all, boolean punctuated) {
    return new Analysed(
            source, all, punctuated, SentenceVectors.of(all, Tongue.of(source.language())))
        .as(source);
  }

  /** The same text as that of a source from which something else is left out, but not less. */
  public Analysed as(Source other) {
    return new Analysed(
        other,
        other.excluded().isEmpty()
            ? sentences
            : sentences.stream().filter(s -> !other.excludes(s.span().start())).toList(),
        punctuated,
        vectors);
  }

  /** The vector of one of its sentences; empty where there are none. */
  public Optional<float[]> vector(Sentence sentence) {
    return vectors.map(all -> all.of(sentence));
  }

  /** The same source with everything left out but some spans, and what was left out before. */
  public Analysed only(List<Span> spans) {
    String text = source.text().text();
    List<Span> left =
        text.isEmpty() ? List.of() : Spans.without(new Span(0, text.length()), Spans.union(spans));
    return without(
        left.stream().filter(s -> !text.substring(s.start(), s.end()).isBlank()).toList());
  }

  /** The same source with some spans left out, and what was left out before. */
  public Analysed without(List<Span> spans) {
    List<Span> out = new ArrayList<>(source.excluded());
    out.addAll(spans);
    return as(source.without(out));
  }

  /** Whether another is of the same source. */
  public boolean isOf(Analysed other) {
    return source.id().equals(other.source().id());
  }

  /** The spans that are not left out. */
  public List<Span> kept() {
    int length = source.text().text().length();
    return length == 0 ? List.of() : Spans.without(new Span(0, length), source.excluded());
  }

  /** The language that its words are taken apart by. */
  public Tongue tongue() {
    return Tongue.of(source.language());
  }

  /** The sentences that a span lies over, in part or whole. */
  public List<Sentence> over(Span span) {
    int from = firstOver(span);
    int end = from;
    while (end < sentences.size() && sentences.get(end).span().start() < span.end()) {
      end++;
    }
    return sentences.subList(from, end);
  }

  /** Index of the first sentence that ends after a span begins; their number if none does. */
  public int firstOver(Span span) {
    int low = 0;
    int high = sentences.size();
    while (low < high) {
      int middle = (low + high) / 2;
      if (sentences.get(middle).span().end() <= span.start()) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }

  /** Number of words in the sentences from one place up to another. */
  public int words(int from, int to) {
    int words = 0;
    for (Sentence sentence : sentences.subList(from, to)) {
      words += sentence.words();
    }
    return words;
  }

  /** Whether hardly a word has a capital, as in what was written down by a machine. */
  public boolean lowerCase() {
    return lowerCase(source.text().text());
  }

  static boolean lowerCase(String text) {
    long capitals = text.chars().filter(Character::isUpperCase).count();
    return capitals * LETTERS_PER_CAPITAL < text.length();
  }
}
