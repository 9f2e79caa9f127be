package org.pergamena.formats.pdf;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.pergamena.formats.scan.ScannedWord;
import org.pergamena.formats.scan.Tesseract;

/** Lines of pages that are pictures, read by {@link Tesseract}. */
final class ScannedPages {
  private static final float POINTS_PER_INCH = 72;
  private static final float DPI = 300;
  private static final float MOST_PIXELS = 16_000_000;
  private static final float LARGE = 1.4f;

  private final PDDocument document;
  private final Tesseract tesseract;

  ScannedPages(PDDocument document, Tesseract tesseract) {
    this.document = document;
    this.tesseract = tesseract;
  }

  /**
   * The lines of one page in reading order.
   *
   * @param page from 1
   */
  List<Line> lines(int page) throws IOException {
    PDRectangle size = document.getPage(page - 1).getCropBox();
    float inches = size.getWidth() * size.getHeight() / POINTS_PER_INCH / POINTS_PER_INCH;
    float dpi = Math.min(DPI, (float) Math.sqrt(MOST_PIXELS / Math.max(1, inches)));
    BufferedImage picture =
        new PDFRenderer(document).renderImageWithDPI(page - 1, dpi, ImageType.GRAY);
    Map<Integer, List<ScannedWord>> byLine =
        tesseract.words(picture).stream()
            .collect(Collectors.groupingBy(ScannedWord::line, TreeMap::new, Collectors.toList()));
    float scale = POINTS_PER_INCH / dpi;
    float usual = usualHeight(byLine.values());
    List<Line> lines = new ArrayList<>();
    for (List<ScannedWord> words : byLine.values()) {
      float high = height(words);
      float height = high > LARGE * usual ? high : usual;
      Line.Place place =
          new Line.Place(
              page,
              words.get(0).left() * scale,
              words.get(words.size() - 1).right() * scale,
              bottom(words) * scale,
              picture.getWidth() * scale,
              picture.getHeight() * scale);
      lines.add(line(words, new Line.Type(height * scale, false), place, scale));
    }
    return Columns.inOrder(lines);
  }

  private static Line line(List<ScannedWord> words, Line.Type type, Line.Place place, float scale) {
    StringBuilder text = new StringBuilder();
    int[] at = new int[words.size()];
    float[] left = new float[words.size()];
    for (int i = 0; i < words.size(); i++) {
      text.append(i == 0 ? "" : " ");
      at[i] = text.length();
      left[i] = words.get(i).left() * scale;
      text.append(words.get(i).text());
    }
    return new Line(text.toString(), type, place, 0, new Line.Words(at, left), null);
  }

  private static float usualHeight(Iterable<List<ScannedWord>> lines) {
    List<Float> heights = new ArrayList<>();
    lines.forEach(words -> heights.add(height(words)));
    heights.sort(null);
    return heights.isEmpty() ? 1 : heights.get(heights.size() / 2);
  }

  private static float height(List<ScannedWord> words) {
    List<Integer> heights = words.stream().map(w -> w.bottom() - w.top()).sorted().toList();
    return heights.get(heights.size() / 2);
  }

  private static float bottom(List<ScannedWord> words) {
    List<Integer> bottoms = words.stream().map(ScannedWord::bottom).sorted().toList();
    return bottoms.get(bottoms.size() / 2);
  }
}
