package org.pergamena.server.asking;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.pergamena.core.brief.Brief.Wish;
import org.pergamena.server.asking.Assistants.Assistant;
import org.pergamena.server.asking.ChatClient.UnansweredException;
import org.pergamena.server.replies.Replies;
import org.pergamena.server.site.Refused;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/**
 * Questions to assistants, with what has come of their answers. Each answer, whole or cut off, is
 * kept as a reply with its map, whether or not anybody waits for it.
 */
@Service
class Asks {
  private static final Logger LOG = LoggerFactory.getLogger(Asks.class);
  private static final int AT_ONCE = 24;
  private static final int MOST_OF_ONE = 2;
  private static final int MOST_OF_HOST = 12;
  private static final int MOST_KEPT = 1_000;
  private static final int LONGEST = 900_000;

  /** What is still shown of an answer once it is kept as a reply. */
  private static final int SHOWN = 20_000;

  private static final Duration KEPT = Duration.ofMinutes(30);

  /** How far a question has come. */
  enum State {
    GOING,
    DONE,
    /** Not answered, or not to the end. */
    FAILED,
    CANCELLED
  }

  /**
   * A question, and what has come.
   *
   * @param sentence what went wrong, empty if nothing did
   * @param reply as which the answer is kept, or null
   */
  record View(
      UUID id,
      State state,
      String text,
      String sentence,
      int promptTokens,
      int answerTokens,
      UUID reply) {}

  private static final class Ask implements ChatClient.Told {
    private final UUID id = UUID.randomUUID();
    private final UUID person;
    private final UUID map;
    private final String host;
    private final ChatClient client;
    private final StringBuilder text = new StringBuilder();
    private State state = State.GOING;
    private String sentence = "";
    private int promptTokens;
    private int answerTokens;
    private UUID reply;

    Ask(UUID person, UUID map, String host, ChatClient client) {
      this.person = person;
      this.map = map;
      this.host = host;
      this.client = client;
    }

    @Override
    public synchronized void part(String words) {
      text.append(words, 0, Math.min(words.length(), LONGEST - text.length()));
      if (text.length() >= LONGEST) {
        sentence = "The answer is longer than replies are; its beginning is kept.";
        client.cancel();
      }
    }

    @Override
    public synchronized void tokens(int prompt, int answer) {
      promptTokens = prompt;
      answerTokens = answer;
    }

    synchronized void cancel() {
      if (state == State.GOING) {
        state = State.CANCELLED;
        client.cancel();
      }
    }

    synchronized void end(String trouble, UUID keptAs) {
      sentence = sentence.isEmpty() ? trouble : sentence;
      reply = keptAs;
      if (keptAs != null && text.length() > SHOWN) {
        text.setLength(SHOWN);
      }
      if (state == State.GOING) {
        state = sentence.isEmpty() ? State.DONE : State.FAILED;
      }
    }

    synchronized String text() {
      return text.toString();
    }

    synchronized boolean going() {
      return state == State.GOING;
    }

    synchronized View view() {
      return new View(id, state, text.toString(), sentence, promptTokens, answerTokens, reply);
    }
  }

  private final Assistants assistants;
  private final Replies replies;
  private final int patience;
  private final Cache<UUID, Ask> asks =
      Caffeine.newBuilder().maximumSize(MOST_KEPT).expireAfterAccess(KEPT).build();
  private final ExecutorService threads =
      new ThreadPoolExecutor(
          0,
          AT_ONCE,
          1,
          TimeUnit.MINUTES,
          new SynchronousQueue<>(),
          work -> {
            Thread thread = new Thread(work, "asking");
            thread.setDaemon(true);
            return thread;
          });

  Asks(
      Assistants assistants,
      Replies replies,
      @Value("${pergamena.assistant.patience}") Duration patience) {
    this.assistants = assistants;
    this.replies = replies;
    this.patience = (int) patience.toSeconds();
  }

  /**
   * Sends a brief to the assistant that a person has set.
   *
   * @throws Refused if none is set, or too much is asked at once
   */
  View ask(UUID person, UUID map, String text, Wish wish, List<UUID> about) {
    Assistant assistant = assistants.of(person);
    long going =
        asks.asMap().values().stream().filter(a -> a.person.equals(person) && a.going()).count();
    if (going >= MOST_OF_ONE) {
      throw later("You have asked twice already. Wait for an answer, or break one off.");
    }
    String host = assistant.address().getHost();
    long there =
        asks.asMap().values().stream().filter(a -> a.host.equals(host) && a.going()).count();
    if (there >= MOST_OF_HOST) {
      throw later(host + " is being asked by many people just now. Try again in a moment.");
    }
    Ask ask = new Ask(person, map, host, new ChatClient(assistant, patience));
    String name = assistant.name().isBlank() ? assistant.model() : assistant.name();
    asks.put(ask.id, ask);
    try {
      threads.execute(() -> run(ask, text, name, wish, about));
    } catch (RejectedExecutionException e) {
      asks.invalidate(ask.id);
      throw later("Many people are asking just now. Try again in a moment.");
    }
    return ask.view();
  }

  private void run(Ask ask, String text, String name, Wish wish, List<UUID> about) {
    String trouble = "";
    try {
      ask.client.ask(text, ask);
    } catch (UnansweredException e) {
      LOG.debug("an assistant was not heard to the end", e);
      trouble = e.getMessage();
    } catch (RuntimeException e) {
      LOG.warn("asking an assistant failed", e);
      trouble = "The assistant could not be asked. Try again.";
    }
    UUID kept = null;
    String answer = ask.text();
    if (!answer.isBlank()) {
      try {
        Replies.Coming coming = new Replies.Coming(answer, name, wish, about, text);
        kept = replies.keep(ask.person, ask.map, coming);
      } catch (Refused e) {
        trouble = e.getMessage();
      } catch (RuntimeException e) {
        LOG.warn("an answer could not be kept", e);
        trouble = "The answer could not be kept. Copy it from here.";
      }
    } else if (trouble.isEmpty()) {
      trouble = "The assistant answered nothing. Ask again, or in other words.";
    }
    ask.end(trouble, kept);
  }

  /** How far a question has come. */
  View of(UUID map, UUID id) {
    return found(map, id).view();
  }

  /** Breaks a question off; what has come is kept. */
  void cancel(UUID map, UUID id) {
    found(map, id).cancel();
  }

  private Ask found(UUID map, UUID id) {
    Ask ask = asks.getIfPresent(id);
    if (ask == null || !ask.map.equals(map)) {
      throw new Refused(
          HttpStatus.NOT_FOUND, "This question is not known any more. Look among the replies.");
    }
    return ask;
  }

  private static Refused later(String sentence) {
    return new Refused(HttpStatus.TOO_MANY_REQUESTS, sentence);
  }

  @PreDestroy
  void close() {
    threads.shutdownNow();
  }
}
