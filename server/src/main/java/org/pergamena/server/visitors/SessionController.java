package org.pergamena.server.visitors;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.UUID;
import org.pergamena.server.sessions.Entrance;
import org.pergamena.server.sessions.Sessions;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The first request of a page: makes a newcomer known. */
@RestController
class SessionController {
  private final Entrance entrance;
  private final ObjectProvider<Samples> samples;

  SessionController(Entrance entrance, ObjectProvider<Samples> samples) {
    this.entrance = entrance;
    this.samples = samples;
  }

  private Session session(UUID visitor) {
    Samples found = samples.getIfAvailable();
    return found == null
        ? new Session(visitor, List.of(), null)
        : new Session(visitor, found.pages(), found.outline());
  }

  /**
   * Who is there.
   *
   * @param samples addresses of pages to try, in the demonstration
   * @param outline one to try, or null outside the demonstration
   */
  record Session(
      UUID visitor, List<String> samples, @Schema(types = {"string", "null"}) String outline) {}

  @GetMapping(VisitorFilter.SESSION)
  Session session(Authentication who, HttpServletRequest request, HttpServletResponse response) {
    if (who != null && who.getDetails() instanceof Sessions.Known known) {
      entrance.renew(known, request, response);
      return session(known.visitor());
    }
    return session(entrance.offer(request, response));
  }
}
