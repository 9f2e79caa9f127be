package org.pergamena.server.sessions;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.UUID;
import org.pergamena.server.site.SecurityLog;
import org.pergamena.server.site.SecurityLog.Event;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;

/** Gives browsers their tokens. */
@Component
public class Entrance {
  private final Sessions sessions;
  private final SecurityLog log;

  Entrance(Sessions sessions, SecurityLog log) {
    this.sessions = sessions;
    this.log = log;
  }

  /** Gives somebody new a token; who they will be once they come back with it. */
  public UUID offer(HttpServletRequest request, HttpServletResponse response) {
    UUID visitor = UUID.randomUUID();
    SessionCookie.give(sessions.offer(visitor), request, response);
    return visitor;
  }

  /** Gives a browser that is known a new token when its own is old, or of the former kind. */
  public void renew(
      Sessions.Known known, HttpServletRequest request, HttpServletResponse response) {
    if (known.session() == null) {
      begin(known.visitor(), request, response);
      SignedCookie.take(request, response);
      return;
    }
    sessions
        .renewed(known.session(), agent(request))
        .ifPresent(
            token -> {
              SessionCookie.give(token, request, response);
              log.note(Event.SESSION_RENEWED, known.visitor(), request.getRemoteAddr());
            });
  }

  /** Begins a session of a visitor in the browser that asks. */
  public void begin(UUID visitor, HttpServletRequest request, HttpServletResponse response) {
    SessionCookie.give(sessions.begin(visitor, agent(request)), request, response);
    log.note(Event.SESSION_BEGUN, visitor, request.getRemoteAddr());
  }

  private static String agent(HttpServletRequest request) {
    return request.getHeader(HttpHeaders.USER_AGENT);
  }
}
