package org.pergamena.core.language;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.pergamena.core.source.Span;

/**
 * References to literature in running text: author and year, author and page, a number of a list,
 * or the same place again, in brackets.
 */
public final class InTextReference {
  private static final int LONGEST = 200;

  /** Where in a work, or the same work again. */
  private static final Pattern PLACE =
      Pattern.compile(
          "(?<!\\p{L})(?:(?:pp?|s|fol|vol|ch)\\.\\s*\\d|ibid|op\\.\\s*cit|loc\\.\\s*cit"
              + "|quoted (?:by|in)|cited (?:by|in))",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);

  private static final String NAME =
      "(?:\\p{Lu}[\\p{L}'\\u2019.-]*|and|et|al\\.?|&|und|y|e|von|van|der|de|la|see|cf\\.|vgl\\.)";
  private static final Pattern YEAR =
      Pattern.compile(
          NAME + "(?:[,;]?\\s" + NAME + "){0,8}+,?\\s(?:1[5-9]|20)\\d\\d[a-z]?(?:\\s*[,;:].*+)?");
  private static final Pattern NUMBERS =
      Pattern.compile("\\d{1,4}(?:\\s*[,;\\u2013-]\\s*\\d{1,4}){0,20}+");

  private InTextReference() {}

  /** All of them in a part of a text, brackets included. */
  public static List<Span> in(String text, int start, int end) {
    List<Span> found = new ArrayList<>();
    int at = start;
    while (at < end) {
      int to = end(text, at, end);
      if (to > 0) {
        found.add(new Span(at, to));
      }
      at = to > 0 ? to : at + 1;
    }
    return found;
  }

  /** Where the one that begins at a place ends; -1 if none begins there. */
  private static int end(String text, int at, int limit) {
    char open = text.charAt(at);
    if (open != '[' && open != '(') {
      return -1;
    }
    char close = open == '[' ? ']' : ')';
    int last = Math.min(limit, at + LONGEST);
    for (int i = at + 1; i < last && text.charAt(i) != open; i++) {
      if (text.charAt(i) == close) {
        return refers(text.substring(at + 1, i).strip(), open == '[') ? i + 1 : -1;
      }
    }
    return -1;
  }

  private static boolean refers(String inside, boolean square) {
    return PLACE.matcher(inside).find()
        || YEAR.matcher(inside).matches()
        || square && NUMBERS.matcher(inside).matches();
  }
}
