package org.pergamena.formats.pdf;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.pergamena.core.source.Block;

/** Tells footnotes and captions from the running text. */
final class Asides {
  private static final float SMALLER = 0.93f;
  private static final double LOWER_PART = 0.5;
  private static final Pattern NOTE =
      Pattern.compile("^(?:\\[?\\d{1,3}[\\].):]?\\s?|[*\u2020\u2021\u00a7]\\s?)\\S.*");
  private static final Pattern CAPTION =
      Pattern.compile(
          "^(?:Fig(?:ure)?\\.?|Table|Tab\\.|Abb(?:ildung|\\.)|Tabelle|Map|Plate|Photo(?:graph)?|Chart"
              + "|PageBox|Figura|Tabla|Tableau)\\s?\\d++(?:\\.\\d++)*+\\s?[.:\u2013\u2014|].*");
  private static final Pattern CAPTION_START =
      Pattern.compile(
          "^(?:Fig(?:ure)?\\.?|Table|Abb(?:ildung|\\.)|Tabelle)\\s?\\d++(?:\\.\\d++)*+\\s.*");

  private Asides() {}

  /**
   * The lines of one page in reading order, those of footnotes and captions marked.
   *
   * @param bodySize size of the running text, in points
   */
  static List<Line> marked(List<Line> page, float bodySize) {
    List<Line> marked = new ArrayList<>();
    Line last = null;
    for (Line line : page) {
      Block.Kind kind = begins(line, bodySize);
      boolean goesOn =
          kind == null
              && last != null
              && last.aside() != null
              && Math.abs(line.size() - last.size()) < 0.3f
              && line.y() > last.y()
              && line.y() - last.y() < 1.5f * Math.max(line.size(), 1)
              && Math.abs(line.x() - last.x()) < 4 * bodySize
              && (last.aside() == Block.Kind.FOOTNOTE || !ended(last, bodySize));
      last = kind != null ? line.apart(kind) : goesOn ? line.apart(last.aside()) : line;
      marked.add(last);
    }
    return marked;
  }

  /** A caption in the body's own type ends with its sentence; one in small type with its lines. */
  private static boolean ended(Line last, float bodySize) {
    return last.size() > bodySize * SMALLER && last.text().matches(".*[.!?]$");
  }

  static Block.Kind begins(Line line, float bodySize) {
    boolean small = line.size() < bodySize * SMALLER;
    if (CAPTION.matcher(line.text()).matches()
        || small && CAPTION_START.matcher(line.text()).matches()) {
      return Block.Kind.CAPTION;
    }
    boolean low = line.y() > line.place().pageHeight() * LOWER_PART;
    return small && low && NOTE.matcher(line.text()).matches() ? Block.Kind.FOOTNOTE : null;
  }
}
