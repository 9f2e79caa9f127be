package org.pergamena.formats.pdf;

import java.util.HashSet;
import java.util.Set;
import org.apache.pdfbox.text.TextPosition;

/**
 * Letters that are printed twice at about the same place to look bold. A grid of places makes this
 * several times as fast as PDFBox's own search, which goes by neighbours on a line.
 */
final class Overprints {
  private static final float CELL = 1;

  /** Spreads neighbouring places over all hashes (Knuth's multiplicative hashing). */
  private static final long SPREAD = 0x9E3779B97F4A7C15L;

  private final Set<Long> printed = new HashSet<>();

  /** Whether the same letter stands within half a point on the page already. */
  boolean again(TextPosition position) {
    float x = position.getXDirAdj() / CELL;
    float y = position.getYDirAdj() / CELL;
    int letter = position.getUnicode() == null ? 0 : position.getUnicode().hashCode();
    int left = Math.round(x - 0.5f);
    int top = Math.round(y - 0.5f);
    for (int column = left; column <= left + 1; column++) {
      for (int row = top; row <= top + 1; row++) {
        if (printed.contains(key(letter, column, row))) {
          return true;
        }
      }
    }
    printed.add(key(letter, Math.round(x), Math.round(y)));
    return false;
  }

  private static long key(int letter, int column, int row) {
    long place = (long) letter << 32 ^ (column & 0xFFFFL) << 16 ^ row & 0xFFFFL;
    return place * SPREAD;
  }

  void clear() {
    printed.clear();
  }
}
