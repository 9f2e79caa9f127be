package org.pergamena.core.layout;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Style;

/**
 * Sets topics in type with one palette and one measurer. What is set the same is the same object,
 * so that two scenes of a map before and after an edit are compared quickly. Safe for several
 * threads.
 */
public final class Typesetter {
  private static final int REMEMBERED = 30_000;

  /** All that the type of a topic depends on. */
  private record Key(String label, Integer width, TopicLook look, TopicBlock.Setting setting) {}

  private final Palette palette;
  private final TextMeasurer measurer;
  private final Map<Key, TopicBlock> blocks = new ConcurrentHashMap<>();

  public Typesetter(Palette palette, TextMeasurer measurer) {
    this.palette = palette;
    this.measurer = measurer;
  }

  /** The contrast of a label with what is behind it, if that is too little; else null. */
  public Double poorContrast(Style style, int branch) {
    if (style.ink() == null && style.ground() == null) {
      return null;
    }
    String behind = style.ground() == null ? palette.ground() : palette.colour(style.ground());
    double ratio = Contrast.ratio(palette.labelled(style, branch), behind);
    return ratio >= Contrast.LEAST ? null : Math.floor(ratio * 10) / 10;
  }

  /** The colours that it paints with. */
  public Palette palette() {
    return palette;
  }

  /** Width of a line in scene pixels. */
  double width(String text, TextStyle style) {
    return measurer.width(text, style);
  }

  TopicBlock set(Content content, TopicLook look, TopicBlock.Setting setting) {
    Key key = new Key(content.label(), content.look().width(), look, setting);
    TopicBlock block = blocks.get(key);
    if (block == null) {
      block = TopicBlock.set(content, look, setting, palette, measurer);
      if (blocks.size() >= REMEMBERED) {
        blocks.clear();
      }
      blocks.put(key, block);
    }
    return block;
  }
}
