package org.pergamena.core.distil.segment;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;

/** Cuts sources into their paragraphs: short ones together, long ones in pieces. */
public final class Pieces {
  /** Words that a piece usually has at least. */
  public static final int LEAST_WORDS = 40;

  private static final int MOST_WORDS = 100;

  private Pieces() {}

  /**
   * The pieces of some texts in their order, none across a heading.
   *
   * @param least paragraphs of fewer words are joined with the next
   */
  public static List<Part> of(List<Analysed> texts, int least) {
    List<Part> pieces = new ArrayList<>();
    for (Analysed text : texts) {
      HeadingTree.root(text).leaves().forEach(section -> cut(section, least, pieces));
    }
    return pieces;
  }

  private static void cut(Part section, int least, List<Part> pieces) {
    List<Sentence> sentences = section.text().sentences();
    int from = section.from();
    int words = 0;
    for (int i = section.from(); i < section.to(); i++) {
      words += sentences.get(i).words();
      boolean last = i + 1 == section.to();
      boolean ends = last || sentences.get(i).block() != sentences.get(i + 1).block();
      if (last || words >= MOST_WORDS || ends && words >= least) {
        int start = from == section.from() ? section.start() : sentences.get(from).span().start();
        pieces.add(new Part(section.text(), from, i + 1, section.title(), start, List.of()));
        from = i + 1;
        words = 0;
      }
    }
  }
}
