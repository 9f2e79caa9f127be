package org.pergamena.formats.pdf;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.LineBox;
import org.pergamena.core.source.PageLayout;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;

/**
 * Joins lines to paragraphs and headings, words that were parted at line ends included. Footnotes
 * and captions stand apart, after the paragraph that they interrupt.
 */
final class PageText {
  private final String[] pageLabels;
  private final float bodySize;
  private final float leading;
  private final SourceTextBuilder source = new SourceTextBuilder();
  private final List<LineBox> boxes = new ArrayList<>();
  private final List<Line> asides = new ArrayList<>();
  private int blockStart;
  private Block.Kind kind;
  private int level;
  private int pageStart;
  private int page;

  private PageText(List<Line> lines, float bodySize, String[] pageLabels) {
    this.pageLabels = pageLabels;
    this.bodySize = bodySize;
    Map<Float, Integer> steps = new HashMap<>();
    for (int i = 1; i < lines.size(); i++) {
      float step = lines.get(i).y() - lines.get(i - 1).y();
      if (lines.get(i).page() == lines.get(i - 1).page() && step > 0 && isBody(lines.get(i))) {
        steps.merge((float) Math.round(step), 1, Integer::sum);
      }
    }
    this.leading = steps.isEmpty() ? bodySize * 1.3f : Headings.mostCommon(steps);
  }

  /** A text and where it stands. */
  record Laid(SourceText text, PageLayout layout) {}

  /**
   * The text of the lines, which are without running heads.
   *
   * @param levels of the lines that are headings, 0 for the others
   */
  static Laid of(List<Line> lines, int[] levels, float bodySize, String[] pageLabels) {
    PageText text = new PageText(lines, bodySize, pageLabels);
    text.read(lines, levels);
    return new Laid(text.source.build(), new PageLayout(text.boxes));
  }

  private void read(List<Line> lines, int[] levels) {
    Line last = null;
    for (int i = 0; i < lines.size(); i++) {
      Line line = lines.get(i);
      if (line.aside() != null) {
        asides.add(line);
        continue;
      }
      if (last == null || begins(last, line, levels[i])) {
        endBlock();
        flushAsides();
        beginBlock(line, levels[i]);
      } else {
        join(line);
      }
      last = line;
    }
    endBlock();
    flushAsides();
    endPage();
  }

  private void beginBlock(Line line, int headingLevel) {
    source.separate();
    turnPage(line);
    blockStart = source.length();
    boolean item = line.text().matches("^(?:[\u2022\u25cf\u2013*-]|\\(?[a-z0-9]{1,2}[.)])\\s.*");
    kind = headingLevel > 0 ? Block.Kind.HEADING : item ? Block.Kind.ITEM : Block.Kind.PARAGRAPH;
    level = headingLevel;
    append(line);
  }

  private void append(Line line) {
    boxes.add(line.box(source.append(line.text()), line.text().length()));
  }

  private void join(Line line) {
    String there = source.tail(2);
    boolean hyphen =
        there.matches("\\p{L}[-\u2010\u00ad]") && Character.isLowerCase(line.text().codePointAt(0));
    if (hyphen) {
      source.dropLast();
      LineBox cut = boxes.remove(boxes.size() - 1);
      boxes.add(new LineBox(cut.start(), cut.end() - 1, cut.box(), cut.at(), cut.left()));
    } else {
      source.append(" ");
    }
    turnPage(line);
    append(line);
  }

  private boolean begins(Line last, Line line, int headingLevel) {
    if (headingLevel > 0 || level > 0) {
      boolean goesOn =
          headingLevel == level
              && line.page() == last.page()
              && line.y() > last.y()
              && line.y() - last.y() < line.size() * 1.6f;
      return !goesOn;
    }
    if (line.page() != last.page() || line.y() < last.y()) {
      return endsSentence(last)
          || Character.isUpperCase(line.text().codePointAt(0))
              && !last.text().matches(".*[\\p{L},;-]$");
    }
    boolean apart = line.y() - last.y() > leading * 1.35f;
    boolean bullet = line.text().matches("^[\u2022\u25cf]\\s.*");
    boolean indented = line.x() - last.x() > bodySize * 0.9f && endsSentence(last);
    return apart || bullet || indented;
  }

  private static boolean endsSentence(Line line) {
    return line.text().matches(".*[.!?:]['\"\u201d\u2019)]?$");
  }

  private boolean isBody(Line line) {
    return Math.abs(line.size() - bodySize) < 0.3f;
  }

  /** Writes footnotes and captions that have been met, each as a block of its own. */
  private void flushAsides() {
    Line last = null;
    for (Line line : asides) {
      if (last == null || line.aside() != last.aside() || Asides.begins(line, bodySize) != null) {
        endBlock();
        source.separate();
        turnPage(line);
        blockStart = source.length();
        kind = line.aside();
        level = 0;
        append(line);
      } else {
        join(line);
      }
      last = line;
    }
    if (last != null) {
      endBlock();
    }
    asides.clear();
  }

  private void endBlock() {
    if (kind != null) {
      source.close(kind, level, blockStart);
      kind = null;
    }
  }

  private void turnPage(Line line) {
    if (line.page() != page) {
      endPage();
      page = line.page();
      pageStart = source.length();
    }
  }

  private void endPage() {
    if (page > 0) {
      source.page(pageStart, page, pageLabels[page - 1]);
    }
  }
}
