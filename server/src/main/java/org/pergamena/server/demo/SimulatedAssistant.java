package org.pergamena.server.demo;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Executors;
import org.pergamena.server.asking.ShippedAssistant;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A text assistant on loopback that speaks the chat-completion protocol and answers by rules from
 * what goes along with a brief. What goes wrong with assistants can be provoked by words in the
 * brief: {@code x-slow} comes in parts over seconds, {@code x-cut} breaks off, {@code x-length} is
 * cut off and says so, {@code x-refuse} says no, {@code x-fail} answers with 500, {@code x-busy}
 * with 429, {@code x-garbled} sends parts that cannot be read, {@code x-silent} sends nothing, and
 * {@code x-faulty} is chatty, badly written and names passages that are not there. The key {@code
 * wrong} is refused.
 */
@Component
@ConditionalOnProperty("pergamena.demo")
class SimulatedAssistant implements ShippedAssistant {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final int THREADS = 8;
  private static final int LONGEST = 8_000_000;
  private static final int PART = 24;
  private static final int LETTERS_A_TOKEN = 4;
  private static final int SLOW_MS = 120;
  private static final int SILENT_MS = 300_000;

  private final HttpServer server;

  SimulatedAssistant() throws IOException {
    server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.setExecutor(
        Executors.newFixedThreadPool(
            THREADS,
            task -> {
              Thread thread = new Thread(task, "simulated-assistant");
              thread.setDaemon(true);
              return thread;
            }));
    server.createContext("/v1/chat/completions", this::answer);
    server.start();
  }

  @Override
  public String address() {
    return "http://" + host() + "/v1";
  }

  @Override
  public String host() {
    return "127.0.0.1:" + server.getAddress().getPort();
  }

  private void answer(HttpExchange exchange) throws IOException {
    try (exchange) {
      String brief = brief(exchange);
      String key = exchange.getRequestHeaders().getFirst("Authorization");
      if (brief == null) {
        refuse(exchange, 400, "The request is no list of messages.");
      } else if ("Bearer wrong".equals(key)) {
        refuse(exchange, 401, "This key is not known here.");
      } else if (brief.contains("x-fail")) {
        refuse(exchange, 500, "Something failed on purpose.");
      } else if (brief.contains("x-busy")) {
        refuse(exchange, 429, "Too many requests, on purpose.");
      } else {
        stream(exchange, brief, SimulatedAnswers.to(brief));
      }
    }
  }

  private static String brief(HttpExchange exchange) throws IOException {
    try {
      byte[] body = exchange.getRequestBody().readNBytes(LONGEST);
      JsonNode messages = JSON.readTree(body).path("messages");
      return messages.isArray() && !messages.isEmpty()
          ? messages.get(messages.size() - 1).path("content").asString("")
          : null;
    } catch (JacksonException e) {
      return null;
    }
  }

  private static void refuse(HttpExchange exchange, int status, String sentence)
      throws IOException {
    ObjectNode answer = JSON.createObjectNode();
    answer.putObject("error").put("message", sentence);
    byte[] bytes = JSON.writeValueAsString(answer).getBytes(StandardCharsets.UTF_8);
    exchange.getResponseHeaders().set("Content-Type", "application/json");
    exchange.sendResponseHeaders(status, bytes.length);
    exchange.getResponseBody().write(bytes);
  }

  private static void stream(HttpExchange exchange, String brief, String answer)
      throws IOException {
    if (brief.contains("x-silent")) {
      pause(SILENT_MS);
    }
    exchange.getResponseHeaders().set("Content-Type", "text/event-stream; charset=utf-8");
    exchange.sendResponseHeaders(200, 0);
    boolean cut = brief.contains("x-cut");
    boolean length = brief.contains("x-length");
    int end = cut || length ? answer.length() / 2 : answer.length();
    try (OutputStream out = exchange.getResponseBody()) {
      for (int at = 0; at < end; at += PART) {
        if (brief.contains("x-garbled") && at == PART) {
          send(out, "{\"choices\": [");
        }
        send(out, part(answer.substring(at, Math.min(end, at + PART)), null));
        pause(brief.contains("x-slow") ? SLOW_MS : 1);
      }
      if (!cut) {
        send(out, part("", length ? "length" : "stop"));
        ObjectNode usage = JSON.createObjectNode();
        usage.putArray("choices");
        usage
            .putObject("usage")
            .put("prompt_tokens", brief.length() / LETTERS_A_TOKEN)
            .put("completion_tokens", end / LETTERS_A_TOKEN);
        send(out, JSON.writeValueAsString(usage));
        send(out, "[DONE]");
      }
    }
  }

  private static String part(String words, String reason) {
    ObjectNode part = JSON.createObjectNode();
    part.put("object", "chat.completion.chunk");
    ObjectNode choice = part.putArray("choices").addObject();
    choice.put("index", 0);
    choice.putObject("delta").put("content", words);
    choice.put("finish_reason", reason);
    return JSON.writeValueAsString(part);
  }

  private static void send(OutputStream out, String data) throws IOException {
    out.write(("data: " + data + "\n\n").getBytes(StandardCharsets.UTF_8));
    out.flush();
  }

  private static void pause(int ms) {
    try {
      Thread.sleep(ms);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @PreDestroy
  void close() {
    server.stop(0);
  }
}
