package org.pergamena.server.mine;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.pergamena.server.sessions.Entrance;
import org.pergamena.server.sessions.SessionCookie;
import org.pergamena.server.sessions.Sessions;
import org.pergamena.server.site.Refused;
import org.pergamena.server.site.SecurityLog;
import org.pergamena.server.site.SecurityLog.Event;
import org.pergamena.server.visitors.Measures;
import org.pergamena.server.visitors.Visitors;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The browsers in which a person is known: seen, let in, put out. */
@RestController
class BrowserController {
  private static final int MOST_WRONG = 10;

  /** Codes that were wrong, by the address that they came from. */
  private final Measures<String> wrongCodes = new Measures<>(MOST_WRONG, Duration.ofMinutes(10));

  private final Sessions sessions;
  private final Entrance entrance;
  private final Visitors visitors;
  private final Belongings belongings;
  private final SecurityLog log;

  BrowserController(
      Sessions sessions,
      Entrance entrance,
      Visitors visitors,
      Belongings belongings,
      SecurityLog log) {
    this.sessions = sessions;
    this.entrance = entrance;
    this.visitors = visitors;
    this.belongings = belongings;
    this.log = log;
  }

  /**
   * A browser that a person is known in.
   *
   * @param here whether it is the one that asks
   */
  record KnownBrowser(UUID id, String name, Instant since, Instant lastSeen, boolean here) {}

  /** What lets another browser in. */
  record Invitation(String code, Instant until) {}

  /** What was typed or opened in another browser. */
  record Entering(@NotNull @Size(max = 40) String code) {}

  @GetMapping("/api/mine/browsers")
  List<KnownBrowser> browsers(Authentication who) {
    return sessions.of(person(who)).stream()
        .map(
            s ->
                new KnownBrowser(
                    s.id(), s.browser(), s.begunAt(), s.seenAt(), s.id().equals(session(who))))
        .toList();
  }

  /** Puts a browser out: what it shows cannot be loaded or changed there any more. */
  @DeleteMapping("/api/mine/browsers/{browser}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(
      Authentication who,
      @PathVariable UUID browser,
      HttpServletRequest request,
      HttpServletResponse response) {
    if (!sessions.end(person(who), browser)) {
      throw Refused.notFound("This browser");
    }
    log.note(Event.SESSION_ENDED, person(who), request.getRemoteAddr());
    if (browser.equals(session(who))) {
      SessionCookie.take(request, response);
    }
  }

  /** Makes a code by which another browser comes in, once and within ten minutes. */
  @PostMapping("/api/mine/invitations")
  Invitation invite(Authentication who, HttpServletRequest request) {
    log.note(Event.INVITED, person(who), request.getRemoteAddr());
    Sessions.Invitation made = sessions.invite(person(who));
    return new Invitation(made.code(), made.until());
  }

  /** Makes the browser that asks one of the person's who made a code. */
  @PostMapping("/api/session/entries")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void enter(
      Authentication who,
      @Valid @RequestBody Entering entering,
      HttpServletRequest request,
      HttpServletResponse response) {
    UUID before = who != null && who.getPrincipal() instanceof UUID known ? known : null;
    if (before != null && visitors.used(before)) {
      throw new Refused(
          HttpStatus.CONFLICT,
          "This browser has maps of its own, which nobody would reach any more. Take them along"
              + " first and delete them here (your maps, All of mine), then open the address"
              + " again.");
    }
    String from = request.getRemoteAddr();
    if (wrongCodes.empty(from)) {
      log.note(Event.INVITATION_REFUSED, before, from);
      throw new Refused(
          HttpStatus.TOO_MANY_REQUESTS,
          "Ten wrong codes have come from here. Wait ten minutes, then ask for a new one.");
    }
    UUID person;
    try {
      person = sessions.invitedBy(entering.code());
    } catch (Refused e) {
      wrongCodes.take(from);
      log.note(Event.INVITATION_REFUSED, before, from);
      throw e;
    }
    if (before != null) {
      belongings.delete(before); // nothing but what everybody is shown
    }
    entrance.begin(person, request, response);
  }

  private static UUID person(Authentication who) {
    return (UUID) who.getPrincipal();
  }

  private static UUID session(Authentication who) {
    return ((Sessions.Known) who.getDetails()).session();
  }
}
