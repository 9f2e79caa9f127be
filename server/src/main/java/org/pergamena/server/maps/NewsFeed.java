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
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Sends open pages the news of their map, from whatever server it comes, by NOTIFY. */
@Component
public class NewsFeed {
  private static final Logger LOG = LoggerFactory.getLogger(NewsFeed.class);
  private static final int WAIT_MS = 1000;
  private static final int TICKS_BETWEEN_SIGNS_OF_LIFE = 15;
  private static final int SENDERS = 4;

  /** A page; {@code due} while news wait to be sent to it, so that they wait once. */
  private record Listener(UUID map, SseEmitter emitter, Supplier<Object> news, AtomicBoolean due) {}

  private final DataSource database;
  private final Map<UUID, List<Listener>> listeners = new ConcurrentHashMap<>();
  private final ExecutorService senders =
      Executors.newFixedThreadPool(
          SENDERS,
          task -> {
            Thread thread = new Thread(task, "news-sender");
            thread.setDaemon(true);
            return thread;
          });
  private volatile boolean open = true;

  NewsFeed(DataSource database) {
    this.database = database;
  }

  /** Sends the news of a map to a page, now and whenever there are any. */
  public SseEmitter listen(UUID mapId, Supplier<Object> news) {
    SseEmitter emitter = new SseEmitter(0L);
    Listener listener = new Listener(mapId, emitter, news, new AtomicBoolean());
    List<Listener> list = listeners.computeIfAbsent(mapId, id -> new CopyOnWriteArrayList<>());
    list.add(listener);
    emitter.onCompletion(() -> leave(listener));
    emitter.onError(e -> leave(listener));
    soon(listener);
    return emitter;
  }

  private void leave(Listener listener) {
    listeners.computeIfPresent(
        listener.map(),
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

  /** Has a page told what is new as soon as a sender is free; once, however often that is asked. */
  private void soon(Listener listener) {
    if (open && listener.due().compareAndSet(false, true)) {
      senders.execute(
          () -> {
            listener.due().set(false);
            tell(listener);
          });
    }
  }

  /** Has a page told that it is still heard; by a sender, as a slow page must not keep others. */
  private void greet(Listener listener) {
    senders.execute(() -> send(listener, SseEmitter.event().comment("still here")));
  }

  private void tell(Listener listener) {
    try {
      send(listener, SseEmitter.event().name("news").data(listener.news().get()));
    } catch (RuntimeException e) {
      LOG.debug("no news of a map that is gone", e);
      end(listener);
    }
  }

  private void send(Listener listener, SseEmitter.SseEventBuilder event) {
    try {
      listener.emitter().send(event);
    } catch (IOException | IllegalStateException e) {
      LOG.debug("a page has gone", e);
      end(listener);
    }
  }

  /** Ends what a page hears, also of a page that has gone, whose response is not ours any more. */
  private void end(Listener listener) {
    leave(listener);
    try {
      listener.emitter().complete();
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
