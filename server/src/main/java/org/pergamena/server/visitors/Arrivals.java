package org.pergamena.server.visitors;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pergamena.server.sessions.Sessions;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Receives those who come. Somebody new is received when they come back with the token that they
 * were given: who only asks for one leaves nothing behind.
 */
@Component
class Arrivals {
  private final Visitors visitors;
  private final Sessions sessions;
  private final List<Welcome> welcomes;

  Arrivals(Visitors visitors, Sessions sessions, List<Welcome> welcomes) {
    this.visitors = visitors;
    this.sessions = sessions;
    this.welcomes = welcomes;
  }

  /**
   * The session of a token, if it goes on.
   *
   * @param doing whether more than looking is asked for
   */
  @Transactional
  public Optional<Sessions.Known> known(String token, boolean doing) {
    Optional<Sessions.Known> known = sessions.known(token);
    known.ifPresent(found -> visitors.here(found.visitor(), doing));
    return known;
  }

  /** Receives somebody new, whom a token was offered, unless a request beside this one did. */
  @Transactional
  public void meet(UUID visitor, String token, String userAgent) {
    visitors.alone(visitor);
    if (sessions.known(token).isEmpty()) {
      visitors.ensure(visitor);
      welcomes.forEach(welcome -> welcome.receive(visitor));
      sessions.begin(token, visitor, userAgent);
    }
  }

  /** Somebody who was known before there were sessions, if they still are. */
  @Transactional
  public boolean knownBefore(UUID visitor) {
    return visitors.here(visitor, true);
  }
}
