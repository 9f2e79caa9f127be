package org.pergamena.core.layout;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.look.Dressing;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.Typeface;

/** Scenes for tests, in a type of which every letter is eight pixels wide. */
final class Papers {
  static final TextMeasurer MEASURER = (text, style) -> text.length() * 8;

  static final Palette PALETTE =
      new Palette(
          "#ffffff",
          1,
          Typeface.BOOK,
          "#000000",
          "#666666",
          "#aa0000",
          List.of("#111111", "#222222", "#333333"),
          List.of("#010101", "#020202"),
          Map.of(Ink.WOAD, "#0000ff"));

  private Papers() {}

  static Scene scene(TopicMap map, Set<UUID> closed, LayoutKind kind) {
    var numbers = Numbering.of(map);
    Dressing dressing = Dressing.of(map, Support.of(map), List.of());
    return MapLayout.lay(
        new Sheet(
            laid(map, Arrangement.of(kind)),
            null,
            closed,
            t ->
                new TopicLook(
                    numbers.get(t.id()),
                    List.of(0, 1),
                    "thin",
                    "",
                    false,
                    false,
                    List.of(),
                    "",
                    List.of(),
                    dressing.styles().get(t.id())),
            new Typesetter(PALETTE, MEASURER)));
  }

  /** The same map laid out in another way. */
  static TopicMap laid(TopicMap map, Arrangement arrangement) {
    return map.apply(new LookChange.Arrange(map.look().with(arrangement))).map();
  }
}
