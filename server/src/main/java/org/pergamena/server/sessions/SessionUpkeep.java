package org.pergamena.server.sessions;

import org.pergamena.server.jobs.Upkeep;
import org.springframework.stereotype.Component;

/** Removes what has ended: sessions, invitations, the key of the former cookies. */
@Component
class SessionUpkeep implements Upkeep {
  private final Sessions sessions;
  private final SignedCookie signed;

  SessionUpkeep(Sessions sessions, SignedCookie signed) {
    this.sessions = sessions;
    this.signed = signed;
  }

  @Override
  public void tidy() {
    sessions.sweep();
    signed.sweep();
  }
}
