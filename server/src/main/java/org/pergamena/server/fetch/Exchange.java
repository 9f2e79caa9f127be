package org.pergamena.server.fetch;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.apache.hc.client5.http.classic.methods.HttpUriRequestBase;
import org.apache.hc.client5.http.impl.classic.CloseableHttpClient;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.HttpEntity;

/**
 * One question to another host and its answer, whatever that host does: bounded in all of its time,
 * not only between two parts of the answer, and in its bytes, which come as they are, never packed.
 */
public final class Exchange {
  private static final long LOOK_MS = 250;

  /** Looks after exchanges whose hosts send so slowly that no read ends. */
  private static final ScheduledExecutorService WATCH =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "fetch-watch");
            thread.setDaemon(true);
            return thread;
          });

  private final HttpUriRequestBase request;
  private final Bounds bounds;
  private final BooleanSupplier over;

  /**
   * What an exchange may take.
   *
   * @param trusted whether the host may be a private one
   * @param betweenSeconds that may pass between two parts of an answer
   * @param firstSeconds that may pass before it begins
   * @param totalSeconds that may pass until it ends
   * @param bytes of an answer
   */
  public record Bounds(
      boolean trusted, int betweenSeconds, int firstSeconds, int totalSeconds, long bytes) {}

  /** What is made of an answer. */
  @FunctionalInterface
  public interface Answer<T> {
    /** Makes it; the body is bounded, and empty if there is none. */
    T of(ClassicHttpResponse response, InputStream body) throws IOException;
  }

  /** An answer has more bytes than it may have. */
  public static final class TooLongException extends IOException {
    private static final long serialVersionUID = 1;

    TooLongException() {
      super("the answer is too long");
    }
  }

  /** An answer did not end in its time, or is not wanted any more. */
  public static final class OverException extends IOException {
    private static final long serialVersionUID = 1;

    OverException(IOException cause) {
      super("the time is over", cause);
    }
  }

  /**
   * An exchange that is to come.
   *
   * @param cancelled is asked now and then whether to give up
   */
  public Exchange(HttpUriRequestBase request, Bounds bounds, BooleanSupplier cancelled) {
    this.request = request;
    this.bounds = bounds;
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(bounds.totalSeconds());
    this.over = () -> System.nanoTime() - end > 0 || cancelled.getAsBoolean();
  }

  /**
   * Asks, and makes something of the answer.
   *
   * @throws TooLongException if the answer has too many bytes
   * @throws OverException if the time is over
   */
  public <T> T run(Answer<T> answer) throws IOException {
    Future<?> watch =
        WATCH.scheduleWithFixedDelay(
            () -> {
              if (over.getAsBoolean()) {
                request.abort(); // closes the connection, whatever it waits for
              }
            },
            LOOK_MS,
            LOOK_MS,
            TimeUnit.MILLISECONDS);
    try (CloseableHttpClient client =
        GuardedClient.of(bounds.trusted(), bounds.betweenSeconds(), bounds.firstSeconds())) {
      return client.execute(
          request,
          response -> {
            HttpEntity entity = response.getEntity();
            try (InputStream body =
                entity == null ? InputStream.nullInputStream() : entity.getContent()) {
              return answer.of(response, new Bounded(body));
            } catch (TooLongException e) {
              request.abort(); // what is left is not read to keep the connection
              throw e;
            }
          });
    } catch (TooLongException e) {
      throw e;
    } catch (IOException e) {
      throw over.getAsBoolean() ? new OverException(e) : e;
    } finally {
      watch.cancel(false);
    }
  }

  private final class Bounded extends FilterInputStream {
    private long left = bounds.bytes();

    Bounded(InputStream in) {
      super(in);
    }

    @Override
    public int read() throws IOException {
      int next = super.read();
      took(next < 0 ? 0 : 1);
      return next;
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
      int read = super.read(into, from, length);
      took(Math.max(0, read));
      return read;
    }

    private void took(int bytes) throws IOException {
      left -= bytes;
      if (left < 0) {
        throw new TooLongException();
      }
      if (over.getAsBoolean()) {
        request.abort();
        throw new OverException(null);
      }
    }
  }
}
