package org.pergamena.server.asking;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.InterruptedIOException;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import org.apache.hc.client5.http.classic.methods.HttpPost;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.ContentType;
import org.apache.hc.core5.http.HttpEntity;
import org.apache.hc.core5.http.io.entity.StringEntity;
import org.pergamena.server.asking.Assistants.Assistant;
import org.pergamena.server.fetch.Exchange;
import org.pergamena.server.fetch.GuardedClient;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A client of the chat-completion protocol over HTTP that many servers of language models speak:
 * {@code POST …/chat/completions} with a list of messages; the answer comes in parts as server-sent
 * events (WHATWG HTML, 9.2), or whole where a server does not send parts.
 */
final class ChatClient {
  private static final Logger LOG = LoggerFactory.getLogger(ChatClient.class);
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final int LONGEST_LINE = 1_000_000;
  private static final long MOST_BYTES = 16_000_000;
  private static final int LONGEST_SECONDS = 15 * 60;
  private static final int LONGEST_SAID = 300;
  private static final String DATA = "data:";

  /** What is told of an answer as it comes. */
  interface Told {
    /** Another part of it. */
    void part(String words);

    /** How many tokens the server counted. */
    void tokens(int prompt, int answer);
  }

  /** Why there is no answer, or no whole one. */
  static final class UnansweredException extends Exception {
    private static final long serialVersionUID = 1L;

    UnansweredException(String sentence, Exception cause) {
      super(sentence, cause);
    }
  }

  private final Assistant assistant;
  private final int patience;
  private volatile boolean cancelled;

  /** When the last part of an answer came; lines that say nothing do not count. */
  private volatile long heard;

  /**
   * A client for one question.
   *
   * @param patience seconds that may pass without anything coming
   */
  ChatClient(Assistant assistant, int patience) {
    this.assistant = assistant;
    this.patience = patience;
  }

  /** Breaks off, whatever it waits for; from any thread. */
  void cancel() {
    cancelled = true;
  }

  private boolean over() {
    return cancelled || silent();
  }

  private boolean silent() {
    return System.nanoTime() - heard > TimeUnit.SECONDS.toNanos(patience);
  }

  /**
   * Asks, and tells what comes.
   *
   * @throws UnansweredException with a sentence for the person; what came before was told
   */
  void ask(String text, Told told) throws UnansweredException {
    HttpPost request = new HttpPost(assistant.address() + "/chat/completions");
    request.setHeader("Accept", "text/event-stream, application/json");
    request.setHeader("User-Agent", "Pergamena/0.1");
    if (!assistant.key().isEmpty()) {
      request.setHeader("Authorization", "Bearer " + assistant.key());
    }
    request.setEntity(new StringEntity(question(text), ContentType.APPLICATION_JSON));
    String host = assistant.address().getHost();
    heard = System.nanoTime();
    Exchange.Bounds bounds =
        new Exchange.Bounds(assistant.trusted(), patience, patience, LONGEST_SECONDS, MOST_BYTES);
    try {
      new Exchange(request, bounds, this::over)
          .run(
              (response, body) -> {
                answer(response, body, told);
                return null;
              });
    } catch (RefusedAnswer e) {
      throw new UnansweredException(e.getMessage(), e);
    } catch (UnknownHostException e) {
      throw new UnansweredException(
          GuardedClient.isPrivate(e)
              ? host
                  + " is an address of this machine or of a private network. Whoever runs this server"
                  + " can allow it: PERGAMENA_ASSISTANT_HOSTS."
              : "There is no host " + host + ", or no network. Check the address.",
          e);
    } catch (Exchange.TooLongException e) {
      throw new UnansweredException("The answer is longer than an answer can be.", e);
    } catch (Exchange.OverException | InterruptedIOException e) {
      if (cancelled) {
        return;
      }
      if (!silent() && e instanceof Exchange.OverException) {
        throw new UnansweredException(
            "The answer takes longer than a quarter of an hour; its beginning is kept.", e);
      }
      throw new UnansweredException(
          host + " has sent nothing for " + patience + " seconds. Try again later.", e);
    } catch (IOException e) {
      throw new UnansweredException(
          host + " is not reached, or broke off. Check the address, or try again later.", e);
    }
  }

  private String question(String text) {
    ObjectNode question = JSON.createObjectNode();
    question.put("model", assistant.model());
    question.put("stream", true);
    question.putObject("stream_options").put("include_usage", true);
    question.putArray("messages").addObject().put("role", "user").put("content", text);
    return JSON.writeValueAsString(question);
  }

