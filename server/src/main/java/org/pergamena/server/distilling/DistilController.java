package org.pergamena.server.distilling;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.core.distil.DistilOptions;
import org.pergamena.core.distil.Distiller;
import org.pergamena.core.distil.Redistilling;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.TopicMap;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.site.Aside;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.Sources;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Distilling a map, and what it would come to. */
@RestController
@RequestMapping("/api/maps/{map}/distil")
class DistilController {
  /** Sources of more words than this are not divided only to tell how many topics come. */
  private static final int MOST_WORDS = 150_000;

  private final Maps maps;
  private final Sources sources;
  private final Jobs jobs;
  private final Aside aside;
  private final Distillations distillations;
  private final JsonMapper json;

  DistilController(
      Maps maps,
      Sources sources,
      Jobs jobs,
      Aside aside,
      Distillations distillations,
      JsonMapper json) {
    this.distillations = distillations;
    this.maps = maps;
    this.sources = sources;
    this.jobs = jobs;
    this.aside = aside;
    this.json = json;
  }

  /**
   * What distilling would come to.
   *
   * @param levels number of topics on each level, from the main branches on; none if that would
   *     take too long to tell
   * @param subjects the sources by what they speak of, those of one list with something in common
   */
  record Preview(List<Integer> levels, List<List<UUID>> subjects) {}

  @PostMapping
  @ResponseStatus(HttpStatus.ACCEPTED)
  void distil(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody DistilOptions options) {
    requireSource(visitor, map);
    jobs.ask(visitor, map, null, JobKind.DISTIL, json.writeValueAsString(options));
  }

  private void requireSource(UUID visitor, UUID map) {
    if (sources.of(map).stream().noneMatch(Sources.Entry::ready)) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "There is no source to distil yet. Add one, or wait until it has been read.");
    }
  }

  /** The options that the map was last distilled with, or else the usual ones. */
  @GetMapping
  DistilOptions last(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return maps.distilledWith(map);
  }

  /**
   * A map distilled anew, compared with the one that stands.
   *
   * @param waits whether there is one; the rest is empty if not
   * @param before number of topics on the map that stands
   * @param after number of topics if the new map is taken whole
   * @param added number of topics that come if only what is new is taken
   */
  record Again(
      boolean waits,
      int before,
      int after,
      int added,
      @Schema(types = {"object", "null"}) Redistilling.Outcome outcome) {}

  /** What of a map distilled anew is taken, under an identity so that it is taken once. */
  record Taken(@NotNull UUID id, @NotNull Distillations.How how) {}

  @GetMapping("/again")
  Again again(@PathVariable UUID map) {
    return distillations
        .find(map)
        .map(
            again -> {
              TopicMap now = maps.get(map).map();
              TopicMap whole = now.apply(again.whole()).map();
              int added = now.apply(again.onlyNew()).map().size() - now.size();
              return new Again(true, now.size(), whole.size(), added, again.outcome());
            })
        .orElseGet(() -> new Again(false, 0, 0, 0, null));
  }

  @PostMapping("/again")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void take(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Taken taken) {
    distillations.take(visitor, taken.id(), map, taken.how());
  }

  /** How many topics would come. */
  @PostMapping("/preview")
  CompletableFuture<Preview> preview(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody DistilOptions options) {
    requireSource(visitor, map);
    return aside.compute(
        visitor,
        progress -> {
          List<Analysed> texts = sources.analysed(map, () -> progress.at("Finding sentences", 0));
          int words = texts.stream().mapToInt(t -> t.words(0, t.sentences().size())).sum();
          if (words > MOST_WORDS) {
            return new Preview(List.of(), List.of());
          }
          try {
            Distiller.Outlook outlook = new Distiller(texts, options, progress).outlook();
            return new Preview(outlook.levels(), outlook.subjects());
          } catch (IllegalArgumentException e) {
            throw new Refused(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage());
          }
        });
  }
}
