package org.pergamena.server.jobs;

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
import java.util.function.Function;
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
public class MapNews {
  static final String CHANNEL = "pergamena";
  private static final Logger LOG = LoggerFactory.getLogger(MapNews.class);
  private static final int WAIT_MS = 1000;
  private static final int TICKS_BETWEEN_SIGNS_OF_LIFE = 15;

  private record Listener(SseEmitter emitter, Function<UUID, Object> news) {}

  private final DataSource database;
  private final Map<UUID, List<Listener>> listeners = new ConcurrentHashMap<>();
  private volatile boolean open = true;

  MapNews(DataSource database) {
    this.database = database;
  }

  /** Sends the news of a map to a page, now and whenever there are any. */
  public SseEmitter listen(UUID mapId, Function<UUID, Object> news) {
    SseEmitter emitter = new SseEmitter(0L);
    Listener listener = new Listener(emitter, news);
    List<Listener> list = listeners.computeIfAbsent(mapId, id -> new CopyOnWriteArrayList<>());
    list.add(listener);
    Runnable leave = () -> list.remove(listener);
    emitter.onCompletion(leave);
    emitter.onError(e -> leave.run());
    send(mapId, listener);
    return emitter;
  }

  @EventListener
  void ready(ApplicationReadyEvent event) {
    Thread thread = new Thread(this::hear, "map-news");
    thread.setDaemon(true);
    thread.start();
  }

  @PreDestroy
  void close() {
    open = false;
    listeners.values().forEach(list -> list.forEach(l -> l.emitter().complete()));
  }

  private void hear() {
    while (open) {
      try (Connection connection = database.getConnection();
          Statement statement = connection.createStatement()) {
        statement.execute("listen " + CHANNEL);
        hear(connection.unwrap(PGConnection.class));
      } catch (SQLException e) {
        if (open) {
          LOG.warn("lost the database, listening again soon", e);
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
            .forEach(map -> listeners.getOrDefault(map, List.of()).forEach(l -> send(map, l)));
      }
      if (++ticks % TICKS_BETWEEN_SIGNS_OF_LIFE == 0) {
        listeners.values().forEach(list -> list.forEach(MapNews::signOfLife));
      }
    }
  }

  private static void send(UUID mapId, Listener listener) {
    try {
      listener.emitter().send(SseEmitter.event().name("news").data(listener.news().apply(mapId)));
    } catch (IOException | IllegalStateException e) {
      listener.emitter().completeWithError(e);
    } catch (RuntimeException e) {
      LOG.debug("no news of a map that is gone", e);
      listener.emitter().complete();
    }
  }

  private static void signOfLife(Listener listener) {
    try {
      listener.emitter().send(SseEmitter.event().comment("still here"));
    } catch (IOException | IllegalStateException e) {
      listener.emitter().completeWithError(e);
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
