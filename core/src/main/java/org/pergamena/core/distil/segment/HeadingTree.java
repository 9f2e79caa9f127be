package org.pergamena.core.distil.segment;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.source.Block;

/** The parts of a source as its headings divide it. */
public final class HeadingTree {
  private static final Pattern INDEX =
      Pattern.compile(
          "(?iu)(?:general |subject )?index|(?:stich|sach)wort(?:verzeichnis|register)|register"
              + "|índice (?:alfabético|analítico|remissivo)|indice analitico|trefwoordenregister");

  private final Analysed text;
  private final List<Block> headings;
  private final int[] firstSentence;

  private HeadingTree(Analysed text) {
    this.text = text;
    List<Block> blocks = text.source().text().blocks();
    this.headings = new ArrayList<>();
    List<Integer> first = new ArrayList<>();
    int sentence = 0;
    for (int i = 0; i < blocks.size(); i++) {
      while (sentence < text.sentences().size() && text.sentences().get(sentence).block() < i) {
        sentence++;
      }
      if (blocks.get(i).kind() == Block.Kind.HEADING) {
        headings.add(blocks.get(i));
        first.add(sentence);
      }
    }
    this.firstSentence = first.stream().mapToInt(Integer::intValue).toArray();
  }

  /** Whether a source has headings enough to divide it: two or more over text. */
  public static boolean divides(Analysed text) {
    return root(text).children().size() >= 2;
  }

  /** Whether a heading stands over an index of words. */
  public static boolean isIndex(String title) {
    return title != null && INDEX.matcher(title.strip()).matches();
  }

  /**
   * The whole source as one part. A single heading over everything is taken as its title, and its
   * children as the main ones; headings over nothing are left out.
   */
  public static Part root(Analysed text) {
    HeadingTree tree = new HeadingTree(text);
    int all = text.sentences().size();
    Part root = new Part(text, 0, all, null, 0, tree.parts(0, tree.headings.size(), all));
    if (root.children().size() == 1) {
      Part only = root.children().get(0);
      return new Part(text, 0, all, only.title(), 0, only.children());
    }
    return root;
  }

  /** The parts of the headings from one up to another, whose text ends before a sentence. */
  private List<Part> parts(int from, int to, int lastSentence) {
    List<Part> parts = new ArrayList<>();
    int at = from;
    while (at < to) {
      int next = at + 1;
      while (next < to && headings.get(next).level() > headings.get(at).level()) {
        next++;
      }
      int end = next < headings.size() && next < to ? firstSentence[next] : lastSentence;
      if (end > firstSentence[at]) {
        Block heading = headings.get(at);
        String title =
            text.source().text().text().substring(heading.start(), heading.end()).strip();
        parts.add(
            new Part(
                text, firstSentence[at], end, title, heading.start(), parts(at + 1, next, end)));
      }
      at = next;
    }
    return parts;
  }
}
