package org.pergamena.server.site;

import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * What concerns who may do what, for whoever runs the server: a line an event, without contents,
 * titles or tokens. A flood of events is counted and not written out.
 */
@Component
public class SecurityLog {
  private static final Logger LOG = LoggerFactory.getLogger("org.pergamena.security");
  private static final int LINES_A_MINUTE = 300;

  /** What happened. */
  public enum Event {
    SESSION_BEGUN,
    SESSION_RENEWED,
    SESSION_ENDED,
    TOKEN_UNKNOWN,
    INVITED,
    INVITATION_REFUSED,
    NOT_THEIRS,
    FORGERY_REFUSED,
    TOO_MANY_REQUESTS,
    TOO_MANY_NEWCOMERS,
    ALL_TAKEN_ALONG,
    ALL_DELETED
  }

  private final AtomicLong unsaid = new AtomicLong();
  private final Bucket lines =
      Bucket.builder()
          .addLimit(
              limit ->
                  limit
                      .capacity(LINES_A_MINUTE)
                      .refillGreedy(LINES_A_MINUTE, Duration.ofMinutes(1)))
          .build();

  /**
   * Writes an event down.
   *
   * @param visitor whom it concerns, or null if nobody knows
   * @param from the address that the request came from
   */
  public void note(Event event, UUID visitor, String from) {
    if (!lines.tryConsume(1)) {
      unsaid.incrementAndGet();
      return;
    }
    long left = unsaid.getAndSet(0);
    if (left > 0) {
      LOG.warn("{} more events were not written down", left);
    }
    LOG.info("{} visitor={} from={}", event, visitor == null ? "unknown" : visitor, from);
  }
}
