package org.pergamena.server.demo;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Executors;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Work;
import org.pergamena.formats.citation.ReferenceFormat;
import org.pergamena.server.catalogue.CatalogueAddress;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * A library catalogue of made-up works, on loopback, that answers SRU 1.2. What goes wrong with
 * catalogues can be provoked by words in the title that is sought: {@code x-delay-3000} answers
 * after so many milliseconds, {@code x-fail} with 503, {@code x-garbled} with what is no XML, and
 * {@code x-dc} refuses MARCXML.
 */
@Component
@ConditionalOnProperty("pergamena.demo")
class SimulatedCatalogue implements CatalogueAddress {
  private static final int MOST_DELAY_MS = 60_000;
  private static final int THREADS = 4;

  private final List<Reference> works;
  private final HttpServer server;

  SimulatedCatalogue(@Value("${pergamena.demo-folder}") Path demo) throws IOException {
    works =
        ReferenceFormat.read(Files.readAllBytes(demo.resolve("catalogue.json"))).works().stream()
            .map(Work::reference)
            .toList();
    server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.setExecutor(
        Executors.newFixedThreadPool(
            THREADS,
            task -> {
              Thread thread = new Thread(task, "simulated-catalogue");
              thread.setDaemon(true);
              return thread;
            }));
    server.createContext("/sru", this::answer);
    server.start();
  }

  private void answer(HttpExchange exchange) throws IOException {
    try (exchange) {
      Map<String, String> asked = parameters(exchange.getRequestURI().getRawQuery());
      String query = asked.getOrDefault("query", "");
      delay(query);
      boolean fails = query.contains("x-fail");
      String answer = query.contains("x-garbled") ? "<<no XML" : answer(asked);
      byte[] bytes = (fails ? "" : answer).getBytes(StandardCharsets.UTF_8);
      exchange.getResponseHeaders().set("Content-Type", "application/xml; charset=utf-8");
      exchange.sendResponseHeaders(fails ? 503 : 200, bytes.length == 0 ? -1 : bytes.length);
      exchange.getResponseBody().write(bytes);
    }
  }

  private static void delay(String query) {
    var wanted = java.util.regex.Pattern.compile("x-delay-(\\d{1,5})").matcher(query);
    if (wanted.find()) {
      try {
        Thread.sleep(Math.min(MOST_DELAY_MS, Integer.parseInt(wanted.group(1))));
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }
  }

  private String answer(Map<String, String> asked) {
    String schema = asked.getOrDefault("recordSchema", "marcxml");
    String query = asked.getOrDefault("query", "");
    boolean marc = schema.equals("marcxml") && !query.contains("x-dc");
    if (!marc && !schema.equals("dc")) {
      return SimulatedRecords.diagnostic(66, "Unknown schema for retrieval", schema);
    }
    List<SimulatedSearch.Clause> clauses = SimulatedSearch.read(query);
    if (clauses.isEmpty()) {
      return SimulatedRecords.diagnostic(10, "Query syntax error", query);
    }
    List<Reference> found =
        works.stream()
            .filter(work -> clauses.stream().allMatch(clause -> clause.holds(work)))
            .toList();
    int from = number(asked.get("startRecord"), 1);
    int most = Math.min(50, number(asked.get("maximumRecords"), 10));
    return SimulatedRecords.answer(found, from, most, marc);
  }

  private static int number(String words, int otherwise) {
    return words != null && words.matches("[1-9]\\d{0,6}") ? Integer.parseInt(words) : otherwise;
  }

  private static Map<String, String> parameters(String query) {
    Map<String, String> parameters = new HashMap<>();
    for (String part : (query == null ? "" : query).split("&")) {
      int equals = part.indexOf('=');
      if (equals > 0) {
        parameters.put(
            part.substring(0, equals),
            URLDecoder.decode(part.substring(equals + 1), StandardCharsets.UTF_8));
      }
    }
    return parameters;
  }

  @Override
  public String address() {
    return "http://127.0.0.1:" + server.getAddress().getPort() + "/sru";
  }

  @Override
  public String name() {
    return "the made-up catalogue of this demonstration";
  }

  @PreDestroy
  void close() {
    server.stop(0);
  }
}
