package org.pergamena.server.visitors;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The first request of a page: makes a newcomer known. */
@RestController
class SessionController {
  private final Visitors visitors;
  private final ObjectProvider<Samples> samples;

  SessionController(Visitors visitors, ObjectProvider<Samples> samples) {
    this.visitors = visitors;
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

  @GetMapping("/api/session")
  Session session(
      @AuthenticationPrincipal Object visitor,
      HttpServletRequest request,
      HttpServletResponse response) {
    if (visitor instanceof UUID known) {
      return session(known);
    }
    UUID id = UUID.randomUUID();
    ResponseCookie cookie =
        Visitors.cookie(visitors.signed(id), request.isSecure(), Duration.ofDays(365));
    response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
    return session(id);
  }
}
