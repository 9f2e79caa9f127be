package org.pergamena.formats.pdf;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;

/** Joins lines to paragraphs and headings, words that were parted at line ends included. */
final class PageText {
  private static final float LARGER = 1.1f;
  private static final int LONGEST_HEADING = 140;

  private final List<Line> lines;
  private final String[] pageLabels;
  private final float bodySize;
  private final float leading;
  private final TreeSet<Float> headingSizes = new TreeSet<>();
  private final SourceTextBuilder source = new SourceTextBuilder();
  private int blockStart;
  private Block.Kind kind;
  private int level;
  private int pageStart;
  private int page;

  private PageText(List<Line> lines, String[] pageLabels) {
    this.lines = lines;
    this.pageLabels = pageLabels;
    this.bodySize =
        mostCommon(
            lines.stream()
                .collect(
                    HashMap::new,
                    (m, l) -> m.merge(l.size(), l.text().length(), Integer::sum),
                    HashMap::putAll));
    Map<Float, Integer> steps = new HashMap<>();
    for (int i = 1; i < lines.size(); i++) {
      float step = lines.get(i).y() - lines.get(i - 1).y();
      if (lines.get(i).page() == lines.get(i - 1).page() && step > 0 && isBody(lines.get(i))) {
        steps.merge((float) Math.round(step), 1, Integer::sum);
      }
    }
    this.leading = steps.isEmpty() ? bodySize * 1.3f : mostCommon(steps);
    for (Line line : lines) {
      if (line.size() > bodySize * LARGER && line.text().length() <= LONGEST_HEADING) {
        headingSizes.add(line.size());
      }
    }
  }

  /** The text of the lines, which are without running heads. */
  static SourceText of(List<Line> lines, String[] pageLabels) {
    return new PageText(lines, pageLabels).read();
  }

  private SourceText read() {
    Line last = null;
    for (Line line : lines) {
      int headingLevel = headingLevel(line);
      if (last == null || begins(last, line, headingLevel)) {
        endBlock();
        source.separate();
        turnPage(line);
        blockStart = source.length();
        boolean item =
            line.text().matches("^(?:[\u2022\u25cf\u2013*-]|\\(?[a-z0-9]{1,2}[.)])\\s.*");
        kind =
            headingLevel > 0 ? Block.Kind.HEADING : item ? Block.Kind.ITEM : Block.Kind.PARAGRAPH;
        level = headingLevel;
        source.append(line.text());
      } else {
        join(line);
      }
      last = line;
    }
    endBlock();
    endPage();
    return source.build();
  }

  private void join(Line line) {
    String there = source.tail(2);
    boolean hyphen =
        there.matches("\\p{L}[-\u2010\u00ad]") && Character.isLowerCase(line.text().codePointAt(0));
    if (hyphen) {
      source.dropLast();
    } else {
      source.append(" ");
    }
    turnPage(line);
    source.append(line.text());
  }

  private boolean begins(Line last, Line line, int headingLevel) {
    if (headingLevel > 0 || level > 0) {
      boolean goesOn =
          headingLevel == level
              && line.page() == last.page()
              && line.y() - last.y() < line.size() * 1.6f;
      return !goesOn;
    }
    if (line.page() != last.page() || line.y() < last.y()) {
      return last.text().matches(".*[.!?:]['\"\u201d\u2019)]?$")
          || Character.isUpperCase(line.text().codePointAt(0))
              && !last.text().matches(".*[\\p{L},;-]$");
    }
    boolean apart = line.y() - last.y() > leading * 1.35f;
    boolean bullet = line.text().matches("^[\u2022\u25cf]\\s.*");
    boolean indented =
        line.x() - last.x() > bodySize * 0.9f
            && last.text().matches(".*[.!?:]['\"\u201d\u2019)]?$");
    return apart || bullet || indented;
  }

  private boolean isBody(Line line) {
    return Math.abs(line.size() - bodySize) < 0.3f;
  }

  /** 1 for the largest type; below the sizes that are larger than the body comes bold; else 0. */
  private int headingLevel(Line line) {
    boolean words = line.text().codePoints().anyMatch(Character::isLetter);
    if (!words || line.text().length() > LONGEST_HEADING) {
      return 0;
    }
    if (line.size() > bodySize * LARGER) {
      return 1 + headingSizes.tailSet(line.size(), false).size();
    }
    boolean sentence = line.text().matches(".*[.,;:]$");
    return line.bold() && isBody(line) && !sentence ? 1 + headingSizes.size() : 0;
  }

  private void endBlock() {
    if (kind != null) {
      source.close(kind, level, blockStart);
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

  private static float mostCommon(Map<Float, Integer> counts) {
    return counts.entrySet().stream()
        .max(Map.Entry.<Float, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
        .map(Map.Entry::getKey)
        .orElse(10f);
  }
}
