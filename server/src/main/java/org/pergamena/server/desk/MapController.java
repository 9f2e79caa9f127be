package org.pergamena.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.layout.Folds;
import org.pergamena.core.map.TopicMap;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.maps.Act;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.NewsFeed;
import org.pergamena.server.maps.Requires;
import org.pergamena.server.maps.Role;
import org.pergamena.server.maps.Views;
import org.pergamena.server.sources.Sources;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Maps: listing, opening, changing, undoing. */
@RestController
@RequestMapping("/api/maps")
class MapController {
  private final Maps maps;
  private final Sources sources;
  private final Desks desks;
  private final Edits edits;
  private final Jobs jobs;
  private final NewsFeed news;
  private final Views views;
  private final Drawing drawing;

  MapController(
      Maps maps,
      Sources sources,
      Desks desks,
      Edits edits,
      Jobs jobs,
      NewsFeed news,
      Views views,
      Drawing drawing) {
    this.maps = maps;
    this.sources = sources;
    this.desks = desks;
    this.edits = edits;
    this.jobs = jobs;
    this.news = news;
    this.views = views;
    this.drawing = drawing;
  }

  /** A map that was made. */
  record Created(UUID id) {}

  /** What is new about a map. */
  record News(long revision, List<Jobs.View> jobs) {}

  /**
   * Which branches are to be closed: those named, or all from a level down, or as many of the lower
   * ones as it takes to fit a window.
   *
   * @param closed topics by identity, or null
   * @param level the deepest level that stays in sight, or null
   * @param width of the window in scene pixels, or null
   * @param height of the window in scene pixels, or null
   */
  record Folding(
      @Schema(types = {"array", "null"}) Set<UUID> closed,
      @Schema(types = {"integer", "null"}) Integer level,
      @Schema(types = {"number", "null"}) Double width,
      @Schema(types = {"number", "null"}) Double height) {}

  /**
   * An edit on its way.
   *
   * @param id the edit's own identity, so that it is applied once however often it is sent
   */
  record Sent(@NotNull UUID id, @NotNull @Valid Edit edit) {}

  /** Undoing or redoing, under an identity of its own. */
  record Turn(@NotNull UUID id) {}

  @GetMapping
  List<Maps.Summary> list(@AuthenticationPrincipal UUID visitor) {
    return maps.of(visitor);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Created create(@AuthenticationPrincipal UUID visitor) {
    return new Created(maps.create(visitor));
  }

  @DeleteMapping("/{map}")
  @Requires(Role.OWN)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID map) {
    maps.delete(map);
  }

  @GetMapping("/{map}")
  Desk get(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return desks.desk(visitor, map);
  }

  @PostMapping("/{map}/edits")
  Desk edit(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Sent sent) {
    maps.change(Act.byHand(visitor, sent.id()), map, now -> edits.change(map, sent.edit()));
    return desks.desk(visitor, map);
  }

  @PostMapping("/{map}/undo")
  Desk undo(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Turn turn) {
    maps.undo(Act.byHand(visitor, turn.id()), map);
    return desks.desk(visitor, map);
  }

  @PostMapping("/{map}/redo")
  Desk redo(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Turn turn) {
    maps.redo(Act.byHand(visitor, turn.id()), map);
    return desks.desk(visitor, map);
  }

  @PutMapping("/{map}/folds")
  Desk fold(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @RequestBody Folding folding) {
    views.close(visitor, map, closed(map, maps.get(map).map(), folding));
    return desks.desk(visitor, map);
  }

  private Set<UUID> closed(UUID mapId, TopicMap map, Folding folding) {
    if (folding.closed() != null) {
      return folding.closed();
    }
    if (folding.level() != null) {
      return Folds.below(map, folding.level());
    }
    Drawing.Prepared prepared = drawing.prepare(map, sources.ids(mapId), Set.of());
    return Folds.fitting(
        map,
        prepared::scene,
        folding.width() == null ? 0 : folding.width(),
        folding.height() == null ? 0 : folding.height());
  }

  @PostMapping("/{map}/jobs/{job}/cancel")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void cancel(@PathVariable UUID map, @PathVariable UUID job) {
    jobs.cancel(map, job);
  }

  @GetMapping(path = "/{map}/news", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter news(@PathVariable UUID map) {
    return news.listen(map, () -> new News(maps.revision(map), jobs.of(map)));
  }
}
