package org.pergamena.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.pergamena.core.outline.Outline.Repair;

/**
 * A line of Markdown without its marks, taken off by going through the line once for each kind, so
 * that no line costs more than its length.
 *
 * @param links addresses that the line linked to
 * @param unclosed a mark that was opened and not closed, or null
 */
record Markup(String text, List<String> links, String unclosed) {
  private static final Pattern BOX = Pattern.compile("^\\[[ xX]]\\s+");
  private static final Pattern BLANKS = Pattern.compile("\\s+");
  private static final List<String> MARKS = List.of("***", "**", "__", "~~", "`", "*", "_");

  /** Within words it is a letter among others. */
  private static final String WORDLIKE = "_";

  static Markup of(String line) {
    List<String> links = new ArrayList<>();
    String text = BOX.matcher(line.strip()).replaceFirst("");
    text = withoutLinks(text, links);
    text = withoutAngles(text, links);
    String unclosed = null;
    String whole = withoutHalf(text);
    if (!whole.equals(text)) {
      unclosed = "[\u2026](";
      text = whole;
    }
    for (String mark : MARKS) {
      text = withoutPairs(text, mark);
      if (!mark.equals(WORDLIKE) && text.contains(mark) && !text.contains(" " + mark + " ")) {
        unclosed = unclosed == null ? mark : unclosed;
        text = text.replace(mark, "");
      }
    }
    String words = BLANKS.matcher(text.strip()).replaceAll(" ");
    return new Markup(words, List.copyOf(links), unclosed);
  }

  /** Links and images, {@code [words](address "title")}, become their words. */
  private static String withoutLinks(String text, List<String> links) {
    StringBuilder out = new StringBuilder();
    Ahead opening = new Ahead(text, '[');
    Ahead closing = new Ahead(text, ']');
    Ahead ending = new Ahead(text, ')');
    int done = 0;
    int open = opening.from(0);
    while (open < text.length()) {
      int close = closing.from(open + 1);
      boolean addressed = text.startsWith("](", close);
      int end = addressed ? ending.from(close + 2) : text.length();
      if (end < text.length()) {
        boolean image = open > done && text.charAt(open - 1) == '!';
        out.append(text, done, image ? open - 1 : open).append(text, open + 1, close);
        links.add(word(text.substring(close + 2, end)));
        done = end + 1;
      }
      open = opening.from(Math.max(done, open + 1));
    }
    return out.append(text, done, text.length()).toString();
  }

  private static String word(String words) {
    return words.substring(0, new Ahead(words, Character::isWhitespace).from(0));
  }

  /** Addresses between angles lose these. */
  private static String withoutAngles(String text, List<String> links) {
    StringBuilder out = new StringBuilder();
    Ahead opening = new Ahead(text, '<');
    Ahead ending = new Ahead(text, c -> c == '>' || Character.isWhitespace(c));
    int done = 0;
    for (int open = opening.from(0); open < text.length(); open = opening.from(open + 1)) {
      boolean address =
          text.startsWith("http://", open + 1) || text.startsWith("https://", open + 1);
      int end = address ? ending.from(open + 1) : text.length();
      if (end < text.length() && text.charAt(end) == '>') {
        String found = text.substring(open + 1, end);
        out.append(text, done, open).append(found);
        links.add(found);
        done = end + 1;
      }
    }
    return out.append(text, done, text.length()).toString();
  }

  /** What is left of a link whose address does not end. */
  private static String withoutHalf(String text) {
    int last = text.lastIndexOf(')');
    Ahead opening = new Ahead(text, '[');
    Ahead closing = new Ahead(text, ']');
    for (int open = opening.from(0); open < text.length(); open = opening.from(open + 1)) {
      int close = closing.from(open + 1);
      if (text.startsWith("](", close) && last < close) {
        return text.substring(0, open) + text.substring(open + 1, close);
      }
    }
    return text;
  }

  /** Words between two marks, with no blank within beside them, lose the marks. */
  private static String withoutPairs(String text, String mark) {
    StringBuilder out = new StringBuilder();
    int done = 0;
    for (int open = opens(text, mark, 0); open >= 0; open = opens(text, mark, done)) {
      int words = open + mark.length();
      int close = closes(text, mark, words + 1);
      if (close < 0) {
        break;
      }
      out.append(text, done, open).append(text, words, close);
      done = close + mark.length();
    }
    return out.append(text, done, text.length()).toString();
  }

  private static int opens(String text, String mark, int from) {
    int at = text.indexOf(mark, from);
    while (at >= 0 && (blank(text, at + mark.length()) || within(text, mark, at - 1))) {
      at = text.indexOf(mark, at + 1);
    }
    return at;
  }

  private static int closes(String text, String mark, int from) {
    int at = text.indexOf(mark, from);
    while (at >= 0 && (blank(text, at - 1) || within(text, mark, at + mark.length()))) {
      at = text.indexOf(mark, at + 1);
    }
    return at;
  }

  private static boolean blank(String text, int at) {
    return at >= text.length() || Character.isWhitespace(text.charAt(at));
  }

  private static boolean within(String text, String mark, int beside) {
    return mark.equals(WORDLIKE)
        && beside >= 0
        && beside < text.length()
        && Character.isLetterOrDigit(text.charAt(beside));
  }

  Optional<Repair> repair(int line) {
    return Optional.ofNullable(unclosed)
        .map(mark -> new Repair(line, "\"" + mark + "\" is not closed, taken away"));
  }

  /** The addresses as lines of a note. */
  String linksOnOwnLines() {
    StringBuilder lines = new StringBuilder();
    links.stream().filter(l -> !l.isBlank()).forEach(l -> lines.append('\n').append(l));
    return lines.toString();
  }
}
