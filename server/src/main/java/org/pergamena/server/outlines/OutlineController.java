package org.pergamena.server.outlines;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.core.outline.Outline;
import org.pergamena.core.outline.OutlineReader;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.maps.News;
import org.pergamena.server.reading.Confined;
import org.pergamena.server.site.Aside;
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
  private static final int LONGEST_OUTLINE = 5_000_000;
  private static final int LONGEST_PASTE = 200_000;

  private final Outlines outlines;
  private final Proposals proposals;
  private final Jobs jobs;
  private final News news;
  private final Confined confined;
  private final Aside aside;

  OutlineController(
      Outlines outlines,
      Proposals proposals,
      Jobs jobs,
      News news,
      Confined confined,
      Aside aside) {
    this.outlines = outlines;
    this.proposals = proposals;
    this.jobs = jobs;
    this.news = news;
    this.confined = confined;
    this.aside = aside;
  }

  /** An outline as it is written. */
  record Written(
      @NotNull @Size(max = 300) String name,
      @NotNull @Size(max = LONGEST_OUTLINE, message = "is longer than outlines are; use less")
          String body) {}

  /** Text that was pasted. */
  record PastedOutline(
      @NotNull
          @Size(
              max = LONGEST_PASTE,
              message = "200,000 characters can be pasted at once. Use less.")
          String text) {}

  /** Proposals by identity. */
  record Chosen(@NotNull @Size(max = 20_000) Set<UUID> proposals) {}

  @GetMapping("/outline")
  CompletableFuture<Outlines.OutlineView> outline(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(visitor, progress -> outlines.of(map));
  }

  /** The topics of text that was pasted, with what was repaired; the map stays as it is. */
  @PostMapping("/outline/read")
  CompletableFuture<Outline> read(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid PastedOutline pasted) {
    return aside.compute(
        visitor,
        progress -> {
          confined.requireOutline(pasted.text());
          return OutlineReader.read(pasted.text());
        });
  }

  /** Makes the map follow an outline; its topics are matched with passages at once. */
  @PutMapping("/outline")
  CompletableFuture<Outlines.OutlineView> follow(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Written written) {
    return aside.compute(
        visitor,
        progress -> {
          confined.requireOutline(written.body());
          Outlines.OutlineView view = outlines.follow(visitor, map, written.name(), written.body());
          jobs.ask(visitor, map, null, JobKind.MATCH, "");
          return view;
        });
  }

  @DeleteMapping("/outline")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void part(@PathVariable UUID map) {
    outlines.part(map);
    news.tell(map);
  }

  /** Looks for passages that bear out topics without any. */
  @PostMapping("/proposals")
  @ResponseStatus(HttpStatus.ACCEPTED)
  void match(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    jobs.ask(visitor, map, null, JobKind.MATCH, "");
  }

  @PostMapping("/proposals/accept")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void accept(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Chosen chosen) {
    proposals.accept(visitor, map, chosen.proposals());
  }

  @PostMapping("/proposals/refuse")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void refuse(@PathVariable UUID map, @RequestBody @Valid Chosen chosen) {
    proposals.refuse(map, chosen.proposals());
    news.tell(map);
  }
}
