package org.pergamena.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.layout.Folds;
import org.pergamena.core.map.Replacing;
import org.pergamena.core.map.TopicMap;
import org.pergamena.formats.picture.Drawing;
import org.pergamena.server.maps.Act;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.Requires;
import org.pergamena.server.maps.Role;
import org.pergamena.server.maps.Views;
import org.pergamena.server.sources.Sources;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Maps: listing, opening, changing, undoing. */
@RestController
@RequestMapping("/api/maps")
class MapController {
  private final Maps maps;
  private final Sources sources;
  private final Desks desks;
  private final Edits edits;
  private final Views views;
  private final Drawing drawing;

  MapController(
      Maps maps, Sources sources, Desks desks, Edits edits, Views views, Drawing drawing) {
    this.maps = maps;
    this.sources = sources;
    this.desks = desks;
    this.edits = edits;
    this.views = views;
    this.drawing = drawing;
  }

  /** A map that was made. */
  record Created(UUID id) {}

  /**
   * Which branches are to be closed: some more and some fewer, or those named and no others, or all
   * from a level down, or as many of the lower ones as it takes to fit a window.
   *
   * @param close topics whose branches are closed too, or null
   * @param open topics whose branches are opened, or null
   * @param closed those whose branches are closed, and no others, or null
   * @param level the deepest level that stays in sight, or null
   * @param width of the window in scene pixels, or null
   * @param height of the window in scene pixels, or null
   */
  record Folding(
      @Schema(types = {"array", "null"}) @Size(max = 20_000) Set<UUID> close,
      @Schema(types = {"array", "null"}) @Size(max = 20_000) Set<UUID> open,
      @Schema(types = {"array", "null"}) @Size(max = 20_000) Set<UUID> closed,
      @Schema(types = {"integer", "null"}) Integer level,
      @Schema(types = {"number", "null"}) Double width,
      @Schema(types = {"number", "null"}) Double height,
      @Schema(
              types = {"integer", "null"},
              format = "int64")
          Long base) {}

  /**
   * An edit on its way.
   *
   * @param id the edit's own identity, so that it is applied once however often it is sent
   * @param base the state of the desk that the page has, or null
   * @param typed what a text of it was typed from, or null if nothing was typed
   */
  record Sent(
      @NotNull UUID id,
      @Schema(
              types = {"integer", "null"},
              format = "int64")
          Long base,
      @NotNull @Valid Edit edit,
      @Valid
          @Schema(
              types = {"object", "null"},
              implementation = Typed.class)
          Typed typed) {}

  /** Undoing or redoing, under an identity of its own, from a state of the desk. */
  record Turn(
      @NotNull UUID id,
      @Schema(
              types = {"integer", "null"},
              format = "int64")
          Long base) {}

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

  /** What has changed since a state of the desk that the page has. */
  @GetMapping("/{map}/patch")
  Patch patch(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam(required = false) Long since) {
    return desks.since(visitor, map, since);
  }

  /** Where words stand on a map, and what it would say with others in their place. */
  @GetMapping("/{map}/replacements")
  List<Replacing.Found> replacements(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam String words,
      @RequestParam(defaultValue = "") String by,
      @RequestParam(defaultValue = "false") boolean exact) {
    return new Replacing(words, by, exact).in(maps.get(map).map());
  }

  @PostMapping("/{map}/edits")
  Patch edit(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Sent sent) {
    Typed typed = sent.typed();
    Act act =
        Act.byHand(visitor, sent.id())
            .called(Edits.called(map, sent.edit()))
            .typing(typed == null ? null : typed.field());
    Edits.Ready ready = Edits.ready(sent.edit());
    maps.change(
        act,
        map,
        now ->
            typed == null
                ? edits.change(visitor, map, now, ready)
                : typed.merged(visitor, now, edits.change(visitor, map, now, ready)));
    return desks.since(visitor, map, sent.base());
  }

  @PostMapping("/{map}/undo")
  Patch undo(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Turn turn) {
    maps.undo(Act.byHand(visitor, turn.id()), map);
    return desks.since(visitor, map, turn.base());
  }

  @PostMapping("/{map}/redo")
  Patch redo(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Turn turn) {
    maps.redo(Act.byHand(visitor, turn.id()), map);
    return desks.since(visitor, map, turn.base());
  }

  @PutMapping("/{map}/folds")
  @Requires(Role.READ)
  Patch fold(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Folding folding) {
    if (folding.close() != null || folding.open() != null) {
      views.toggle(visitor, map, orNone(folding.close()), orNone(folding.open()));
    } else {
      views.close(visitor, map, closed(map, maps.get(map).map(), folding));
    }
    return desks.since(visitor, map, folding.base());
  }

  /** What a person looks at as if it were the whole, and the state that the page has. */
  record Focusing(
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID topic,
      @Schema(
              types = {"integer", "null"},
              format = "int64")
          Long base) {}

  @PutMapping("/{map}/focus")
  @Requires(Role.READ)
  Patch focus(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody Focusing focusing) {
    views.focus(visitor, map, focusing.topic());
    return desks.since(visitor, map, focusing.base());
  }

  private static Set<UUID> orNone(Set<UUID> ids) {
    return ids == null ? Set.of() : ids;
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
}
