package org.pergamena.server.visitors;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import java.time.Duration;
import java.util.concurrent.TimeUnit;

/**
 * How often each of many may do something.
 *
 * @param <K> what tells them apart
 */
public class Measures<K> {
  private static final int MOST_KNOWN = 100_000;

  private final LoadingCache<K, Bucket> each;

  /**
   * Begins with full measures.
   *
   * @param times in a period
   */
  public Measures(int times, Duration period) {
    each =
        Caffeine.newBuilder()
            .maximumSize(MOST_KNOWN)
            .expireAfterAccess(period.multipliedBy(2))
            .build(
                who ->
                    Bucket.builder()
                        .addLimit(limit -> limit.capacity(times).refillGreedy(times, period))
                        .build());
  }

  /** Takes one time from somebody's measure; the seconds to wait, 0 if there was one left. */
  public long take(K who) {
    ConsumptionProbe asked = each.get(who).tryConsumeAndReturnRemaining(1);
    return asked.isConsumed()
        ? 0
        : 1 + TimeUnit.NANOSECONDS.toSeconds(asked.getNanosToWaitForRefill());
  }

  /** Whether somebody's measure has nothing left. */
  public boolean empty(K who) {
    return each.get(who).getAvailableTokens() == 0;
  }
}
