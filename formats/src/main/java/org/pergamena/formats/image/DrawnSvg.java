package org.pergamena.formats.image;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.DocumentLimits;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import org.pergamena.formats.read.UnreadableException;

/** An SVG (W3C SVG 1.1) that is drawn here; nothing outside it is ever asked for. */
final class DrawnSvg {
  private static final int DEEPEST = 60;
  private static final int DEEPEST_USE = 4;
  private static final int MOST_PATHS = 20_000;

  private final SVGDocument document;

  private DrawnSvg(SVGDocument document) {
    this.document = document;
  }

  static DrawnSvg of(byte[] safe) throws UnreadableException {
    LoaderContext context =
        LoaderContext.builder()
            .externalResourcePolicy(ResourcePolicy.DENY_EXTERNAL)
            .documentLimits(new DocumentLimits(DEEPEST, DEEPEST_USE, MOST_PATHS))
            .build();
    SVGDocument document;
    try {
      document = new SVGLoader().load(new ByteArrayInputStream(safe), null, context);
    } catch (RuntimeException e) {
      throw unreadable(e);
    }
    if (document == null || document.size().width < 1 || document.size().height < 1) {
      throw unreadable(null);
    }
    return new DrawnSvg(document);
  }

  private static UnreadableException unreadable(Exception cause) {
    return new UnreadableException(
        "This SVG cannot be drawn: it is damaged, too large or not complete. Save it as PNG and"
            + " add that.",
        cause);
  }

  int width() {
    return Math.max(1, Math.round(Math.min(100_000, document.size().width)));
  }

  int height() {
    return Math.max(1, Math.round(Math.min(100_000, document.size().height)));
  }

  void paint(Graphics2D g, double x, double y, double width, double height) {
    Graphics2D own = (Graphics2D) g.create();
    try {
      own.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
      own.translate(x, y);
      own.clip(new java.awt.geom.Rectangle2D.Double(0, 0, width, height));
      document.render((java.awt.Component) null, own, new ViewBox((float) width, (float) height));
    } finally {
      own.dispose();
    }
  }

  /** As PNG, its longer side so many pixels. */
  byte[] png(int side) throws UnreadableException {
    double scale = side / (double) Math.max(width(), height());
    int wide = Math.max(1, (int) Math.round(width() * scale));
    int high = Math.max(1, (int) Math.round(height() * scale));
    BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = image.createGraphics();
    try {
      paint(g, 0, 0, wide, high);
    } catch (RuntimeException e) {
      throw unreadable(e);
    } finally {
      g.dispose();
    }
    return Raster.png(image);
  }
}
