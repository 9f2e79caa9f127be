package org.pergamena.server.maps;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;
import javax.sql.DataSource;
import org.pergamena.server.site.Refused;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Sends open pages the news of their map, from whatever server it comes, by NOTIFY. */
@Component
public class NewsFeed {
  private static final Logger LOG = LoggerFactory.getLogger(NewsFeed.class);
  private static final int WAIT_MS = 1000;
  private static final int TICKS_BETWEEN_SIGNS_OF_LIFE = 15;

  /** Pages whose news are put together at a time. */
  private static final int AT_ONCE = 4;

  private static final int MOST = 1_000;

  /**
   * A page that is open. One thread at a time sends to it, however slow it is, and none waits for
   * that: what is to be told meanwhile is told once it has been sent to.
   */
  private static final class Listener {
    private final UUID person;
    private final UUID map;
    private final SseEmitter emitter = new SseEmitter(0L);
    private final Supplier<Object> news;
    private final AtomicBoolean due = new AtomicBoolean();
    private final AtomicBoolean sign = new AtomicBoolean();
    private final AtomicBoolean busy = new AtomicBoolean();

    Listener(UUID person, UUID map, Supplier<Object> news) {
      this.person = person;
      this.map = map;
      this.news = news;
    }

    boolean waits() {
      return due.get() || sign.get();
    }
  }

  private final DataSource database;

  /** Pages that one person may have open. */
  private final int mostOfOne;

  private final Map<UUID, List<Listener>> listeners = new ConcurrentHashMap<>();
  private final Semaphore turns = new Semaphore(AT_ONCE, true);
  private final ExecutorService senders =
      Executors.newCachedThreadPool(
          task -> {
            Thread thread = new Thread(task, "news-sender");
            thread.setDaemon(true);
            return thread;
          });
  private volatile boolean open = true;

  NewsFeed(DataSource database, @Value("${pergamena.limits.pages}") int mostOfOne) {
    this.database = database;
    this.mostOfOne = mostOfOne;
  }

  /**
   * Sends the news of a map to a page, now and whenever there are any.
   *
   * @throws Refused if the person has as many pages open as there may be
   */
  public SseEmitter listen(UUID person, UUID mapId, Supplier<Object> news) {
    List<Listener> all = listeners.values().stream().flatMap(List::stream).toList();
    long own = all.stream().filter(listener -> listener.person.equals(person)).count();
    if (own >= mostOfOne || all.size() >= MOST) {
      throw new Refused(
          HttpStatus.TOO_MANY_REQUESTS,
          "There are "
              + all.size()
              + " pages open, as many as can be told what is new. Close some.");
    }
    Listener listener = new Listener(person, mapId, news);
    listeners.computeIfAbsent(mapId, id -> new CopyOnWriteArrayList<>()).add(listener);
    listener.emitter.onCompletion(() -> leave(listener));
    listener.emitter.onError(e -> leave(listener));
    soon(listener);
    return listener.emitter;
  }

  private void leave(Listener listener) {
    listeners.computeIfPresent(
        listener.map,
        (id, list) -> {
          list.remove(listener);
          return list.isEmpty() ? null : list;
        });
  }

  @EventListener
  void ready(ApplicationReadyEvent event) {
    Thread thread = new Thread(this::hear, "news-listener");
    thread.setDaemon(true);
    thread.start();
  }

  @PreDestroy
  void close() {
    open = false;
    senders.shutdownNow();
    listeners.values().forEach(list -> list.forEach(this::end));
  }

  private void hear() {
    while (open) {
      try (Connection connection = database.getConnection();
          Statement statement = connection.createStatement()) {
        statement.execute("listen " + News.CHANNEL);
        listeners.values().forEach(list -> list.forEach(this::soon));
        hear(connection.unwrap(PGConnection.class));
      } catch (SQLException | RuntimeException e) {
        if (open) {
          LOG.warn("no news are heard for now, listening again soon", e);
          pause();
        }
      }
    }
  }

  private void hear(PGConnection connection) throws SQLException {
    int ticks = 0;
    while (open) {
      PGNotification[] heard = connection.getNotifications(WAIT_MS);
      if (heard != null) {
        Arrays.stream(heard)
            .map(PGNotification::getParameter)
            .distinct()
            .map(UUID::fromString)
            .forEach(map -> listeners.getOrDefault(map, List.of()).forEach(this::soon));
      }
      if (++ticks % TICKS_BETWEEN_SIGNS_OF_LIFE == 0) {
        listeners.values().forEach(list -> list.forEach(this::greet));
      }
    }
  }

  /** Has a page told what is new; once, however often that is asked before it is sent to. */
  private void soon(Listener listener) {
    listener.due.set(true);
    begin(listener);
  }

  /** Has a page told that it is still heard. */
  private void greet(Listener listener) {
    listener.sign.set(true);
    begin(listener);
  }

  private void begin(Listener listener) {
    if (open && listener.waits() && listener.busy.compareAndSet(false, true)) {
      senders.execute(
          () -> {
            try {
              serve(listener);
            } finally {
              listener.busy.set(false);
            }
            begin(listener); // for what came in between
          });
    }
  }

  private void serve(Listener listener) {
    if (listener.due.getAndSet(false)) {
      listener.sign.set(false);
      tell(listener);
    } else if (listener.sign.getAndSet(false)) {
      send(listener, SseEmitter.event().comment("still here"));
    }
  }

  private void tell(Listener listener) {
    Object news;
    turns.acquireUninterruptibly();
    try {
      news = listener.news.get();
    } catch (RuntimeException e) {
      LOG.debug("no news of a map that is gone", e);
      end(listener);
      return;
    } finally {
      turns.release();
    }
    send(listener, SseEmitter.event().name("news").data(news));
  }

  private void send(Listener listener, SseEmitter.SseEventBuilder event) {
    try {
      listener.emitter.send(event);
    } catch (IOException | IllegalStateException e) {
      LOG.debug("a page has gone", e);
      end(listener);
    }
  }

  /** Ends what a page hears, also of a page that has gone, whose response is not ours any more. */
  private void end(Listener listener) {
    leave(listener);
    try {
      listener.emitter.complete();
    } catch (IllegalStateException e) {
      LOG.debug("a page had gone already", e);
    }
  }

  private static void pause() {
    try {
      Thread.sleep(WAIT_MS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
