package org.pergamena.server.visitors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pergamena.server.sessions.SessionCookie;
import org.pergamena.server.sessions.Sessions;
import org.pergamena.server.sessions.SignedCookie;
import org.pergamena.server.site.Outage;
import org.pergamena.server.site.SecurityLog;
import org.pergamena.server.site.SecurityLog.Event;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Takes the visitor from the session's cookie. */
class VisitorFilter extends OncePerRequestFilter {
  /** Where nobody has to be known. */
  static final String SESSION = "/api/session";

  private static final Set<String> LOOKING = Set.of("GET", "HEAD", "OPTIONS");

  /** What one sees of a map is kept too. */
  private static final String FOLDS = "/folds";

  private final Sessions sessions;
  private final SignedCookie signed;
  private final Arrivals arrivals;
  private final SecurityLog log;
  private final Measures<String> newcomers;

  /**
   * Begins with full measures.
   *
   * @param newcomers from one address in an hour
   */
  VisitorFilter(
      Sessions sessions, SignedCookie signed, Arrivals arrivals, SecurityLog log, int newcomers) {
    this.sessions = sessions;
    this.signed = signed;
    this.arrivals = arrivals;
    this.log = log;
    this.newcomers = new Measures<>(newcomers, Duration.ofHours(1));
  }

  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getRequestURI().startsWith("/api/")) {
      try {
        if (!received(request, response)) {
          return;
        }
      } catch (RuntimeException e) {
        if (!Outage.is(e)) {
          throw e;
        }
        response.setHeader(HttpHeaders.RETRY_AFTER, "2");
        SecurityConfiguration.refuse(
            response, HttpStatus.SERVICE_UNAVAILABLE.value(), Outage.SENTENCE);
        return;
      }
    }
    chain.doFilter(request, response);
  }

  /** Finds who asks; whether the request may go on. */
  private boolean received(HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    Optional<String> token = SessionCookie.of(request);
    if (token.isEmpty()) {
      signed
          .visitor(request)
          .filter(arrivals::knownBefore)
          .ifPresent(visitor -> enter(new Sessions.Known(null, visitor)));
      return true;
    }
    Optional<UUID> offered = sessions.offered(token.get()); // before it is known, or it is neither
    Optional<Sessions.Known> known = arrivals.known(token.get(), doing(request));
    if (known.isPresent()) {
      enter(known.get());
      return true;
    }
    if (offered.isEmpty()) {
      log.note(Event.TOKEN_UNKNOWN, null, request.getRemoteAddr());
      return true;
    }
    return entering(request) || newcomer(offered.get(), token.get(), request, response);
  }

  private static boolean entering(HttpServletRequest request) {
    return request.getRequestURI().startsWith(SESSION + "/");
  }

  private static boolean doing(HttpServletRequest request) {
    return !LOOKING.contains(request.getMethod())
        && !entering(request)
        && !request.getRequestURI().endsWith(FOLDS);
  }

  private boolean newcomer(
      UUID visitor, String token, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    String from = request.getRemoteAddr();
    long wait = newcomers.take(from);
    if (wait > 0) {
      log.note(Event.TOO_MANY_NEWCOMERS, null, from);
      Throttle.refuse(
          response, wait, "So many new people come from your network that you have to wait a bit.");
      return false;
    }
    arrivals.meet(visitor, token, request.getHeader(HttpHeaders.USER_AGENT));
    sessions.arrived(token);
    arrivals.known(token, doing(request)).ifPresent(VisitorFilter::enter);
    log.note(Event.SESSION_BEGUN, visitor, from);
    return true;
  }

  private static void enter(Sessions.Known known) {
    UsernamePasswordAuthenticationToken who =
        UsernamePasswordAuthenticationToken.authenticated(known.visitor(), null, List.of());
    who.setDetails(known);
    SecurityContextHolder.getContext().setAuthentication(who);
  }
}
