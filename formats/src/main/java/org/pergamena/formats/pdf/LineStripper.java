package org.pergamena.formats.pdf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.contentstream.operator.markedcontent.BeginMarkedContentSequence;
import org.apache.pdfbox.contentstream.operator.markedcontent.BeginMarkedContentSequenceWithProperties;
import org.apache.pdfbox.contentstream.operator.markedcontent.EndMarkedContentSequence;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/**
 * Takes the lines out of a document with their type sizes and places. A line ends where a wide gap
 * is, so that columns side by side are not taken for one.
 */
final class LineStripper extends PDFTextStripper {
  private static final float SAME_LINE = 0.4f;
  private static final float WIDE_GAP = 1.6f;
  private static final COSName ARTIFACT = COSName.getPDFName("Artifact");

  private final List<Line> lines = new ArrayList<>();
  private final Tags tags;
  private final Runnable pageDone;
  private final Overprints overprints = new Overprints();
  private final List<Integer> open = new ArrayList<>();
  private final Set<TextPosition> artifacts = Collections.newSetFromMap(new IdentityHashMap<>());
  private final Map<TextPosition, Integer> headings = new IdentityHashMap<>();

  private final StringBuilder text = new StringBuilder();
  private final List<TextPosition> positions = new ArrayList<>();
  private final List<Integer> starts = new ArrayList<>();
  private final List<Float> lefts = new ArrayList<>();
  private int artifactLines;
  private String artifact = "";

  LineStripper(Tags tags, Runnable pageDone) {
    this.tags = tags;
    this.pageDone = pageDone;
    setSortByPosition(false);
    setAddMoreFormatting(false);
    setSuppressDuplicateOverlappingText(false);
    addOperator(new BeginMarkedContentSequence(this));
    addOperator(new BeginMarkedContentSequenceWithProperties(this));
    addOperator(new EndMarkedContentSequence(this));
  }

  /** The lines of some pages, from one to another, both counted. */
  List<Line> lines(PDDocument document, int from, int to) throws IOException {
    setStartPage(from);
    setEndPage(to);
    getText(document);
    return lines;
  }

  /** How many lines the document itself marks as no part of its text. */
  int artifactLines() {
    return artifactLines;
  }

  /** One of these lines. */
  String artifact() {
    return artifact;
  }

  @Override
  public void beginMarkedContentSequence(COSName tag, COSDictionary properties) {
    super.beginMarkedContentSequence(tag, properties);
    open.add(ARTIFACT.equals(tag) ? -1 : tags.heading(getCurrentPage(), tag, properties));
  }

  @Override
  public void endMarkedContentSequence() {
    super.endMarkedContentSequence();
    if (!open.isEmpty()) {
      open.remove(open.size() - 1);
    }
  }

  @Override
  protected void processTextPosition(TextPosition position) {
    if (overprints.again(position)) {
      return;
    }
    int level = 0;
    for (int marked : open) {
      level = marked != 0 ? marked : level;
    }
    if (level < 0) {
      artifacts.add(position);
    } else if (level > 0) {
      headings.put(position, level);
    }
    super.processTextPosition(position);
  }

  @Override
  protected void writeString(String given, List<TextPosition> where) {
    String words = Ligatures.mended(given).strip().replaceAll("[\\s\u00a0]+", " ");
    if (words.isEmpty() || where.isEmpty()) {
      return;
    }
    TextPosition first = where.get(0);
    if (!positions.isEmpty()) {
      TextPosition last = positions.get(positions.size() - 1);
      float size = Math.max(last.getFontSizeInPt(), first.getFontSizeInPt());
      float gap = first.getXDirAdj() - last.getXDirAdj() - last.getWidthDirAdj();
      boolean lower = Math.abs(last.getYDirAdj() - first.getYDirAdj()) > SAME_LINE * size;
      if (lower || gap > WIDE_GAP * size || gap < -WIDE_GAP * size) {
        endLine();
      }
    }
    starts.add(text.length());
    lefts.add(first.getXDirAdj());
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
  protected void endPage(PDPage page) {
    endLine();
    overprints.clear();
    artifacts.clear();
    headings.clear();
    open.clear();
    pageDone.run();
  }

  @Override
  protected void writePageEnd() {
    endLine();
  }

  private void endLine() {
    if (!positions.isEmpty()) {
      TextPosition first = positions.get(0);
      if (artifacts.contains(first)) {
        artifactLines++;
        artifact = text.toString().strip();
      } else {
        TextPosition last = positions.get(positions.size() - 1);
        Line.Place place =
            new Line.Place(
                getCurrentPageNo(),
                first.getXDirAdj(),
                last.getXDirAdj() + last.getWidthDirAdj(),
                first.getYDirAdj(),
                first.getPageWidth(),
                first.getPageHeight());
        lines.add(
            new Line(
                text.toString().strip(),
                new Line.Type(commonSize(), bold()),
                place,
                headings.getOrDefault(first, 0),
                words(),
                null));
      }
    }
    text.setLength(0);
    positions.clear();
    starts.clear();
    lefts.clear();
  }

  private Line.Words words() {
    int[] at = starts.stream().mapToInt(Integer::intValue).toArray();
    float[] left = new float[at.length];
    for (int i = 0; i < left.length; i++) {
      left[i] = lefts.get(i);
    }
    return new Line.Words(at, left);
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
