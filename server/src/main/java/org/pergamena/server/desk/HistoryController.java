package org.pergamena.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.history.Comparison;
import org.pergamena.core.history.Difference;
import org.pergamena.core.history.Restoring;
import org.pergamena.core.history.Today;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.server.maps.Act;
import org.pergamena.server.maps.History;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.sources.Sources;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Earlier states of a map: seeing, comparing, naming them, and bringing them back. */
@RestController
@RequestMapping("/api/maps/{map}")
class HistoryController {
  private static final int PAGE = 200;

  private final History history;
  private final Maps maps;
  private final Sources sources;
  private final Desks desks;
  private final Copies copies;

  HistoryController(History history, Maps maps, Sources sources, Desks desks, Copies copies) {
    this.history = history;
    this.maps = maps;
    this.sources = sources;
    this.desks = desks;
    this.copies = copies;
  }

  /** What an earlier state is to be called; empty for nothing. */
  record VersionName(@NotNull @Size(max = 300) String name) {}

  /**
   * Bringing an earlier state back, under an identity of its own, from a state of the desk.
   *
   * @param topic whose branch alone comes back, or null for the whole map
   */
  record Return(
      @NotNull UUID id,
      @Schema(
              types = {"integer", "null"},
              format = "int64")
          Long base,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID topic) {}

  @GetMapping("/history")
  History.Page page(
      @PathVariable UUID map,
      @RequestParam(required = false) Long before,
      @RequestParam(defaultValue = "false") boolean versions) {
    return history.page(map, before, versions, PAGE);
  }

  /** The map as it was after a revision, and in what it differs from the map as it is. */
  @GetMapping("/history/{number}")
  Desks.PastView past(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable long number) {
    return desks.past(visitor, map, history.back(map, number).past());
  }

  /** In what the state after a revision differs from a later one, or from the map as it is. */
  @GetMapping("/history/{number}/differences")
  List<Difference> differences(
      @PathVariable UUID map,
      @PathVariable @PositiveOrZero long number,
      @RequestParam(required = false) Long to) {
    TopicMap before = history.back(map, number).past();
    TopicMap after = to == null ? maps.get(map).map() : history.back(map, to).past();
    return Comparison.of(before, after);
  }

  @PutMapping("/history/{number}/name")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void name(
      @PathVariable UUID map, @PathVariable long number, @RequestBody @Valid VersionName name) {
    history.name(map, number, name.name());
  }

  @PostMapping("/history/{number}/restore")
  Patch restore(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable long number,
      @RequestBody @Valid Return back) {
    Act act = Act.byHand(visitor, back.id());
    if (back.topic() == null) {
      history.restore(act, map, number);
    } else {
      TopicMap past = history.back(map, number).past();
      List<Source> texts = sources.texts(map);
      maps.restore(act, map, now -> branch(now, past, back.topic(), texts));
    }
    return desks.since(visitor, map, back.base());
  }

  private static Change branch(TopicMap now, TopicMap past, UUID topic, List<Source> texts) {
    return Restoring.branch(now, past, topic, new Today(texts), UUID::randomUUID);
  }

  /** Opens an earlier state as a new map. */
  @PostMapping("/history/{number}/copy")
  @ResponseStatus(HttpStatus.CREATED)
  MapController.Created copy(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable long number) {
    return new MapController.Created(copies.copy(visitor, map, history.back(map, number).past()));
  }

  /** Makes another map that is as this one is. */
  @PostMapping("/copy")
  @ResponseStatus(HttpStatus.CREATED)
  MapController.Created duplicate(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return new MapController.Created(copies.copy(visitor, map, maps.get(map).map()));
  }

  /** Keeps this map without its sources, to begin others from. */
  @PostMapping("/template")
  @ResponseStatus(HttpStatus.CREATED)
  MapController.Created template(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return new MapController.Created(copies.keepTemplate(visitor, map));
  }
}
