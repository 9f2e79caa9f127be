package org.pergamena.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.pergamena.core.layout.DropZone;
import org.pergamena.core.layout.Placed;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.map.Also;
import org.pergamena.core.map.Comment;
import org.pergamena.server.jobs.Jobs;

/**
 * What has changed between two states of a desk.
 *
 * @param whole the desk itself, where what the page has is not known here; then nothing else counts
 * @param base the state that it starts from
 * @param topics those that came or are different
 * @param gone topics that are not there any more
 * @param scene what has changed of what is drawn, or null if nothing has
 * @param sources those that came or are different
 * @param shelf all sources in their order, or null if these are the same
 * @param links cross-links that came or are different
 * @param goneLinks cross-links that are not there any more
 * @param also where topics are shown again, or null if that is the same
 * @param comments all remarks, or null if these are the same
 * @param proposals all proposals, or null if these are the same
 */
record Patch(
    @Schema(
            types = {"object", "null"},
            implementation = Desk.class)
        Desk whole,
    @Schema(
            types = {"integer", "null"},
            format = "int64")
        Long base,
    @Schema(
            types = {"object", "null"},
            implementation = DeskFacts.class)
        DeskFacts facts,
    List<Desk.TopicView> topics,
    List<UUID> gone,
    @Schema(
            types = {"object", "null"},
            implementation = ScenePatch.class)
        ScenePatch scene,
    List<Desk.SourceView> sources,
    @Schema(types = {"array", "null"}) List<UUID> shelf,
    List<Desk.CrossLinkView> links,
    List<UUID> goneLinks,
    @Schema(types = {"array", "null"}) List<Also> also,
    @Schema(types = {"array", "null"}) List<Comment> comments,
    @Schema(types = {"array", "null"}) List<Desk.ProposalView> proposals,
    List<Jobs.View> jobs) {

  /**
   * What has changed of a scene.
   *
   * @param backdrop what lies behind all, or null if that is the same
   * @param topics those that came or are drawn otherwise
   * @param gone topics that are not drawn any more
   * @param moved runs of topics, by their order in the scene before, that stand elsewhere
   * @param links cross-links that came or are drawn otherwise
   * @param goneLinks cross-links that are not drawn any more
   * @param zones all drop zones, or null if these are the same
   */
  record ScenePatch(
      double width,
      double height,
      @Schema(
              types = {"object", "null"},
              implementation = SceneView.BackdropView.class)
          SceneView.BackdropView backdrop,
      List<SceneView.PlacedView> topics,
      List<UUID> gone,
      List<Run> moved,
      List<SceneView.AcrossView> links,
      List<UUID> goneLinks,
      @Schema(types = {"array", "null"}) List<DropZone> zones) {}

  /**
   * Topics that all moved the same way.
   *
   * @param from the first of them, from 0
   */
  record Run(int from, int count, double dx, double dy) {}

  /** A whole desk. */
  static Patch whole(Desk desk) {
    return new Patch(
        desk, null, null, List.of(), List.of(), null, List.of(), null, List.of(), List.of(), null,
        null, null, List.of());
  }

  /** What leads from one state to another. */
  static Patch between(DeskState before, DeskState now) {
    return new Patch(
        null,
        before.facts().stamp(),
        now.facts(),
        different(before.topics(), now.topics(), Desk.TopicView::id),
        gone(before.topics(), now.topics(), Desk.TopicView::id),
        between(before.scene(), now.scene()),
        different(before.sources(), now.sources(), Desk.SourceView::id),
        unlessSame(ids(before.sources()), ids(now.sources())),
        different(before.links(), now.links(), Desk.CrossLinkView::id),
        gone(before.links(), now.links(), Desk.CrossLinkView::id),
        unlessSame(before.also(), now.also()),
        unlessSame(before.comments(), now.comments()),
        unlessSame(before.proposals(), now.proposals()),
        now.jobs());
  }

  private static List<UUID> ids(List<Desk.SourceView> sources) {
    return sources.stream().map(Desk.SourceView::id).toList();
  }

  private static <T> List<T> unlessSame(List<T> before, List<T> now) {
    return before.equals(now) ? null : now;
  }

  private static <T> List<T> different(List<T> before, List<T> now, Function<T, UUID> id) {
    Map<UUID, T> old = new HashMap<>(2 * before.size());
    before.forEach(item -> old.put(id.apply(item), item));
    return now.stream().filter(item -> !item.equals(old.get(id.apply(item)))).toList();
  }

  private static <T> List<UUID> gone(List<T> before, List<T> now, Function<T, UUID> id) {
    Set<UUID> there = new HashSet<>(2 * now.size());
    now.forEach(item -> there.add(id.apply(item)));
    return before.stream().map(id).filter(old -> !there.contains(old)).toList();
  }

  private static ScenePatch between(Scene before, Scene now) {
    Map<UUID, Placed> next = new HashMap<>(2 * now.topics().size());
    now.topics().forEach(topic -> next.put(topic.id(), topic));
    List<SceneView.PlacedView> other = new ArrayList<>();
    List<UUID> gone = new ArrayList<>();
    List<Run> moved = new ArrayList<>();
    for (int i = 0; i < before.topics().size(); i++) {
      Placed old = before.topics().get(i);
      Placed topic = next.remove(old.id());
      if (topic == null) {
        gone.add(old.id());
      } else if (!SceneView.sameShape(topic, old)) {
        other.add(SceneView.placed(topic));
      } else {
        double dx = SceneView.round(topic.x()) - SceneView.round(old.x());
        double dy = SceneView.round(topic.y()) - SceneView.round(old.y());
        move(moved, i, SceneView.round(dx), SceneView.round(dy));
      }
    }
    now.topics().stream()
        .filter(topic -> next.containsKey(topic.id()))
        .forEach(topic -> other.add(SceneView.placed(topic)));
    List<SceneView.AcrossView> were = SceneView.across(before);
    List<SceneView.AcrossView> are = SceneView.across(now);
    List<SceneView.AcrossView> links = different(were, are, SceneView.AcrossView::id);
    List<UUID> goneLinks = gone(were, are, SceneView.AcrossView::id);
    boolean nothing =
        other.isEmpty()
            && gone.isEmpty()
            && moved.isEmpty()
            && links.isEmpty()
            && goneLinks.isEmpty();
    SceneView.BackdropView under = SceneView.backdrop(now);
    boolean same = under.equals(SceneView.backdrop(before));
    if (nothing && same && before.width() == now.width() && before.height() == now.height()) {
      return null;
    }
    return new ScenePatch(
        now.width(),
        now.height(),
        same ? null : under,
        other,
        gone,
        moved,
        links,
        goneLinks,
        unlessSame(before.zones(), now.zones()));
  }

  private static void move(List<Run> moved, int at, double x, double y) {
    if (x == 0 && y == 0) {
      return;
    }
    Run last = moved.isEmpty() ? null : moved.get(moved.size() - 1);
    if (last != null && last.from() + last.count() == at && last.dx() == x && last.dy() == y) {
      moved.set(moved.size() - 1, new Run(last.from(), last.count() + 1, x, y));
    } else {
      moved.add(new Run(at, 1, x, y));
    }
  }
}
