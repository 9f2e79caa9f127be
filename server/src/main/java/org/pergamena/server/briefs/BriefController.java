package org.pergamena.server.briefs;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.core.brief.Brief;
import org.pergamena.core.brief.WrittenBrief;
import org.pergamena.server.distilling.Names;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.Requires;
import org.pergamena.server.maps.Role;
import org.pergamena.server.site.Aside;
import org.pergamena.server.sources.Sources;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Writes briefs out, and keeps those that a person wants again. */
@RestController
class BriefController {
  private final Maps maps;
  private final Sources sources;
  private final Names names;
  private final KeptBriefs kept;
  private final Aside aside;

  BriefController(Maps maps, Sources sources, Names names, KeptBriefs kept, Aside aside) {
    this.names = names;
    this.maps = maps;
    this.sources = sources;
    this.kept = kept;
    this.aside = aside;
  }

  /** A brief with the name under which it is kept. */
  record Keeping(@NotBlank @Size(max = 60) String name, @NotNull @Valid BriefView brief) {}

  /** The text of a brief; nothing is changed and nothing is sent. */
  @PostMapping("/api/maps/{map}/brief")
  @Requires(Role.READ)
  CompletableFuture<WrittenBrief> write(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid BriefView brief) {
    Brief wanted = brief.brief();
    return aside.compute(
        visitor,
        progress ->
            wanted.wish() == Brief.Wish.WORDING
                ? names.brief(map, wanted)
                : WrittenBrief.of(wanted, maps.get(map).map(), sources.texts(map)));
  }

  @GetMapping("/api/briefs")
  List<KeptBriefs.KeptBrief> kept(@AuthenticationPrincipal UUID visitor) {
    return kept.of(visitor);
  }

  @PostMapping("/api/briefs")
  List<KeptBriefs.KeptBrief> keep(
      @AuthenticationPrincipal UUID visitor, @RequestBody @Valid Keeping keeping) {
    keeping.brief().brief(); // what cannot be is refused
    kept.keep(visitor, keeping.name().strip(), keeping.brief());
    return kept.of(visitor);
  }

  @DeleteMapping("/api/briefs/{brief}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@AuthenticationPrincipal UUID visitor, @PathVariable UUID brief) {
    kept.forget(visitor, brief);
  }
}
