package org.pergamena.server.mine;

import java.time.Duration;
import java.time.Instant;
import org.pergamena.server.jobs.Upkeep;
import org.pergamena.server.visitors.Visitors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Forgets those who have not been here for long, with all that is theirs; sooner those who never
 * did more than look.
 */
@Component
class Forgetting implements Upkeep {
  private static final Logger LOG = LoggerFactory.getLogger(Forgetting.class);
  private static final int AT_ONCE = 200;

  private final Visitors visitors;
  private final Belongings belongings;
  private final Duration after;
  private final Duration unusedAfter;

  Forgetting(
      Visitors visitors,
      Belongings belongings,
      @Value("${pergamena.limits.forgotten-after}") Duration after,
      @Value("${pergamena.limits.unused-after}") Duration unusedAfter) {
    this.visitors = visitors;
    this.belongings = belongings;
    this.after = after;
    this.unusedAfter = unusedAfter;
  }

  @Override
  public void tidy() {
    Instant now = Instant.now();
    var unseen = visitors.unseenSince(now.minus(after), now.minus(unusedAfter), AT_ONCE);
    unseen.forEach(belongings::delete);
    if (!unseen.isEmpty()) {
      LOG.info("forgot {} visitors who were not here for long", unseen.size());
    }
  }
}
