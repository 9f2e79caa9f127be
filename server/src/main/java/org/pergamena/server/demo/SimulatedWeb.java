package org.pergamena.server.demo;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pergamena.server.fetch.LocalWeb;
import org.pergamena.server.visitors.Samples;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * A web of a few made-up pages, on loopback, for the demonstration: an article with clutter around
 * it, an article on two pages, and a page with captions for a recording.
 */
@Component
@ConditionalOnProperty("pergamena.demo")
class SimulatedWeb implements LocalWeb, Samples {
  private static final List<String> PAGES =
      List.of("breach-diary.html", "carbon-in-mud.html", "pilot-talk.html");
  private static final Map<String, String> TYPES =
      Map.of(
          "html", "text/html; charset=utf-8",
          "vtt", "text/vtt; charset=utf-8",
          "opus", "audio/ogg");

  private final Path folder;
  private final HttpServer server;

  SimulatedWeb(@Value("${pergamena.demo-folder}") Path demo) throws IOException {
    folder = demo.resolve("web");
    server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.createContext("/", this::answer);
    server.start();
  }

  private void answer(HttpExchange exchange) throws IOException {
    try (exchange) {
      String name = exchange.getRequestURI().getPath().substring(1);
      String type = TYPES.get(name.substring(name.lastIndexOf('.') + 1));
      if (!name.matches("[a-z0-9-]+\\.[a-z]+") || type == null || !has(name)) {
        exchange.sendResponseHeaders(404, -1);
        return;
      }
      byte[] bytes = Files.readAllBytes(folder.resolve(name));
      exchange.getResponseHeaders().set("Content-Type", type);
      exchange.sendResponseHeaders(200, bytes.length);
      exchange.getResponseBody().write(bytes);
    }
  }

  private boolean has(String name) {
    return Files.isRegularFile(folder.resolve(name));
  }

  private String host() {
    return "127.0.0.1:" + server.getAddress().getPort();
  }

  @Override
  public Set<String> hosts() {
    return Set.of(host());
  }

  @Override
  public List<String> pages() {
    return PAGES.stream().map(page -> "http://" + host() + "/" + page).toList();
  }

  @Override
  public String outline() {
    try {
      return Files.readString(folder.resolveSibling("generated-outline.md"));
    } catch (IOException e) {
      throw new UncheckedIOException("The demonstration's outline is missing.", e);
    }
  }

  @PreDestroy
  void close() {
    server.stop(0);
  }
}
