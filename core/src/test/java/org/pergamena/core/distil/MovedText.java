package org.pergamena.core.distil;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;

/** Source texts made from others. */
final class MovedText {
  private MovedText() {}

  /** A text with a paragraph put before it. */
  static SourceText by(String before, SourceText text) {
    List<Block> blocks = new ArrayList<>();
    blocks.add(new Block(0, before.strip().length(), Block.Kind.PARAGRAPH, 0));
    for (Block block : text.blocks()) {
      blocks.add(
          new Block(
              block.start() + before.length(),
              block.end() + before.length(),
              block.kind(),
              block.level()));
    }
    return new SourceText(before + text.text(), blocks, List.of(), List.of(), List.of());
  }

  static SourceText none() {
    return new SourceText("", List.of(), List.of(), List.of(), List.of());
  }
}
