package org.pergamena.core.layout;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/** Which branches to close so that a map shows what is asked for. */
public final class Folds {
  private Folds() {}

  /** The topics to close so that nothing below a level shows; level 1 shows the main branches. */
  public static Set<UUID> below(TopicMap map, int level) {
    Set<UUID> closed = new HashSet<>();
    for (Topic topic : map.preorder()) {
      if (!topic.children().isEmpty() && map.level(topic) >= Math.max(1, level)) {
        closed.add(topic.id());
      }
    }
    return closed;
  }

  /**
   * The topics to close so that the scene fits a window: level by level as many branches are
   * opened, from the first on, as there is room for. The main branches always show.
   *
   * @param scene gives the scene for closed topics
   * @param width of the window in scene pixels
   * @param height of the window in scene pixels
   */
  public static Set<UUID> fitting(
      TopicMap map, Function<Set<UUID>, Scene> scene, double width, double height) {
    Set<UUID> closed = below(map, 1);
    int deepest = map.preorder().stream().mapToInt(map::level).max().orElse(0);
    for (int level = 1; level < deepest; level++) {
      int at = level;
      List<Topic> ofLevel =
          map.preorder().stream()
              .filter(topic -> !topic.children().isEmpty() && map.level(topic) == at)
              .toList();
      for (Topic topic : ofLevel) {
        Set<UUID> fewer = new HashSet<>(closed);
        fewer.remove(topic.id());
        Scene opened = scene.apply(fewer);
        if (opened.height() > height || opened.width() > width) {
          return closed;
        }
        closed = fewer;
      }
    }
    return closed;
  }
}
