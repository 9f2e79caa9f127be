package org.pergamena.server.desk;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.TopicMap;
import org.pergamena.server.replies.Replies;
import org.pergamena.server.site.Aside;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Maps that replies make: as a map would be with one, and one of several. */
@RestController
class ReplyMapController {
  private final Replies replies;
  private final Desks desks;
  private final Copies copies;
  private final Aside aside;

  ReplyMapController(Replies replies, Desks desks, Copies copies, Aside aside) {
    this.replies = replies;
    this.desks = desks;
    this.copies = copies;
    this.aside = aside;
  }

  /**
   * A map drawn with all that is new in a reply.
   *
   * @param points what each point of the reply is on it, or null
   */
  record PreviewView(Desks.PastView map, List<UUID> points) {}

  @GetMapping("/api/maps/{map}/replies/{reply}/map")
  CompletableFuture<PreviewView> preview(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID reply) {
    return aside.compute(
        visitor,
        progress -> {
          Replies.Preview preview = replies.preview(map, reply);
          return new PreviewView(desks.past(visitor, map, preview.map()), preview.points());
        });
  }

  /** Replies that become one map under a title. */
  record Several(
      @NotNull @Size(min = 2, max = 20, message = "need to be two to twenty")
          List<@NotNull UUID> replies,
      @NotBlank @Size(max = Content.LONGEST_LABEL) String title) {}

  /** Makes a new map of several replies, with the same sources. */
  @PostMapping("/api/maps/{map}/merged-replies")
  @ResponseStatus(HttpStatus.CREATED)
  CompletableFuture<MapController.Created> merge(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Several several) {
    return aside.compute(
        visitor,
        progress -> {
          TopicMap merged = replies.merged(map, several.replies(), several.title().strip());
          return new MapController.Created(copies.copy(visitor, map, merged));
        });
  }
}
