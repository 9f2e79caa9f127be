package org.pergamena.core.reply;

import java.nio.charset.Charset;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;
import java.util.Set;

/**
 * The text of RTF (specification 1.9.1) as lines, indented as its paragraphs are and with the marks
 * of its lists: what word processors put on the clipboard. Readers of whole documents drop the
 * levels of lists, which are all that counts here.
 */
final class RtfText {
  private static final int TWIPS = 360;
  private static final int DEEPEST = 20;
  private static final Charset ANSI = Charset.forName("windows-1252");

  /** Groups whose text is none of the document's. */
  private static final Set<String> ASIDE =
      Set.of(
          "fonttbl",
          "colortbl",
          "stylesheet",
          "info",
          "pict",
          "listtable",
          "listoverridetable",
          "header",
          "footer",
          "headerl",
          "headerr",
          "footerl",
          "footerr",
          "generator",
          "object",
          "themedata",
          "datastore",
          "rsidtbl",
          "xmlnstbl",
          "latentstyles",
          "fldinst",
          "pntext");

  private static final class Group {
    private boolean aside;
    private int skip = 1;

    Group copy() {
      Group copy = new Group();
      copy.aside = aside;
      copy.skip = skip;
      return copy;
    }
  }

  private final String rtf;
  private final StringBuilder out = new StringBuilder();
  private final StringBuilder line = new StringBuilder();
  private final Deque<Group> groups = new ArrayDeque<>();
  private Group group = new Group();
  private int indent;
  private int level = -1;
  private boolean listed;
  private int at;
  private int swallow;

  private RtfText(String rtf) {
    this.rtf = rtf;
  }

  static boolean is(String text) {
    return text.stripLeading().startsWith("{\\rtf");
  }

  static String of(String rtf) {
    RtfText reader = new RtfText(rtf);
    reader.read();
    return reader.out.toString();
  }

  private void read() {
    while (at < rtf.length()) {
      char c = rtf.charAt(at++);
      switch (c) {
        case '{' -> {
          groups.push(group);
          group = group.copy();
        }
        case '}' -> group = groups.isEmpty() ? group : groups.pop();
        case '\\' -> control();
        case '\n' -> {}
        default -> put(c);
      }
    }
    paragraph();
  }

  private void put(char c) {
    if (swallow > 0) {
      swallow--;
    } else if (!group.aside) {
      line.append(c);
    }
  }

  private void control() {
    if (at >= rtf.length()) {
      return;
    }
    char c = rtf.charAt(at);
    if (c == '\'') {
      hex();
    } else if (!Character.isLetter(c)) {
      at++;
      symbol(c);
    } else {
      int from = at;
      while (at < rtf.length() && rtf.charAt(at) < 128 && Character.isLetter(rtf.charAt(at))) {
        at++;
      }
      at = at == from ? at + 1 : at;
      String word = rtf.substring(from, at).toLowerCase(Locale.ROOT);
      Integer value = value();
      word(word, value);
    }
  }

  private Integer value() {
    int from = at;
    if (at < rtf.length() && rtf.charAt(at) == '-') {
      at++;
    }
    while (at < rtf.length() && at - from < 9 && rtf.charAt(at) >= '0' && rtf.charAt(at) <= '9') {
      at++;
    }
    String digits = rtf.substring(from, at);
    if (at < rtf.length() && rtf.charAt(at) == ' ') {
      at++;
    }
    return digits.isEmpty() || digits.equals("-") ? null : Integer.valueOf(digits);
  }

  private void hex() {
    if (at + 3 <= rtf.length()) {
      int code =
          Character.digit(rtf.charAt(at + 1), 16) * 16 + Character.digit(rtf.charAt(at + 2), 16);
      at += 3;
      if (code > 0) {
        put(new String(new byte[] {(byte) code}, ANSI).charAt(0));
      }
    } else {
      at = rtf.length();
    }
  }

  private void symbol(char c) {
    switch (c) {
      case '~' -> put(' ');
      case '_' -> put('-');
      case '*' -> group.aside = true;
      case '\\', '{', '}' -> put(c);
      case '\n' -> paragraph();
      default -> {}
    }
  }

  private void word(String word, Integer value) {
    switch (word) {
      case "par", "sect", "page", "row" -> paragraph();
      case "line" -> put(' ');
      case "tab", "cell" -> put('\t');
      case "emdash" -> put('\u2014');
      case "endash" -> put('\u2013');
      case "lquote" -> put('\u2018');
      case "rquote" -> put('\u2019');
      case "ldblquote" -> put('\u201c');
      case "rdblquote" -> put('\u201d');
      case "bullet" -> put('\u2022');
      case "pard" -> {
        indent = 0;
        level = -1;
        listed = false;
      }
      case "li" -> indent = value == null ? 0 : Math.max(0, value / TWIPS);
      case "ilvl" -> level = value == null ? 0 : value;
      case "ls" -> listed = true;
      case "uc" -> group.skip = value == null ? 1 : Math.min(8, Math.max(0, value));
      case "u" -> {
        if (value != null) {
          put((char) (value < 0 ? value + 65_536 : value));
          swallow = group.skip;
        }
      }
      case "listtext" -> {
        group.aside = true;
        listed = true;
      }
      default -> group.aside |= ASIDE.contains(word);
    }
  }

  private void paragraph() {
    String words = line.toString().strip();
    line.setLength(0);
    if (words.isEmpty()) {
      out.append('\n');
      return;
    }
    int depth = Math.min(DEEPEST, level >= 0 ? level : indent);
    boolean marked = Shapes.marked(words);
    out.append("  ".repeat(depth)).append(listed && !marked ? "- " : "").append(words).append('\n');
  }
}
