package org.pergamena.formats.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import org.pergamena.core.layout.Backdrop;
import org.pergamena.core.layout.Box;
import org.pergamena.core.layout.Item;
import org.pergamena.core.layout.Path;
import org.pergamena.core.layout.Placed;
import org.pergamena.core.layout.Scene;
import org.pergamena.formats.fonts.Lines;
import org.pergamena.formats.image.Gallery;

/** Draws a scene with Java2D, as the browser draws it with SVG. */
final class ScenePainter {
  /** How far marks of links may stand out of what belongs to a topic, in scene pixels. */
  private static final int MARKS = 200;

  private ScenePainter() {}

  static void paint(Scene scene, Gallery gallery, Graphics2D g) {
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(
        RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    g.setRenderingHint(
        RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    under(scene, gallery, g);
    for (Placed topic : scene.topics()) {
      if (!seen(topic, g)) {
        continue;
      }
      AffineTransform before = g.getTransform();
      g.translate(topic.x(), topic.y());
      topic.items().forEach(item -> paint(item, scene.ground(), gallery, g));
      g.setTransform(before);
    }
    scene
        .links()
        .forEach(link -> link.items().forEach(item -> paint(item, scene.ground(), gallery, g)));
  }

  /** Fills the ground with its colour. */
  static void ground(Scene scene, Graphics2D g) {
    g.setColor(Color.decode(scene.ground()));
    g.fill(new Rectangle2D.Double(0, 0, scene.width(), scene.height()));
  }

  /** What lies on the ground below all, as far as it is painted now. */
  private static void under(Scene scene, Gallery gallery, Graphics2D g) {
    Backdrop.Tile tile = scene.backdrop().tile();
    if (tile != null) {
      Rectangle2D all = new Rectangle2D.Double(0, 0, scene.width(), scene.height());
      Shape before = g.getClip();
      g.clip(all);
      Rectangle2D clip =
          g.getClipBounds() == null ? all : all.createIntersection(g.getClipBounds());
      double side = tile.side();
      AffineTransform here = g.getTransform();
      for (double y = Math.floor(clip.getY() / side) * side; y < clip.getMaxY(); y += side) {
        for (double x = Math.floor(clip.getX() / side) * side; x < clip.getMaxX(); x += side) {
          g.translate(x, y);
          tile.lines().forEach(line -> paint(line, scene.ground(), gallery, g));
          g.setTransform(here);
        }
      }
      g.setClip(before);
    }
    if (scene.watermark() != null) {
      paint(scene.watermark(), scene.ground(), gallery, g);
    }
  }

  private static void paint(Item item, String ground, Gallery gallery, Graphics2D g) {
    if (item instanceof Item.Words words) {
      if (words.role() == Item.Role.PHRASE) {
        halo(words, ground, g);
      }
      g.setColor(Color.decode(words.fill()));
      Lines.draw(words.text(), words.style(), words.x(), words.y(), g);
    } else if (item instanceof Item.Bar bar) {
      Box box = bar.box();
      g.setColor(Color.decode(bar.fill()));
      g.fill(new Rectangle2D.Double(box.x(), box.y(), box.width(), box.height()));
    } else if (item instanceof Item.Area area) {
      g.setColor(Color.decode(area.fill()));
      g.fill(shape(area.path()));
    } else if (item instanceof Item.Image image) {
      gallery.paint(image.image(), g, image.box());
    } else if (item instanceof Item.Line line) {
      g.setColor(Color.decode(line.stroke()));
      g.setStroke(stroke(line.width(), line.dash()));
      g.draw(shape(line.path()));
    }
  }

  /** Whether something of a topic may lie in what is painted now: a band of a large picture. */
  private static boolean seen(Placed topic, Graphics2D g) {
    Box reach = topic.reach();
    return g.hitClip(
        (int) Math.floor(topic.x() + reach.x()) - MARKS,
        (int) Math.floor(topic.y() + reach.y()) - MARKS,
        (int) Math.ceil(reach.width()) + 2 * MARKS,
        (int) Math.ceil(reach.height()) + 2 * MARKS);
  }

  private static void halo(Item.Words words, String ground, Graphics2D g) {
    Shape letters = Lines.outline(words.text(), words.style(), words.x(), words.y());
    g.setColor(Color.decode(ground));
    g.setStroke(new BasicStroke(4, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    g.draw(letters);
  }

  private static BasicStroke stroke(double width, List<Double> dash) {
    if (dash.isEmpty()) {
      return new BasicStroke((float) width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND);
    }
    float[] pattern = new float[dash.size()];
    for (int i = 0; i < pattern.length; i++) {
      pattern[i] = dash.get(i).floatValue();
    }
    return new BasicStroke(
        (float) width, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1, pattern, 0);
  }

  private static Shape shape(Path path) {
    Path2D shape = new Path2D.Double();
    for (Path.Step step : path.steps()) {
      switch (step.kind()) {
        case MOVE -> shape.moveTo(step.x(), step.y());
        case LINE -> shape.lineTo(step.x(), step.y());
        case CURVE -> shape.quadTo(step.cx(), step.cy(), step.x(), step.y());
        default -> throw new IllegalStateException("unknown step " + step.kind());
      }
    }
    return shape;
  }
}
