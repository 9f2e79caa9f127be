package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Whether boxes meet, told by the squares of a grid that they lie in: each looks at few others. */
final class Overlaps {
  private static final double SQUARE = 120;

  private Overlaps() {}

  private record Square(long x, long y) {}

  /** Whether any two of some boxes share some area. */
  static boolean any(List<Box> boxes) {
    Map<Square, List<Box>> squares = new HashMap<>(2 * boxes.size());
    for (Box box : boxes) {
      for (long x = at(box.x()); x <= at(box.right()); x++) {
        for (long y = at(box.y()); y <= at(box.bottom()); y++) {
          List<Box> there = squares.computeIfAbsent(new Square(x, y), key -> new ArrayList<>());
          for (Box other : there) {
            if (other != box && other.overlaps(box)) {
              return true;
            }
          }
          there.add(box);
        }
      }
    }
    return false;
  }

  private static long at(double pixels) {
    return (long) Math.floor(pixels / SQUARE);
  }
}
