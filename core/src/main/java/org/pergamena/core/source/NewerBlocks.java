package org.pergamena.core.source;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What a newer text says that the one before did not. */
public final class NewerBlocks {
  private NewerBlocks() {}

  /**
   * The blocks of the newer text whose words no block of the older one has, headings among them.
   */
  public static List<Span> of(SourceText older, SourceText newer) {
    Set<String> known = new HashSet<>();
    older.blocks().forEach(block -> known.add(plain(older, block)));
    return newer.blocks().stream()
        .filter(block -> !known.contains(plain(newer, block)))
        .map(Block::span)
        .toList();
  }

  private static String plain(SourceText text, Block block) {
    return text.words(block).replaceAll("\\s+", " ").strip();
  }
}
