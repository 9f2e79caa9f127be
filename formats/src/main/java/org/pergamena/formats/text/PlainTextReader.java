package org.pergamena.formats.text;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;

/** Reads plain text: paragraphs parted by blank lines, lines within them joined. */
public final class PlainTextReader {
  private static final Pattern ITEM =
      Pattern.compile("[-*\u2022\u2013][ \t]+.*|\\(?[a-z0-9]{1,2}[.)][ \t]+\\S.*", Pattern.DOTALL);
  private static final Pattern UNDERLINE = Pattern.compile("[ \t]*(={3,}|-{3,}|~{3,})[ \t]*");
  private static final Pattern NUMBERED =
      Pattern.compile("\\d++(?:\\.\\d++)*+[.)]? \\p{Lu}[^\n]{1,90}(?<![.,;:!?])");
  private static final int LONGEST_HEADING = 120;
  private static final int LONG_LINES = 120;

  private final SourceTextBuilder source = new SourceTextBuilder();
  private final StringBuilder words = new StringBuilder();
  private int first;

  private PlainTextReader() {}

  /**
   * Never fails; text without blank lines is one paragraph a line where lines are long. A line that
   * is underlined, or numbered like a chapter and not a sentence, is a heading.
   */
  public static ReadSource read(String text) {
    PlainTextReader reader = new PlainTextReader();
    reader.lines(List.of(text.split("\n", -1)));
    return ReadSource.of(SourceKind.TEXT, Facts.NONE, reader.source.build());
  }

  private void lines(List<String> lines) {
    boolean joined =
        lines.stream().map(String::strip).anyMatch(String::isEmpty) || !longLines(lines);
    boolean numbered = numbered(lines) >= 2;
    for (int i = 0; i < lines.size(); i++) {
      String line = lines.get(i).replace('\u00a0', ' ').strip();
      boolean alone = words.isEmpty() && (i + 1 == lines.size() || lines.get(i + 1).isBlank());
      Matcher under = UNDERLINE.matcher(i + 1 < lines.size() ? lines.get(i + 1) : "");
      if (line.isEmpty()) {
        flush();
      } else if (words.isEmpty() && line.length() <= LONGEST_HEADING && under.matches()) {
        source.block(Block.Kind.HEADING, level(under.group(1).charAt(0)), line);
        i++;
      } else if (numbered && alone && NUMBERED.matcher(line).matches()) {
        source.block(Block.Kind.HEADING, numberDepth(line), line);
      } else {
        add(line, i, joined);
      }
    }
    flush();
  }

  private void add(String line, int index, boolean joined) {
    if (!words.isEmpty() && (!joined || ITEM.matcher(line).matches() && isItem())) {
      flush();
    }
    first = words.isEmpty() ? index + 1 : first;
    words.append(words.isEmpty() ? "" : " ").append(line);
  }

  private boolean isItem() {
    return ITEM.matcher(words).matches();
  }

  private void flush() {
    source.block(
        isItem() ? Block.Kind.ITEM : Block.Kind.PARAGRAPH, 0, words.toString(), "line " + first);
    words.setLength(0);
  }

  private static int level(char mark) {
    return mark == '=' ? 1 : mark == '-' ? 2 : 3;
  }

  private static int numbered(List<String> lines) {
    int found = 0;
    for (int i = 0; i < lines.size(); i++) {
      boolean alone =
          (i == 0 || lines.get(i - 1).isBlank())
              && (i + 1 == lines.size() || lines.get(i + 1).isBlank());
      found += alone && NUMBERED.matcher(lines.get(i).strip()).matches() ? 1 : 0;
    }
    return found;
  }

  /** 1 for {@code 2 Title}, 2 for {@code 2.1 Title}. */
  private static int numberDepth(String words) {
    String number = words.substring(0, words.indexOf(' ')).replaceAll("[.)]$", "");
    return Math.min(6, (int) number.chars().filter(c -> c == '.').count() + 1);
  }

  private static boolean longLines(List<String> lines) {
    return lines.stream().mapToInt(String::length).average().orElse(0) > LONG_LINES;
  }
}
