package org.pergamena.server.desk;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.server.replies.Replies;
import org.pergamena.server.site.Aside;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** A map as it would be with what a reply offers. */
@RestController
class PreviewController {
  private final Replies replies;
  private final Desks desks;
  private final Aside aside;

  PreviewController(Replies replies, Desks desks, Aside aside) {
    this.replies = replies;
    this.desks = desks;
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
}
