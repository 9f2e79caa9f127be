package org.pergamena.server.visitors;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets each visitor ask so often, and those nobody knows, by where they come from, less often; and
 * lets only so many files come in at a time as there is memory for.
 */
class Throttle extends OncePerRequestFilter {
  private static final int MOST_KNOWN = 100_000;

  /** What a file that comes in takes of memory, for each of its bytes. */
  private static final int TIMES = 4;

  private static final int MEGABYTE = 1_000_000;
  private static final long PATIENCE_SECONDS = 20;

  private final LoadingCache<UUID, Bucket> known;
  private final LoadingCache<String, Bucket> unknown;
  private final Semaphore room;
  private final int megabytes;

  /**
   * Begins with full measures.
   *
   * @param requests a minute of a visitor
   * @param strangers requests a minute of those from one address that nobody knows
   * @param memory for files that come in, in bytes
   */
  Throttle(int requests, int strangers, long memory) {
    known = measures(requests);
    unknown = measures(strangers);
    megabytes = (int) Math.max(1, memory / MEGABYTE);
    room = new Semaphore(megabytes, true);
  }

  private static <K> LoadingCache<K, Bucket> measures(int aMinute) {
    return Caffeine.newBuilder()
        .maximumSize(MOST_KNOWN)
        .expireAfterAccess(Duration.ofMinutes(5))
        .build(
            who ->
                Bucket.builder()
                    .addLimit(
                        limit ->
                            limit.capacity(aMinute).refillGreedy(aMinute, Duration.ofMinutes(1)))
                    .build());
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!request.getRequestURI().startsWith("/api/")) {
      chain.doFilter(request, response);
      return;
    }
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    Bucket measure =
        who != null && who.getPrincipal() instanceof UUID visitor
            ? known.get(visitor)
            : unknown.get(request.getRemoteAddr());
    ConsumptionProbe asked = measure.tryConsumeAndReturnRemaining(1);
    if (!asked.isConsumed()) {
      long seconds = 1 + TimeUnit.NANOSECONDS.toSeconds(asked.getNanosToWaitForRefill());
      refuse(response, seconds, "Too much is asked at once. Wait a moment, then try again.");
    } else if (String.valueOf(request.getContentType()).startsWith("multipart/")) {
      takeIn(request, response, chain);
    } else {
      chain.doFilter(request, response);
    }
  }

  private void takeIn(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    long length = Math.max(0, request.getContentLengthLong());
    int needed = (int) Math.min(megabytes, 1 + TIMES * length / MEGABYTE);
    if (!entered(needed)) {
      refuse(
          response,
          PATIENCE_SECONDS,
          "So many files are coming in that there is no room for this one yet. Add it again in a"
              + " minute.");
      return;
    }
    try {
      chain.doFilter(request, response);
    } finally {
      room.release(needed);
    }
  }

  private boolean entered(int needed) {
    try {
      return room.tryAcquire(needed, PATIENCE_SECONDS, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  private static void refuse(HttpServletResponse response, long seconds, String sentence)
      throws IOException {
    response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(seconds));
    SecurityConfiguration.refuse(response, HttpStatus.TOO_MANY_REQUESTS.value(), sentence);
  }
}
