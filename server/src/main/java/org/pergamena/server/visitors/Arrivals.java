package org.pergamena.server.visitors;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Receives those who come for the first time. That is when they come back with the cookie that they
 * were given: who only asks for one leaves nothing behind.
 */
@Component
class Arrivals {
  private final Visitors visitors;
  private final List<Welcome> welcomes;

  Arrivals(Visitors visitors, List<Welcome> welcomes) {
    this.visitors = visitors;
    this.welcomes = welcomes;
  }

  /** Sees that a visitor is known, and has been received. */
  @Transactional
  public void meet(UUID visitor) {
    if (visitors.seen(visitor)) {
      return;
    }
    visitors.alone(visitor);
    if (!visitors.seen(visitor)) {
      visitors.ensure(visitor);
      welcomes.forEach(welcome -> welcome.receive(visitor));
    }
  }
}
