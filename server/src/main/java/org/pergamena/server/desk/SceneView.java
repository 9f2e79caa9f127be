package org.pergamena.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.layout.Box;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.layout.TextStyle;

/** A scene as the browser draws it: paths as SVG path data. */
record SceneView(double width, double height, List<Placed> topics) {

  private static final Box NONE = new Box(0, 0, 0, 0);

  /**
   * A topic as it is drawn.
   *
   * @param toggle where a pointer opens or closes the branch; of no size if there is nothing below
   */
  record Placed(
      UUID id,
      int level,
      int branch,
      Box box,
      List<Text> texts,
      List<Scene.Mark> marks,
      @Schema(types = {"string", "null"}) String brace,
      Box toggle,
      boolean closed) {}

  /** A line of text, its left end and baseline. */
  record Text(Scene.Role role, String text, double x, double y, TextStyle.Face face, double size) {}

  static SceneView of(Scene scene) {
    return new SceneView(
        scene.width(), scene.height(), scene.topics().stream().map(SceneView::placed).toList());
  }

  private static Placed placed(Scene.PlacedTopic topic) {
    return new Placed(
        topic.id(),
        topic.level(),
        topic.branch(),
        rounded(topic.box()),
        topic.texts().stream()
            .map(
                t ->
                    new Text(
                        t.role(),
                        t.text(),
                        round(t.x()),
                        round(t.y()),
                        t.style().face(),
                        t.style().size()))
            .toList(),
        topic.marks().stream().map(m -> new Scene.Mark(rounded(m.box()), m.ink())).toList(),
        topic.brace() == null ? null : topic.brace().svg(),
        topic.toggle() == null ? NONE : rounded(topic.toggle()),
        topic.closed());
  }

  private static Box rounded(Box box) {
    return new Box(round(box.x()), round(box.y()), round(box.width()), round(box.height()));
  }

  private static double round(double pixels) {
    return Math.round(pixels * 10) / 10.0;
  }
}
