package org.pergamena.formats.text;

import java.util.regex.Pattern;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;

/** Reads plain text: paragraphs parted by blank lines, lines within them joined. */
public final class PlainTextReader {
  private static final Pattern BLANK_LINES = Pattern.compile("\n[ \t\u00a0]*\n\\s*");
  private static final Pattern ITEM = Pattern.compile("^[-*\u2022\u2013][ \t]+.*", Pattern.DOTALL);

  private PlainTextReader() {}

  /** Never fails; text without blank lines is one paragraph a line where lines are long. */
  public static SourceText read(String text) {
    SourceTextBuilder source = new SourceTextBuilder();
    boolean paragraphLines = !BLANK_LINES.matcher(text).find() && longLines(text);
    String[] paragraphs = paragraphLines ? text.split("\n") : BLANK_LINES.split(text);
    for (String paragraph : paragraphs) {
      String words = paragraph.strip().replaceAll("[ \t\u00a0]*\n[ \t\u00a0]*", " ");
      boolean item = ITEM.matcher(words).matches();
      source.block(item ? Block.Kind.ITEM : Block.Kind.PARAGRAPH, 0, words);
    }
    return source.build();
  }

  private static boolean longLines(String text) {
    return text.lines().mapToInt(String::length).average().orElse(0) > 120;
  }
}
