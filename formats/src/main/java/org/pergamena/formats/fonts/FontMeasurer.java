package org.pergamena.formats.fonts;

import java.util.LinkedHashMap;
import java.util.Map;
import org.pergamena.core.layout.TextMeasurer;
import org.pergamena.core.layout.TextStyle;

/** Measures texts in the shipped faces, remembering those that it measured last. */
public final class FontMeasurer implements TextMeasurer {
  private static final int REMEMBERED = 20_000;

  private record Key(String text, TextStyle style) {}

  private final Map<Key, Double> widths =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Double> eldest) {
          return size() > REMEMBERED;
        }
      };

  @Override
  public double width(String text, TextStyle style) {
    synchronized (widths) {
      return widths.computeIfAbsent(new Key(text, style), FontMeasurer::measure);
    }
  }

  private static double measure(Key key) {
    return Lines.width(key.text(), key.style());
  }
}
