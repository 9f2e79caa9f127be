package org.pergamena.formats.pdf;

import java.util.Arrays;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.LineBox;
import org.pergamena.core.source.PageBox;

/**
 * A line of a PDF page.
 *
 * @param type how it is set
 * @param place where it stands
 * @param tagged level of the heading that the document's tags say it is, 0 if none
 * @param words where its words begin
 * @param aside {@link Block.Kind#FOOTNOTE} or {@link Block.Kind#CAPTION}, or null in the running
 *     text
 */
record Line(String text, Type type, Place place, int tagged, Words words, Block.Kind aside) {

  /**
   * How a line is set.
   *
   * @param size of the type, in points
   */
  record Type(float size, boolean bold) {}

  /**
   * Where a line stands, in points from the upper left corner of its page.
   *
   * @param page from 1
   * @param y baseline
   */
  record Place(int page, float x, float right, float y, float pageWidth, float pageHeight) {}

  /**
   * The words of a line.
   *
   * @param at code units into the line's text at which they begin
   * @param left left ends, in points
   */
  record Words(int[] at, float[] left) {}

  int page() {
    return place.page();
  }

  float size() {
    return type.size();
  }

  float x() {
    return place.x();
  }

  float y() {
    return place.y();
  }

  Line apart(Block.Kind kind) {
    return new Line(text, type, place, tagged, words, kind);
  }

  /** This line with one that stands on the same baseline to the right of it. */
  Line with(Line right) {
    int offset = text.length() + 1;
    int[] at = Arrays.copyOf(words.at, words.at.length + right.words.at.length);
    float[] left = Arrays.copyOf(words.left, at.length);
    for (int i = 0; i < right.words.at.length; i++) {
      at[words.at.length + i] = offset + right.words.at[i];
      left[words.at.length + i] = right.words.left[i];
    }
    Type set = new Type(Math.max(size(), right.size()), type.bold() && right.type.bold());
    Place reaching =
        new Place(page(), x(), right.place.right(), y(), place.pageWidth(), place.pageHeight());
    return new Line(text + " " + right.text, set, reaching, tagged, new Words(at, left), aside);
  }

  /** The line with all numbers alike, to find what is the same on every page. */
  String pattern() {
    return text.strip().replaceAll("\\d+|\\b[ivxlc]+\\b", "#");
  }

  /** Its place in the source text, in which it begins at an offset and has so many code units. */
  LineBox box(int start, int length) {
    int[] at = words.at.clone();
    for (int i = 0; i < at.length; i++) {
      at[i] += start;
    }
    PageBox box =
        new PageBox(page(), x(), y() - size() * 0.8f, place.right(), y() + size() * 0.25f);
    return new LineBox(start, start + length, box, at, words.left);
  }
}
