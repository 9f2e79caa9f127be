package org.pergamena.server.visitors;

import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.pergamena.server.site.SecurityLog;
import org.pergamena.server.site.SecurityLog.Event;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
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
  /** What a file that comes in takes of memory, for each of its bytes. */
  private static final int TIMES = 4;

  private static final int MEGABYTE = 1_000_000;
  private static final long PATIENCE_SECONDS = 20;

  private static final Logger LOG = LoggerFactory.getLogger(Throttle.class);

  private final Measures<UUID> known;
  private final Measures<String> unknown;
  private final SecurityLog log;
  private final Semaphore room;
  private final int megabytes;

  /**
   * Begins with full measures.
   *
   * @param requests a minute of a visitor
   * @param strangers requests a minute of those from one address that nobody knows
   * @param memory for files that come in, in bytes
   */
  Throttle(int requests, int strangers, long memory, SecurityLog log) {
    this.log = log;
    known = new Measures<>(requests, Duration.ofMinutes(1));
    unknown = new Measures<>(strangers, Duration.ofMinutes(1));
    megabytes = (int) Math.max(1, memory / MEGABYTE);
    room = new Semaphore(megabytes, true);
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
    UUID visitor = who != null && who.getPrincipal() instanceof UUID person ? person : null;
    long wait = visitor != null ? known.take(visitor) : unknown.take(request.getRemoteAddr());
    if (wait > 0) {
      log.note(Event.TOO_MANY_REQUESTS, visitor, request.getRemoteAddr());
      refuse(response, wait, "Too much is asked at once. Wait a moment, then try again.");
    } else if (String.valueOf(request.getContentType()).startsWith("multipart/")) {
      takeIn(request, response, chain);
    } else {
      chain.doFilter(request, response);
    }
  }

  private void takeIn(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    receive(request);
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
      release(request, needed);
    }
  }

  /** Gives a share of memory back once a request is over, also where that is not yet. */
  private void release(HttpServletRequest request, int share) {
    if (!request.isAsyncStarted()) {
      room.release(share);
      return;
    }
    request
        .getAsyncContext()
        .addListener(
            new AsyncListener() {
              @Override
              public void onComplete(AsyncEvent event) {
                room.release(share);
              }

              @Override
              public void onTimeout(AsyncEvent event) {
                // it is completed next
              }

              @Override
              public void onError(AsyncEvent event) {
                // it is completed next
              }

              @Override
              public void onStartAsync(AsyncEvent event) {
                event.getAsyncContext().addListener(this); // it goes on once more
              }
            });
  }

  /** Has a file come in, to the disk, before it takes a share of memory: it may come slowly. */
  private static void receive(HttpServletRequest request) {
    try {
      request.getParts();
    } catch (IOException | ServletException | IllegalStateException e) {
      LOG.debug("whoever asks for the file next says what is wrong with it", e);
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

  /** Says that something is for later. */
  static void refuse(HttpServletResponse response, long seconds, String sentence)
      throws IOException {
    response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(seconds));
    SecurityConfiguration.refuse(response, HttpStatus.TOO_MANY_REQUESTS.value(), sentence);
  }
}
