package org.pergamena.server.desk;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Set;
import java.util.UUID;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.outlines.Outlines;
import org.pergamena.server.outlines.Proposals;
import org.springframework.http.HttpStatus;
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

/** The outline of a map, and the passages proposed for its topics. */
@RestController
@RequestMapping("/api/maps/{map}")
class OutlineController {
  private final Maps maps;
  private final Outlines outlines;
  private final Proposals proposals;
  private final Desks desks;
  private final Jobs jobs;

  OutlineController(Maps maps, Outlines outlines, Proposals proposals, Desks desks, Jobs jobs) {
    this.maps = maps;
    this.outlines = outlines;
    this.proposals = proposals;
    this.desks = desks;
    this.jobs = jobs;
  }

  /** An outline as it is written. */
  record Written(@NotNull String name, @NotNull String body) {}

  /** Proposals by identity. */
  record Chosen(@NotNull Set<UUID> proposals) {}

  @GetMapping("/outline")
  Outlines.OutlineView outline(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return outlines.of(visitor, map);
  }

  /** Makes the map follow an outline; its topics are matched with passages at once. */
  @PutMapping("/outline")
  Outlines.OutlineView follow(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Written written) {
    Outlines.OutlineView view = outlines.follow(visitor, map, written.name(), written.body());
    jobs.ask(map, null, JobKind.MATCH, "");
    return view;
  }

  @DeleteMapping("/outline")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void part(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    outlines.part(visitor, map);
    jobs.announce(map);
  }

  /** Looks for passages that bear out topics without any. */
  @PostMapping("/proposals")
  @ResponseStatus(HttpStatus.ACCEPTED)
  void match(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    maps.requireOwner(visitor, map);
    jobs.ask(map, null, JobKind.MATCH, "");
  }

  @PostMapping("/proposals/accept")
  Desk accept(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Chosen chosen) {
    Maps.Current now = proposals.accept(visitor, map, chosen.proposals());
    jobs.announce(map);
    return desks.desk(now);
  }

  @PostMapping("/proposals/refuse")
  Desk refuse(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Chosen chosen) {
    maps.requireOwner(visitor, map);
    proposals.refuse(map, chosen.proposals());
    jobs.announce(map);
    return desks.desk(maps.get(visitor, map));
  }
}
