package org.pergamena.formats.fonts;

import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.text.AttributedString;
import org.pergamena.core.layout.TextStyle;

/**
 * Lines of text in the shipped faces. What a face lacks is taken from those that ship for other
 * scripts, and what is written from right to left is (Unicode Annex 9).
 */
public final class Lines {
  private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

  private Lines() {}

  /** Width of a line in scene pixels. */
  static double width(String text, TextStyle style) {
    if (text.isEmpty()) {
      return 0;
    }
    Font font = Faces.font(style);
    return whole(text, font)
        ? font.getStringBounds(text, EXACT).getWidth()
        : layout(text, style, font).getAdvance();
  }

  /** Draws a line in the colour of a drawing. */
  public static void draw(String text, TextStyle style, double x, double y, Graphics2D g) {
    Font font = Faces.font(style);
    if (whole(text, font)) {
      g.setFont(font);
      g.drawString(text, (float) x, (float) y);
    } else {
      layout(text, style, font).draw(g, (float) x, (float) y);
    }
  }

  /** The lines around the letters of a line. */
  public static Shape outline(String text, TextStyle style, double x, double y) {
    Font font = Faces.font(style);
    if (!whole(text, font)) {
      AffineTransform to = AffineTransform.getTranslateInstance(x, y);
      return layout(text, style, font).getOutline(to);
    }
    char[] letters = text.toCharArray();
    return font.layoutGlyphVector(EXACT, letters, 0, letters.length, Font.LAYOUT_LEFT_TO_RIGHT)
        .getOutline((float) x, (float) y);
  }

  private static boolean whole(String text, Font font) {
    return text.isEmpty() || font.canDisplayUpTo(text) < 0;
  }

  private static TextLayout layout(String text, TextStyle style, Font font) {
    AttributedString line = new AttributedString(text);
    line.addAttribute(TextAttribute.FONT, font);
    for (int at = 0; at < text.length(); ) {
      int letter = text.codePointAt(at);
      int end = at + Character.charCount(letter);
      if (!font.canDisplay(letter)) {
        Font other = Faces.other(letter, style);
        if (other != null) {
          line.addAttribute(TextAttribute.FONT, other, at, end);
        }
      }
      at = end;
    }
    return new TextLayout(line.getIterator(), EXACT);
  }
}
