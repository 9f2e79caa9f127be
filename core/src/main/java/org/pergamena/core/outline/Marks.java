package org.pergamena.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.outline.Outline.Repair;

/**
 * The marks before list items, which tell levels where indentation does not: at one indentation
 * what begins with another kind of mark stands below.
 */
final class Marks {
  /** What stands before an item that is not counted. */
  static final String BULLETS =
      "[-*+\u2022\u2013\u25cf\u25e6\u25cb\u25aa\u25ab\u25a0\u2023\u00b7\u2219]";

  /** An item that is counted: by what, and its words. */
  static final Pattern ORDERED =
      Pattern.compile("(?s)\\(?([0-9]{1,3}|[a-zA-Z]|[ivxIVX]{1,4})[.)]\\s++(.*)");

  private enum Kind {
    PLAIN,
    DOT,
    RING,
    SQUARE,
    DIGIT,
    UPPER_ROMAN,
    LOWER_ROMAN,
    UPPER,
    LOWER
  }

  private record Open(int depth, Kind kind) {}

  private final List<Open> open = new ArrayList<>();
  private boolean told;

  /** How many levels deeper than its indentation an item stands. */
  int deeper(int number, int depth, String words, List<Repair> repairs) {
    while (!open.isEmpty() && open.get(open.size() - 1).depth() > depth) {
      open.remove(open.size() - 1);
    }
    Kind kind = kind(words, depth);
    int at = open.indexOf(new Open(depth, kind));
    if (at >= 0) {
      open.subList(at + 1, open.size()).clear();
    } else {
      boolean beside = !open.isEmpty() && open.get(open.size() - 1).depth() == depth;
      if (beside && !told) {
        told = true;
        repairs.add(
            new Repair(
                number, "not indented under the line above, taken as below it for its other mark"));
      }
      open.add(new Open(depth, kind));
    }
    return open.size() - (int) open.stream().mapToInt(Open::depth).distinct().count();
  }

  private Kind kind(String words, int depth) {
    Matcher ordinal = ORDERED.matcher(words);
    if (ordinal.matches()) {
      return counted(ordinal.group(1), depth);
    }
    return switch (words.charAt(0)) {
      case '\u2022', '\u25cf', '\u00b7', '\u2219' -> Kind.DOT;
      case '\u25e6', '\u25cb' -> Kind.RING;
      case '\u25aa', '\u25ab', '\u25a0' -> Kind.SQUARE;
      default -> Kind.PLAIN;
    };
  }

  private Kind counted(String ordinal, int depth) {
    if (Character.isDigit(ordinal.charAt(0))) {
      return Kind.DIGIT;
    }
    boolean upper = Character.isUpperCase(ordinal.charAt(0));
    Kind letters = upper ? Kind.UPPER : Kind.LOWER;
    boolean spelling = open.contains(new Open(depth, letters)) && ordinal.length() == 1;
    boolean roman = !spelling && ordinal.matches("[ivxIVX]+");
    return roman ? upper ? Kind.UPPER_ROMAN : Kind.LOWER_ROMAN : letters;
  }

  /** Another heading: what was open before does not count. */
  void clear() {
    open.clear();
  }
}
