package org.pergamena.core.source;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import com.github.difflib.patch.DeltaType;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Finds passages and stretches of a text again in a newer version of it: passages by their exact
 * words and context, or where these have changed by the words that are left; stretches by the
 * paragraphs that the two versions have in common.
 *
 * <pre>{@code
 * Optional<Span> now = new Anchoring(before, after).find(passage);
 * }</pre>
 */
public final class Anchoring {
  private final SourceText before;
  private final SourceText after;

  /** For each block before, the blocks after that it became: first and one past the last. */
  private final int[][] became;

  private final FuzzyFinder fuzzy;

  public Anchoring(SourceText before, SourceText after) {
    this.before = before;
    this.after = after;
    this.became = became(words(before), words(after));
    this.fuzzy = new FuzzyFinder(after.text());
  }

  private static List<String> words(SourceText text) {
    return text.blocks().stream().map(text::words).toList();
  }

  private static int[][] became(List<String> before, List<String> after) {
    int[][] became = new int[before.size()][2];
    int from = 0;
    int to = 0;
    for (AbstractDelta<String> delta : DiffUtils.diff(before, after).getDeltas()) {
      int start = delta.getSource().getPosition();
      while (from < start) {
        became[from++] = new int[] {to, ++to};
      }
      int target = delta.getTarget().getPosition();
      int size = delta.getTarget().size();
      for (int i = 0; i < delta.getSource().size(); i++) {
        became[from++] =
            delta.getType() == DeltaType.CHANGE
                ? new int[] {target, target + size}
                : new int[] {target, target};
      }
      to = target + size;
    }
    while (from < before.size()) {
      became[from++] = new int[] {to, ++to};
    }
    return became;
  }

  /**
   * Where a passage stands now.
   *
   * @return empty if fewer than seven in ten of its words are found together
   */
  public Optional<Span> find(Passage passage) {
    int expected = passage.anchored() ? expected(passage.start()) : 0;
    Span best = null;
    long least = Long.MAX_VALUE;
    int at = after.text().indexOf(passage.exact());
    while (at >= 0) {
      Span span = new Span(at, at + passage.exact().length());
      long off = Math.abs((long) at - expected) - agreement(passage, span) * (long) 1_000_000;
      if (off < least) {
        least = off;
        best = span;
      }
      at = after.text().indexOf(passage.exact(), at + 1);
    }
    return best != null ? Optional.of(best) : fuzzy.find(passage.exact(), expected);
  }

  /** How many code units of the words before and after it are as they were. */
  private int agreement(Passage passage, Span span) {
    String text = after.text();
    int same = 0;
    for (int i = 1; i <= Math.min(passage.prefix().length(), span.start()); i++) {
      if (passage.prefix().charAt(passage.prefix().length() - i) != text.charAt(span.start() - i)) {
        break;
      }
      same++;
    }
    for (int i = 0; i < Math.min(passage.suffix().length(), text.length() - span.end()); i++) {
      if (passage.suffix().charAt(i) != text.charAt(span.end() + i)) {
        break;
      }
      same++;
    }
    return same;
  }

  private int expected(int offset) {
    int block = blockAt(offset);
    if (block < 0 || after.blocks().isEmpty()) {
      return 0;
    }
    int[] now = became[block];
    int index = Math.min(now[0], after.blocks().size() - 1);
    return after.blocks().get(index).start() + offset - before.blocks().get(block).start();
  }

  private int blockAt(int offset) {
    int[] starts = before.blocks().stream().mapToInt(Block::start).toArray();
    int found = Arrays.binarySearch(starts, offset);
    return found >= 0 ? found : -found - 2;
  }

  /** What a stretch of the text before has become; parts that are gone have become nothing. */
  public List<Span> carried(Span stretch) {
    List<Span> carried = new ArrayList<>();
    for (int i = 0; i < before.blocks().size(); i++) {
      Block block = before.blocks().get(i);
      if (block.span().overlaps(stretch)) {
        for (int j = became[i][0]; j < became[i][1]; j++) {
          carried.add(part(block, after.blocks().get(j), stretch));
        }
      }
    }
    return joinedAcrossGaps(carried);
  }

  /** All of a block, or the same part of it where its words are the same. */
  private Span part(Block old, Block now, Span stretch) {
    if (!before.words(old).equals(after.words(now))) {
      return now.span();
    }
    int from = Math.max(stretch.start(), old.start()) - old.start();
    int to = Math.min(stretch.end(), old.end()) - old.start();
    return new Span(now.start() + from, now.start() + to);
  }

  /** Neighbours with nothing but white space between them as one. */
  private List<Span> joinedAcrossGaps(List<Span> spans) {
    List<Span> joined = new ArrayList<>();
    for (Span next : Spans.union(spans)) {
      Span last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
      if (last != null && after.text().substring(last.end(), next.start()).isBlank()) {
        joined.set(joined.size() - 1, new Span(last.start(), next.end()));
      } else {
        joined.add(next);
      }
    }
    return joined;
  }
}
