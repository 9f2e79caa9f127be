package org.pergamena.formats.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import org.pergamena.core.layout.Box;
import org.pergamena.core.layout.Path;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.layout.Scene.PlacedTopic;
import org.pergamena.formats.fonts.Faces;

/** Draws a scene with Java2D, as the browser draws it with SVG. */
final class ScenePainter {
  private static final float MAIN_STROKE = 1.7f;
  private static final float STROKE = 1.3f;

  private ScenePainter() {}

  static void paint(Scene scene, Theme theme, Graphics2D g) {
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(
        RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    g.setRenderingHint(
        RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    for (PlacedTopic topic : scene.topics()) {
      paint(topic, theme, g);
    }
  }

  private static void paint(PlacedTopic topic, Theme theme, Graphics2D g) {
    Color pigment = theme.pigment(topic.branch());
    if (topic.brace() != null) {
      g.setColor(pigment);
      g.setStroke(
          new BasicStroke(
              topic.level() == 0 ? MAIN_STROKE : STROKE,
              BasicStroke.CAP_ROUND,
              BasicStroke.JOIN_ROUND));
      g.draw(shape(topic.brace()));
    }
    for (Scene.PlacedText text : topic.texts()) {
      g.setColor(
          switch (text.role()) {
            case LABEL -> theme.label(topic.branch());
            case NUMBER -> pigment;
            case COUNT -> Color.decode(theme.softInk());
            case WARNING -> Color.decode(theme.rubric());
          });
      g.setFont(Faces.font(text.style()));
      g.drawString(text.text(), (float) text.x(), (float) text.y());
    }
    for (Scene.Mark mark : topic.marks()) {
      Box box = mark.box();
      g.setColor(theme.ink(mark.ink()));
      g.fill(new Rectangle2D.Double(box.x(), box.y(), box.width(), box.height()));
    }
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
