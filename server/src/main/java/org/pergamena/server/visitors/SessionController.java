package org.pergamena.server.visitors;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.pergamena.server.fetch.LocalWeb;
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
  private final List<Welcome> welcomes;

  private final ObjectProvider<LocalWeb> local;

  SessionController(Visitors visitors, List<Welcome> welcomes, ObjectProvider<LocalWeb> local) {
    this.visitors = visitors;
    this.welcomes = welcomes;
    this.local = local;
  }

  private List<String> samples() {
    return local.stream().flatMap(web -> web.pages().stream()).toList();
  }

  /**
   * Who is there.
   *
   * @param samples addresses of pages to try, in the demonstration
   */
  record Session(UUID visitor, List<String> samples) {}

  @GetMapping("/api/session")
  Session session(
      @AuthenticationPrincipal Object visitor,
      HttpServletRequest request,
      HttpServletResponse response) {
    if (visitor instanceof UUID known) {
      return new Session(known, samples());
    }
    UUID id = visitors.create();
    welcomes.forEach(welcome -> welcome.receive(id));
    ResponseCookie cookie =
        ResponseCookie.from(VisitorFilter.COOKIE, visitors.signed(id))
            .httpOnly(true)
            .secure(request.isSecure())
            .sameSite("Lax")
            .path("/")
            .maxAge(Duration.ofDays(365))
            .build();
    response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
    return new Session(id, samples());
  }
}
