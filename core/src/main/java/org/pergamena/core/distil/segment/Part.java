package org.pergamena.core.distil.segment;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Extent;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;

/**
 * A run of a source's sentences, with the smaller runs in it. What lies before its first child is
 * the part's own.
 *
 * @param from index of its first sentence
 * @param to one past the index of its last sentence
 * @param title the author's heading over it, or null
 * @param start first code unit, that of the heading if there is one
 */
public record Part(Analysed text, int from, int to, String title, int start, List<Part> children) {
  public Part {
    children = List.copyOf(children);
  }

  /** A part without heading or children. */
  public static Part plain(Analysed text, int from, int to) {
    return new Part(text, from, to, null, text.sentences().get(from).span().start(), List.of());
  }

  /** The same part with other children. */
  public Part with(List<Part> newChildren) {
    return new Part(text, from, to, title, start, newChildren);
  }

  /** The same part with its text beginning earlier, at a heading above its own. */
  private Part beginningAt(int newStart) {
    return new Part(text, from, to, title, newStart, children);
  }

  /** Number of words, the children's included. */
  public int words() {
    return text.words(from, to);
  }

  /** Its sentences, the children's included. */
  public List<Sentence> sentences() {
    return text.sentences().subList(from, to);
  }

  /** The content words of its sentences, and those of its heading twice, counted. */
  public Bag bag() {
    Bag bag = new Bag();
    sentences().forEach(bag::add);
    if (title != null) {
      TextAnalyser.stems(title, List.of(text)).forEach(stem -> bag.add(stem, 2));
    }
    return bag;
  }

  /** One past the part's own sentences: those before its first child. */
  public int ownEnd() {
    return children.isEmpty() ? to : children.get(0).from();
  }

  /** The part's own text as a span, or empty if it has none. */
  public List<Span> ownExtent() {
    int end = children.isEmpty() ? end() : children.get(0).start();
    String text = this.text.source().text().text();
    int last = end;
    while (last > start && Character.isWhitespace(text.charAt(last - 1))) {
      last--;
    }
    return last > start ? List.of(new Span(start, last)) : List.of();
  }

  /** The part's own text without what was left out of its source. */
  public List<Extent> extents() {
    Source source = text.source();
    List<Extent> extents = new ArrayList<>();
    for (Span span : ownExtent()) {
      Spans.without(span, source.excluded())
          .forEach(left -> extents.add(new Extent(source.id(), left)));
    }
    return extents;
  }

  private int end() {
    return to > from ? text.sentences().get(to - 1).span().end() : start;
  }

  /** The leaves below, or the part itself; a branch's own text comes as a leaf of its own. */
  public List<Part> leaves() {
    if (children.isEmpty()) {
      return List.of(this);
    }
    List<Part> leaves = new ArrayList<>();
    if (ownEnd() > from) {
      leaves.add(new Part(text, from, ownEnd(), title, start, List.of()));
    }
    children.forEach(child -> leaves.addAll(child.leaves()));
    if (ownEnd() == from && title != null) {
      leaves.set(0, leaves.get(0).beginningAt(start));
    }
    return leaves;
  }
}