  private void answer(ClassicHttpResponse response, InputStream in, Told told) throws IOException {
    HttpEntity entity = response.getEntity();
    String type = entity == null || entity.getContentType() == null ? "" : entity.getContentType();
    if (response.getCode() != 200) {
      throw new RefusedAnswer(refusal(response.getCode(), in));
    }
    if (entity == null) {
      throw new RefusedAnswer("The assistant answered nothing at all. Try again.");
    }
    if (type.toLowerCase(Locale.ROOT).startsWith("text/event-stream")) {
      events(in, told);
    } else {
      whole(in, told);
    }
  }

  private static String refusal(int status, InputStream in) {
    String said = "";
    try {
      said = JSON.readTree(in.readNBytes(LONGEST_LINE)).at("/error/message").asString("");
    } catch (IOException | JacksonException e) {
      LOG.debug("a refusal without words", e);
    }
    String because =
        said.isBlank()
            ? ""
            : " It says: “"
                + (said.length() > LONGEST_SAID ? said.substring(0, LONGEST_SAID) + "…" : said)
                + "”";
    return switch (status) {
          case 401, 403 -> "The assistant does not take the key. Enter it again.";
          case 404 -> "There is no such address or model. Check both.";
          case 413 -> "The brief is too long for the assistant. Let less go along.";
          case 429 -> "The assistant is asked too much just now. Wait a little and try again.";
          default -> "The assistant answered with " + status + ". Try again later.";
        }
        + because;
  }

  private void events(InputStream in, Told told) throws IOException {
    BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
    boolean ended = false;
    boolean unread = false;
    String reason = "";
    for (String line = line(lines); line != null && !ended; line = line(lines)) {
      if (line.startsWith(DATA)) {
        String data = line.substring(DATA.length()).strip();
        ended = data.equals("[DONE]");
        JsonNode part = ended ? null : read(data);
        unread |= !ended && part == null;
        if (part != null) {
          heard = System.nanoTime();
          reason = part.at("/choices/0/finish_reason").asString(reason);
          told(part, "/choices/0/delta/content", told);
        }
      }
    }
    if (unread) {
      throw new RefusedAnswer(
          "Some parts of the answer could not be read, and are missing from it.");
    }
    if (!ended) {
      throw new RefusedAnswer("The answer broke off before its end.");
    }
    cut(reason);
  }

  /** The next line, or null at the end; one that does not end is refused. */
  private static String line(BufferedReader lines) throws IOException {
    StringBuilder line = new StringBuilder();
    int next = lines.read();
    if (next < 0) {
      return null;
    }
    for (; next >= 0 && next != '\n'; next = lines.read()) {
      if (line.length() == LONGEST_LINE) {
        throw new RefusedAnswer("A part of the answer is longer than a part can be.");
      }
      line.append((char) next);
    }
    return line.toString().stripTrailing();
  }

  private void whole(InputStream in, Told told) throws IOException {
    byte[] bytes = in.readNBytes(LONGEST_LINE * 4);
    JsonNode answer = read(new String(bytes, StandardCharsets.UTF_8));
    if (answer == null || !answer.at("/choices/0/message/content").isString()) {
      throw new RefusedAnswer("What came is no answer of an assistant. Check the address.");
    }
    told(answer, "/choices/0/message/content", told);
    cut(answer.at("/choices/0/finish_reason").asString(""));
  }

  private static void cut(String reason) throws RefusedAnswer {
    if (reason.equals("length")) {
      throw new RefusedAnswer(
          "The assistant cut its answer off, as it had reached its longest. Ask for less at a time.");
    }
  }

  private static JsonNode read(String json) {
    try {
      return JSON.readTree(json);
    } catch (JacksonException e) {
      return null;
    }
  }

  private static void told(JsonNode part, String path, Told told) throws RefusedAnswer {
    if (part.at("/error/message").isString()) {
      throw new RefusedAnswer("The assistant says: “" + part.at("/error/message").asString() + "”");
    }
    String words = part.at(path).asString("");
    if (!words.isEmpty()) {
      told.part(words);
    }
    if (part.path("usage").isObject()) {
      told.tokens(
          part.at("/usage/prompt_tokens").asInt(0), part.at("/usage/completion_tokens").asInt(0));
    }
  }

  private static final class RefusedAnswer extends IOException {
    private static final long serialVersionUID = 1L;

    RefusedAnswer(String sentence) {
      super(sentence);
    }
  }
}
