package org.pergamena.formats.pdf;

/**
 * A line of a PDF page.
 *
 * @param page from 1
 * @param size of the type, in points
 * @param x left end, in points from the left edge
 * @param y baseline, in points from the upper edge
 * @param pageHeight in points
 */
record Line(int page, String text, float size, boolean bold, float x, float y, float pageHeight) {

  /** The line with all numbers alike, to find what is the same on every page. */
  String pattern() {
    return text.strip().replaceAll("\\d+|\\b[ivxlc]+\\b", "#");
  }
}
