package org.pergamena.server.asking;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.brief.Brief;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.Trace;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Sets the assistant that a person asks, and asks it. */
@RestController
class AskController {
  private static final int LONGEST_BRIEF = 1_000_000;

  private final Assistants assistants;
  private final Asks asks;

  AskController(Assistants assistants, Asks asks) {
    this.assistants = assistants;
    this.asks = asks;
  }

  /**
   * What is set.
   *
   * @param key a new one, empty for none, or null for the one that is kept
   */
  record Setting(
      @NotBlank @Size(max = 500) String address,
      @NotBlank @Size(max = 200) String model,
      @NotNull @Size(max = Trace.LONGEST) String name,
      @Schema(types = {"string", "null"}) @Size(max = 500) String key) {}

  /** A brief that is sent as it stands. */
  record Question(
      @NotBlank @Size(max = LONGEST_BRIEF, message = "is longer than briefs are; let less go along")
          String text,
      @Schema(types = {"string", "null"}) Brief.Wish wish,
      @NotNull @Size(max = TopicMap.MOST_TOPICS) List<@NotNull UUID> about) {}

  /** The assistant that is set, without its key. */
  record AssistantView(
      boolean set, String address, String model, String name, boolean keyed, String shipped) {
    static AssistantView of(Assistants.View view) {
      return new AssistantView(
          view.set(), view.address(), view.model(), view.name(), view.keyed(), view.shipped());
    }
  }

  /** How far a question has come. */
  record AskView(
      UUID id,
      Asks.State state,
      String text,
      String sentence,
      int promptTokens,
      int answerTokens,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID reply) {
    static AskView of(Asks.View view) {
      return new AskView(
          view.id(),
          view.state(),
          view.text(),
          view.sentence(),
          view.promptTokens(),
          view.answerTokens(),
          view.reply());
    }
  }

  @GetMapping("/api/assistant")
  AssistantView assistant(@AuthenticationPrincipal UUID visitor) {
    return AssistantView.of(assistants.view(visitor));
  }

  @PutMapping("/api/assistant")
  AssistantView set(@AuthenticationPrincipal UUID visitor, @RequestBody @Valid Setting setting) {
    assistants.set(visitor, setting.address(), setting.model(), setting.name(), setting.key());
    return AssistantView.of(assistants.view(visitor));
  }

  @DeleteMapping("/api/assistant")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void unset(@AuthenticationPrincipal UUID visitor) {
    assistants.unset(visitor);
  }

  /** Sends a brief, as it stands, to the assistant that is set. */
  @PostMapping("/api/maps/{map}/asks")
  @ResponseStatus(HttpStatus.ACCEPTED)
  AskView ask(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Question question) {
    return AskView.of(asks.ask(visitor, map, question.text(), question.wish(), question.about()));
  }

  @GetMapping("/api/maps/{map}/asks/{ask}")
  AskView how(@PathVariable UUID map, @PathVariable UUID ask) {
    return AskView.of(asks.of(map, ask));
  }

  @PostMapping("/api/maps/{map}/asks/{ask}/cancel")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void cancel(@PathVariable UUID map, @PathVariable UUID ask) {
    asks.cancel(map, ask);
  }
}
