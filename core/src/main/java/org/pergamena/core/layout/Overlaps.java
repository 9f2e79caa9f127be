package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Which boxes meet, told by the squares of a grid that they lie in: each looks at few others. */
final class Overlaps {
  private static final double SQUARE = 120;

  private Overlaps() {}

  private record Square(long x, long y) {}

  /** Which of some boxes share some area with another, by their places among them. */
  static BitSet among(List<Box> boxes) {
    Map<Square, List<Integer>> squares = new HashMap<>(2 * boxes.size());
    BitSet found = new BitSet(boxes.size());
    for (int i = 0; i < boxes.size(); i++) {
      Box box = boxes.get(i);
      for (long x = at(box.x()); x <= at(box.right()); x++) {
        for (long y = at(box.y()); y <= at(box.bottom()); y++) {
          List<Integer> there = squares.computeIfAbsent(new Square(x, y), key -> new ArrayList<>());
          for (int other : there) {
            if (boxes.get(other).overlaps(box)) {
              found.set(i);
              found.set(other);
            }
          }
          there.add(i);
        }
      }
    }
    return found;
  }

  private static long at(double pixels) {
    return (long) Math.floor(pixels / SQUARE);
  }
}
