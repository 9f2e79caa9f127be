package org.pergamena.server.visitors;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
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

  SessionController(Visitors visitors, List<Welcome> welcomes) {
    this.visitors = visitors;
    this.welcomes = welcomes;
  }

  /** Who is there. */
  record Session(UUID visitor) {}

  @GetMapping("/api/session")
  Session session(
      @AuthenticationPrincipal Object visitor,
      HttpServletRequest request,
      HttpServletResponse response) {
    if (visitor instanceof UUID known) {
      return new Session(known);
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
    return new Session(id);
  }
}
