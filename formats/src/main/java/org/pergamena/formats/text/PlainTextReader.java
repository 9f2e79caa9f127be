package org.pergamena.formats.text;

import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;

/** Reads plain text: paragraphs parted by blank lines, lines within them joined. */
public final class PlainTextReader {
  private static final Pattern BLANK_LINES = Pattern.compile("\n[ \t\u00a0]*\n\\s*");
  private static final Pattern ITEM = Pattern.compile("^[-*\u2022\u2013][ \t]+.*", Pattern.DOTALL);

  private static final Pattern UNDERLINED =
      Pattern.compile("([^\n]{1,120})\n[ \t]*(={3,}|-{3,})[ \t]*(?:\n(.*))?", Pattern.DOTALL);
  private static final Pattern NUMBERED =
      Pattern.compile("\\d+(?:\\.\\d+)*[.)]? \\p{Lu}[^\n]{1,90}(?<![.,;:!?])");

  private PlainTextReader() {}

  /**
   * Never fails; text without blank lines is one paragraph a line where lines are long. A line that
   * is underlined, or numbered like a chapter and not a sentence, is a heading.
   */
  public static SourceText read(String text) {
    SourceTextBuilder source = new SourceTextBuilder();
    boolean paragraphLines = !BLANK_LINES.matcher(text).find() && longLines(text);
    String[] paragraphs = paragraphLines ? text.split("\n") : BLANK_LINES.split(text);
    boolean numbered = Arrays.stream(paragraphs).filter(PlainTextReader::isNumbered).count() >= 2;
    for (String paragraph : paragraphs) {
      paragraph(source, paragraph.strip(), numbered);
    }
    return source.build();
  }

  private static void paragraph(SourceTextBuilder source, String paragraph, boolean numbered) {
    Matcher underlined = UNDERLINED.matcher(paragraph);
    if (underlined.matches()) {
      source.block(
          Block.Kind.HEADING, underlined.group(2).startsWith("=") ? 1 : 2, underlined.group(1));
      if (underlined.group(3) != null) {
        paragraph(source, underlined.group(3).strip(), numbered);
      }
      return;
    }
    String words = paragraph.replaceAll("[ \t\u00a0]*\n[ \t\u00a0]*", " ");
    if (numbered && isNumbered(paragraph)) {
      source.block(Block.Kind.HEADING, numberDepth(words), words);
      return;
    }
    boolean item = ITEM.matcher(words).matches();
    source.block(item ? Block.Kind.ITEM : Block.Kind.PARAGRAPH, 0, words);
  }

  private static boolean isNumbered(String paragraph) {
    return NUMBERED.matcher(paragraph.strip()).matches();
  }

  /** 1 for {@code 2 Title}, 2 for {@code 2.1 Title}. */
  private static int numberDepth(String words) {
    String number = words.substring(0, words.indexOf(' ')).replaceAll("[.)]$", "");
    return Math.min(6, (int) number.chars().filter(c -> c == '.').count() + 1);
  }

  private static boolean longLines(String text) {
    return text.lines().mapToInt(String::length).average().orElse(0) > 120;
  }
}
