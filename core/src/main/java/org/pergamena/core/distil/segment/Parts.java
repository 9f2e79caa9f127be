package org.pergamena.core.distil.segment;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;

/** Divides sources into parts of a size that one topic can account for. */
public final class Parts {
  /** A part shorter than this many words is not divided further. */
  public static final int DIVISIBLE_WORDS = 420;

  private static final float CHILD_SHARE = 2 / 3f;

  /** Levels left where the children are the last, which are cut finer. */
  private static final int LAST = 2;

  private static final float LAST_SIZE = 0.6f;

  /** The share of a text that a main branch has at least. */
  private static final double LEAST_MAIN = 0.02;

  /** Words that a topic below a main branch has at least, and the share of an even part. */
  private static final int LEAST_WORDS = 40;

  private static final double LEAST_SHARE = 0.3;
  private static final int LONGEST_ANNOUNCEMENT = 60;
  private static final int MOST_CHILDREN = 7;

  private Parts() {}

  /**
   * A source as a tree of parts, by its headings if it has them.
   *
   * @param divisible a part without headings that is shorter than so many words is not divided
   * @param pulse run many times a second; it may throw to stop the work
   */
  public static Part of(
      Analysed text, int levels, int mainBranches, int divisible, Runnable pulse) {
    if (HeadingTree.divides(text)) {
      return divided(HeadingTree.root(text), levels, divisible, pulse);
    }
    Part whole = Part.plain(text, 0, text.sentences().size());
    return cut(whole, levels, mainBranches, divisible, pulse);
  }

  private static Part divided(Part part, int levels, int divisible, Runnable pulse) {
    if (levels <= 0) {
      return part.with(List.of());
    }
    if (part.children().isEmpty()) {
      return part.words() > 2 * divisible
          ? cut(part, levels, children(part, divisible), divisible, pulse)
          : part;
    }
    return part.with(
        part.children().stream()
            .map(child -> divided(child, levels - 1, divisible, pulse))
            .toList());
  }

  /** Cuts a part without headings into so many, and those again. */
  private static Part cut(Part part, int levels, int count, int divisible, Runnable pulse) {
    if (levels <= 0 || count < 2 || part.words() < divisible) {
      return part;
    }
    boolean main = part.words() == part.text().words(0, part.text().sentences().size());
    double least =
        main
            ? LEAST_MAIN * part.words()
            : Math.min(LEAST_WORDS, LEAST_SHARE * part.words() / count);
    List<Integer> starts =
        new Cohesion(part.text(), part.from(), part.to()).segments(count, (int) least, pulse);
    if (starts.size() < 2) {
      return part;
    }
    if (!main) {
      starts = withAnnouncements(part.text(), starts);
    }
    List<Part> children = new ArrayList<>();
    for (int i = 0; i < starts.size(); i++) {
      int end = i + 1 < starts.size() ? starts.get(i + 1) : part.to();
      Part child = Part.plain(part.text(), starts.get(i), end);
      int finer = levels == LAST ? (int) (LAST_SIZE * divisible) : divisible;
      children.add(cut(child, levels - 1, children(child, finer), finer, pulse));
    }
    return part.with(children);
  }

  /** The same with a short paragraph before that ends in a colon, as what it announces follows. */
  static List<Integer> withAnnouncements(Analysed text, List<Integer> starts) {
    List<Sentence> sentences = text.sentences();
    List<Integer> moved = new ArrayList<>(starts.subList(0, 1));
    for (int start : starts.subList(1, starts.size())) {
      int first = start - 1;
      while (first > 0 && sentences.get(first - 1).block() == sentences.get(start - 1).block()) {
        first--;
      }
      boolean announced =
          sentences.get(start - 1).announces()
              && sentences.get(start).block() != sentences.get(first).block()
              && first > moved.get(moved.size() - 1)
              && text.words(first, start) <= LONGEST_ANNOUNCEMENT;
      moved.add(announced ? first : start);
    }
    return moved;
  }

  private static int children(Part part, int divisible) {
    return Math.min(MOST_CHILDREN, Math.round(part.words() / (CHILD_SHARE * divisible)));
  }
}
