package org.pergamena.server.replies;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.core.brief.Brief;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.Trace;
import org.pergamena.core.reply.Beside;
import org.pergamena.core.reply.ProposedNames;
import org.pergamena.server.site.Aside;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Replies of text assistants: brought, corrected, checked, compared and taken in. */
@RestController
@RequestMapping("/api/maps/{map}/replies")
class ReplyController {
  private static final int LONGEST = 1_000_000;
  private static final int LONGEST_BRIEF = 2_000_000;
  private static final String TOO_LONG = "is longer than replies are; a million characters fit";

  private final Replies replies;
  private final ReplyNames names;
  private final Aside aside;

  ReplyController(Replies replies, ReplyNames names, Aside aside) {
    this.names = names;
    this.replies = replies;
    this.aside = aside;
  }

  /**
   * A reply that is brought.
   *
   * @param about the topics that it was asked about, none for the whole map
   */
  record Brought(
      @NotNull @Size(max = LONGEST, message = TOO_LONG) String body,
      @NotNull @Size(max = Trace.LONGEST) String assistant,
      @Schema(types = {"string", "null"}) Brief.Wish wish,
      @NotNull @Size(max = TopicMap.MOST_TOPICS) List<@NotNull UUID> about,
      @NotNull @Size(max = LONGEST_BRIEF) String asked) {}

  /** A reply as it is corrected. */
  record Corrected(
      @NotNull @Size(max = LONGEST, message = TOO_LONG) String body,
      @NotNull @Size(max = Trace.LONGEST) String assistant) {}

  /** Differences by name, under an identity of the request's own. */
  record Wanted(@NotNull UUID id, @NotNull @Size(max = 60_000) List<@NotNull String> differences) {}

  /** Differences that a person does not want, or does after all. */
  record Unwanted(
      @NotNull @Size(max = 60_000) List<@NotNull String> differences, boolean refused) {}

  /** Topics that are to be called as proposed, under an identity of the request's own. */
  record TakenNames(
      @NotNull UUID id, @NotNull @Size(max = TopicMap.MOST_TOPICS) List<@NotNull UUID> topics) {}

  /** What was made. */
  record ReplyMade(UUID id) {}

  @GetMapping
  List<Replies.KeptReply> all(@PathVariable UUID map) {
    return replies.of(map);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  CompletableFuture<ReplyMade> bring(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Brought brought) {
    Replies.Coming coming =
        new Replies.Coming(
            brought.body(), brought.assistant(), brought.wish(), brought.about(), brought.asked());
    return aside.compute(visitor, progress -> new ReplyMade(replies.keep(visitor, map, coming)));
  }

  /** A reply as it is read, and how it stands to the map now. */
  @GetMapping("/{reply}")
  CompletableFuture<ReplyView> reply(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID reply) {
    return aside.compute(visitor, progress -> ReplyView.of(replies.standing(map, reply)));
  }

  @PutMapping("/{reply}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void correct(
      @PathVariable UUID map, @PathVariable UUID reply, @RequestBody @Valid Corrected corrected) {
    replies.correct(map, reply, corrected.body(), corrected.assistant());
  }

  @DeleteMapping("/{reply}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable UUID map, @PathVariable UUID reply) {
    replies.forget(map, reply);
  }

  /** What the sources say to it. */
  @GetMapping("/{reply}/check")
  CompletableFuture<CheckView> check(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID reply) {
    return aside.compute(visitor, progress -> CheckView.of(replies.checked(map, reply, progress)));
  }

  /** The names that it proposes for topics, and what is wrong with each. */
  @GetMapping("/{reply}/names")
  CompletableFuture<ProposedNames> names(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID reply) {
    return aside.compute(visitor, progress -> names.proposed(map, reply, progress));
  }

  /** Names topics as it proposes, all as one change. */
  @PostMapping("/{reply}/names")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  CompletableFuture<Void> name(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable UUID reply,
      @RequestBody @Valid TakenNames named) {
    return aside.compute(
        visitor,
        progress -> {
          names.take(visitor, map, reply, named.id(), Set.copyOf(named.topics()), progress);
          return null;
        });
  }

  /** What two replies have in common and what each has alone. */
  @GetMapping("/{reply}/beside/{other}")
  CompletableFuture<Beside> beside(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable UUID reply,
      @PathVariable UUID other) {
    return aside.compute(visitor, progress -> replies.beside(map, reply, other));
  }

  /** Takes differences into the map, all as one change and as a version. */
  @PostMapping("/{reply}/take")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  CompletableFuture<Void> take(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable UUID reply,
      @RequestBody @Valid Wanted wanted) {
    return aside.compute(
        visitor,
        progress -> {
          replies.take(visitor, map, reply, wanted.id(), wanted.differences(), progress);
          return null;
        });
  }

  @PostMapping("/{reply}/refuse")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  CompletableFuture<Void> refuse(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable UUID reply,
      @RequestBody @Valid Unwanted unwanted) {
    return aside.compute(
        visitor,
        progress -> {
          replies.refuse(map, reply, unwanted.differences(), unwanted.refused());
          return null;
        });
  }
}
