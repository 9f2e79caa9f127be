package org.pergamena.core.distil.text;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;

/**
 * A source with its sentences.
 *
 * @param sentences in order; headings are not among them
 * @param punctuated whether the text has sentence marks
 */
public record Analysed(Source source, List<Sentence> sentences, boolean punctuated) {
  public Analysed {
    sentences = List.copyOf(sentences);
  }

  /** A source with those of the sentences of its text that are not left out. */
  public static Analysed of(Source source, List<Sentence> all, boolean punctuated) {
    return new Analysed(
        source,
        source.excluded().isEmpty()
            ? all
            : all.stream().filter(s -> !source.excludes(s.span().start())).toList(),
        punctuated);
  }

  /** The same source with everything left out but some spans, and what was left out before. */
  public Analysed only(List<Span> spans) {
    int length = source.text().text().length();
    List<Span> out = new ArrayList<>(source.excluded());
    if (length > 0) {
      out.addAll(Spans.without(new Span(0, length), Spans.union(spans)));
    }
    return of(source.without(out), sentences, punctuated);
  }

  /** The language that its words are taken apart by. */
  public Tongue tongue() {
    return Tongue.of(source.language());
  }

  /** Number of words in the sentences from one place up to another. */
  public int words(int from, int to) {
    int words = 0;
    for (Sentence sentence : sentences.subList(from, to)) {
      words += sentence.words();
    }
    return words;
  }
}
