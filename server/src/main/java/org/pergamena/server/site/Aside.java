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

  private final ThreadPoolExecutor threads;
  private final Duration deadline;
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
    long end = System.nanoTime() + deadline.toNanos();
    try {
      threads.execute(
          () -> {
            try {
              result.complete(work.compute((step, share) -> check(end, result)));
            } catch (Throwable e) { // it is the request's, whatever it is
              result.completeExceptionally(e instanceof CancellationException ? tooLong() : e);
            } finally {
              leave(person);
            }
          });
    } catch (RejectedExecutionException e) {
      leave(person);
      throw later("Many people are asking for something at once. Try again in a moment.");
    }
    return result
        .orTimeout(deadline.toMillis(), TimeUnit.MILLISECONDS)
        .exceptionallyCompose(
            e -> CompletableFuture.failedFuture(e instanceof TimeoutException ? tooLong() : e));
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
