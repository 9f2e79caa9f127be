package org.pergamena.server.site;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import org.pergamena.core.progress.Progress;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Computes what a request waits for beside the threads that answer requests: a few at a time, a few
 * for a person, and none for longer than a deadline. What takes longer by its nature is a job.
 */
@Component
public class Aside {
  private static final Duration DEADLINE = Duration.ofSeconds(25);
  private static final int MOST_WAITING = 100;
  private static final int MOST_OF_ONE = 6;

  /** Threads that are replaced at a time at the most; what none is left for is refused. */
  private static final int MOST_LOST = 16;

  private final ThreadPoolExecutor threads;
  private final Duration deadline;
  private final AtomicInteger lost = new AtomicInteger();
  private final ConcurrentHashMap<UUID, Integer> going = new ConcurrentHashMap<>();

  @Autowired
  Aside() {
    this(Math.max(2, Runtime.getRuntime().availableProcessors()), DEADLINE);
  }

  Aside(int atOnce, Duration deadline) {
    this.deadline = deadline;
    AtomicInteger number = new AtomicInteger();
    threads =
        new ThreadPoolExecutor(
            atOnce,
            atOnce,
            0,
            TimeUnit.SECONDS,
            new ArrayBlockingQueue<>(MOST_WAITING),
            work -> {
              Thread thread = new Thread(work, "aside-" + number.incrementAndGet());
              thread.setDaemon(true);
              return thread;
            });
  }

  /**
   * Something to compute.
   *
   * @param <T> what comes out
   */
  @FunctionalInterface
  public interface Work<T> {
    /**
     * Computes it.
     *
     * @param progress to be told often, as it ends work whose deadline is over
     */
    T compute(Progress progress) throws Exception;
  }

  /**
   * Computes something for a person.
   *
   * @return ends with {@link Refused} if it does not come in time
   * @throws Refused if too much is asked for
   */
  public <T> CompletableFuture<T> compute(UUID person, Work<T> work) {
    if (going.merge(person, 1, Integer::sum) > MOST_OF_ONE) {
      leave(person);
      throw later("You are asking for a lot at once. Wait until what you see is there.");
    }
    CompletableFuture<T> result = new CompletableFuture<>();
    Place place = new Place();
    long end = System.nanoTime() + deadline.toNanos();
    try {
      threads.execute(
          () -> {
            place.begin();
            try {
              result.complete(work.compute((step, share) -> check(end, result)));
            } catch (Throwable e) { // it is the request's, whatever it is
              result.completeExceptionally(e instanceof CancellationException ? tooLong() : e);
            } finally {
              leave(person);
              place.end();
            }
          });
    } catch (RejectedExecutionException e) {
      leave(person);
      throw later("Many people are asking for something at once. Try again in a moment.");
    }
    result.whenComplete((computed, error) -> place.given());
    return result
        .orTimeout(deadline.toMillis(), TimeUnit.MILLISECONDS)
        .exceptionallyCompose(
            e -> CompletableFuture.failedFuture(e instanceof TimeoutException ? tooLong() : e));
  }

  /**
   * The place of one work among the threads. Work that is given up and does not notice is
   * interrupted, goes on with the least priority if it must, and another thread stands in for its
   * own meanwhile.
   */
  private final class Place {
    private Thread thread;
    private boolean replaced;

    synchronized void begin() {
      thread = Thread.currentThread();
    }

    synchronized void given() {
      if (thread != null && thread != Thread.currentThread() && lost.get() < MOST_LOST) {
        replaced = true;
        lost.incrementAndGet();
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.interrupt();
        resize(1);
      }
    }

    synchronized void end() {
      thread = null;
      Thread.interrupted(); // what comes next on this thread was not given up
      if (replaced) {
        lost.decrementAndGet();
        Thread.currentThread().setPriority(Thread.NORM_PRIORITY);
        resize(-1);
      }
    }
  }

  private synchronized void resize(int by) {
    int size = threads.getCorePoolSize() + by;
    if (by > 0) {
      threads.setMaximumPoolSize(size);
      threads.setCorePoolSize(size);
    } else {
      threads.setCorePoolSize(size);
      threads.setMaximumPoolSize(size);
    }
  }

  private static void check(long end, CompletableFuture<?> result) {
    if (System.nanoTime() > end || result.isDone()) {
      throw new CancellationException();
    }
  }

  private void leave(UUID person) {
    going.computeIfPresent(person, (who, count) -> count == 1 ? null : count - 1);
  }

  private static Refused later(String sentence) {
    return new Refused(HttpStatus.TOO_MANY_REQUESTS, sentence);
  }

  private static Refused tooLong() {
    return new Refused(
        HttpStatus.UNPROCESSABLE_CONTENT,
        "This takes longer than can be waited for, so it was given up. Try it with less at a time.");
  }

  @PreDestroy
  void close() {
    threads.shutdownNow();
  }
}
