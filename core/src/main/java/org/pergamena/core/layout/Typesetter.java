package org.pergamena.core.layout;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Ink;

/**
 * Sets topics in type with one palette and one measurer. What is set the same is the same object,
 * so that two scenes of a map before and after an edit are compared quickly. Safe for several
 * threads.
 */
public final class Typesetter {
  private static final int REMEMBERED = 30_000;

  /** All that the type of a topic depends on. */
  private record Key(String label, Ink ink, TopicLook look, TopicBlock.Setting setting) {}

  private final Palette palette;
  private final TextMeasurer measurer;
  private final Map<Key, TopicBlock> blocks = new ConcurrentHashMap<>();

  public Typesetter(Palette palette, TextMeasurer measurer) {
    this.palette = palette;
    this.measurer =
        palette.plain() ? (text, style) -> measurer.width(text, style.plain()) : measurer;
  }

  Palette palette() {
    return palette;
  }

  /** Width of a line in scene pixels. */
  double width(String text, TextStyle style) {
    return measurer.width(text, style);
  }

  private TopicBlock plain(TopicBlock block) {
    return palette.plain()
        ? new TopicBlock(
            block.width(),
            block.height(),
            block.axis(),
            block.items().stream().map(this::plain).toList())
        : block;
  }

  /** The same without serifs, where the palette says so. */
  Item plain(Item item) {
    return palette.plain() && item instanceof Item.Words words
        ? new Item.Words(
            words.role(), words.text(), words.x(), words.y(), words.style().plain(), words.fill())
        : item;
  }

  TopicBlock set(Content content, TopicLook look, TopicBlock.Setting setting) {
    Key key = new Key(content.label(), content.look().ink(), look, setting);
    TopicBlock block = blocks.get(key);
    if (block == null) {
      block = plain(TopicBlock.set(content, look, setting, palette, measurer));
      if (blocks.size() >= REMEMBERED) {
        blocks.clear();
      }
      blocks.put(key, block);
    }
    return block;
  }
}
