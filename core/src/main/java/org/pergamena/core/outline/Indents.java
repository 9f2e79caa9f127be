package org.pergamena.core.outline;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import org.pergamena.core.outline.Outline.Repair;

/** How deep lines are indented, by tabs or by whatever number of spaces they use. */
final class Indents {
  private static final int TAB = 4;

  /** Widths of the levels that are open, each deeper than the one before. */
  private final Deque<Integer> open = new ArrayDeque<>();

  private int step;
  private Boolean tabs;

  /** The level of a line, from 1. */
  int depth(int number, String line, List<Repair> repairs) {
    String blank = line.substring(0, line.length() - line.stripLeading().length());
    int width = width(blank);
    boolean mixed = false;
    if (!blank.isEmpty()) {
      boolean tabbed = blank.indexOf('\t') >= 0;
      mixed = tabs != null && tabs != tabbed || tabbed && blank.indexOf(' ') >= 0;
      tabs = tabs == null ? tabbed : tabs;
    }
    while (!open.isEmpty() && open.peek() > width) {
      open.pop();
    }
    int jumped = 0;
    if (open.isEmpty() || open.peek() < width) {
      int above = open.isEmpty() ? 0 : open.peek();
      int deeper = width - above;
      if (!open.isEmpty()) {
        step = step == 0 ? deeper : Math.min(step, deeper);
        jumped = Math.max(0, deeper / Math.max(1, step) - 1);
      }
      open.push(width);
    }
    if (mixed) {
      repairs.add(
          new Repair(
              number,
              "tabs and spaces are mixed, taken as "
                  + spelt(open.size() - 1)
                  + levels(open.size())));
    }
    return open.size() + (mixed ? 0 : jumped);
  }

  private static String levels(int open) {
    return open == 2 ? " level of indentation" : " levels of indentation";
  }

  private static int width(String blank) {
    int width = 0;
    for (char c : blank.toCharArray()) {
      width = c == '\t' ? (width / TAB + 1) * TAB : width + 1;
    }
    return width;
  }

  /** Another heading: what was indented before does not count. */
  void clear() {
    open.clear();
  }

  /** A small number in words. */
  static String spelt(int number) {
    String[] words = {"no", "one", "two", "three", "four", "five", "six"};
    return number >= 0 && number < words.length ? words[number] : String.valueOf(number);
  }
}
