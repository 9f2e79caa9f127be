package org.pergamena.formats.fonts;

import java.util.EnumSet;
import java.util.Set;
import org.pergamena.core.layout.Item;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.layout.TextStyle.Face;

/** Which faces a scene is set in. */
public final class Used {
  private Used() {}

  /** Each face of which there is a letter. */
  public static Set<Face> in(Scene scene) {
    Set<Face> faces = EnumSet.noneOf(Face.class);
    scene.topics().forEach(topic -> topic.items().forEach(item -> add(item, faces)));
    scene.links().forEach(link -> link.items().forEach(item -> add(item, faces)));
    if (scene.watermark() != null) {
      add(scene.watermark(), faces);
    }
    return faces;
  }

  private static void add(Item item, Set<Face> faces) {
    if (item instanceof Item.Words words) {
      faces.add(words.style().face());
    }
  }
}
