package org.pergamena.core.publish;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.pergamena.core.reference.Citation;
import org.pergamena.core.reference.Citations;

/** Words the citations that stand in the notes of a report. */
final class Cited {
  private final Function<Citation, List<Block.Run>> worded;

  /**
   * Words them.
   *
   * @param worded the words of a citation, none if it names no work that is known
   */
  Cited(Function<Citation, List<Block.Run>> worded) {
    this.worded = worded;
  }

  List<Block> in(List<Block> blocks) {
    return blocks.stream().map(this::in).toList();
  }

  private Block in(Block block) {
    if (block instanceof Block.Paragraph paragraph) {
      return new Block.Paragraph(paragraph.kind(), runs(joined(paragraph.runs())));
    } else if (block instanceof Block.Items items) {
      return new Block.Items(items.ordered(), items.items().stream().map(this::in).toList());
    } else if (block instanceof Block.Quoted quoted) {
      return new Block.Quoted(in(quoted.blocks()));
    }
    return block;
  }

  /** Neighbours in the same manner as one, as brackets are read as words of their own. */
  private static List<Block.Run> joined(List<Block.Run> runs) {
    List<Block.Run> joined = new ArrayList<>();
    for (Block.Run run : runs) {
      Block.Run last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
      if (last != null && last.saying("").equals(run.saying(""))) {
        joined.set(joined.size() - 1, last.saying(last.words() + run.words()));
      } else {
        joined.add(run);
      }
    }
    return joined;
  }

  private List<Block.Run> runs(List<Block.Run> runs) {
    List<Block.Run> all = new ArrayList<>();
    for (Block.Run run : runs) {
      int done = 0;
      for (Citations.Found found : Citations.in(run.words())) {
        List<Block.Run> words = worded.apply(found.citation());
        if (!words.isEmpty()) {
          String before = run.words().substring(done, found.start());
          boolean noted = !words.get(0).footnote().isEmpty();
          add(all, run.saying(noted ? before.stripTrailing() : before));
          all.addAll(words);
          done = found.end();
        }
      }
      add(all, run.saying(run.words().substring(done)));
    }
    return all;
  }

  private static void add(List<Block.Run> all, Block.Run run) {
    if (!run.words().isEmpty() || !run.footnote().isEmpty()) {
      all.add(run);
    }
  }
}
