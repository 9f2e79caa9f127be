package org.pergamena.formats.pdf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.DoubleConsumer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/** Takes the lines out of a document with their type sizes and places. */
final class LineStripper extends PDFTextStripper {
  private static final float SAME_LINE = 0.4f;

  private final List<Line> lines = new ArrayList<>();
  private final DoubleConsumer progress;
  private final int pages;
  private final StringBuilder text = new StringBuilder();
  private final List<TextPosition> positions = new ArrayList<>();

  private LineStripper(int pages, DoubleConsumer progress) {
    this.pages = pages;
    this.progress = progress;
    setSortByPosition(false);
    setAddMoreFormatting(false);
    setSuppressDuplicateOverlappingText(true);
  }

  static List<Line> lines(PDDocument document, DoubleConsumer progress) throws IOException {
    LineStripper stripper = new LineStripper(document.getNumberOfPages(), progress);
    stripper.getText(document);
    return stripper.lines;
  }

  @Override
  protected void writeString(String words, List<TextPosition> where) {
    if (!positions.isEmpty() && !where.isEmpty()) {
      TextPosition last = positions.get(positions.size() - 1);
      if (Math.abs(last.getYDirAdj() - where.get(0).getYDirAdj())
          > SAME_LINE * last.getFontSizeInPt()) {
        endLine();
      }
    }
    text.append(words);
    positions.addAll(where);
  }

  @Override
  protected void writeWordSeparator() {
    if (!text.isEmpty() && text.charAt(text.length() - 1) != ' ') {
      text.append(' ');
    }
  }

  @Override
  protected void writeLineSeparator() {
    endLine();
  }

  @Override
  protected void writeParagraphSeparator() {
    endLine();
  }

  @Override
  protected void endPage(org.apache.pdfbox.pdmodel.PDPage page) {
    endLine();
    progress.accept((double) getCurrentPageNo() / pages);
  }

  @Override
  protected void writePageEnd() {
    endLine();
  }

  private void endLine() {
    if (!text.toString().isBlank() && !positions.isEmpty()) {
      TextPosition first = positions.get(0);
      lines.add(
          new Line(
              getCurrentPageNo(),
              text.toString().strip().replaceAll("\\s+", " "),
              commonSize(),
              bold(),
              first.getXDirAdj(),
              first.getYDirAdj(),
              first.getPageHeight()));
    }
    text.setLength(0);
    positions.clear();
  }

  private float commonSize() {
    Map<Float, Integer> counts = new HashMap<>();
    positions.forEach(p -> counts.merge(Math.round(p.getFontSizeInPt() * 2) / 2f, 1, Integer::sum));
    return counts.entrySet().stream()
        .max(Map.Entry.<Float, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
        .map(Map.Entry::getKey)
        .orElse(0f);
  }

  private boolean bold() {
    return positions.stream()
        .filter(p -> !p.getUnicode().isBlank())
        .allMatch(
            p -> {
              String name = String.valueOf(p.getFont().getName()).toLowerCase(Locale.ROOT);
              return name.contains("bold") || name.contains("semibold") || name.contains("black");
            });
  }
}
