package org.pergamena.server.study;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.study.TopicsAt;
import org.pergamena.core.study.event.Happening;
import org.pergamena.core.study.recall.Marking;
import org.pergamena.core.study.recall.Memory;
import org.pergamena.core.study.recall.Memory.Grade;
import org.pergamena.core.study.recall.Quiz;
import org.pergamena.core.study.recall.Quiz.Kind;
import org.pergamena.core.study.recall.Quizzing;
import org.pergamena.core.study.recall.Quizzing.Dated;
import org.pergamena.core.study.recall.Today;
import org.pergamena.core.time.When;
import org.pergamena.server.maps.Requires;
import org.pergamena.server.maps.Role;
import org.pergamena.server.site.Aside;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Questions made from a map, asked again before their answers are forgotten. */
@RestController
@RequestMapping("/api/maps/{map}/recall")
class RecallController {
  private static final int MOST_CARDS = 5_000;

  /** Kinds whose answers only the person can judge. */
  private static final Set<Kind> JUDGED = EnumSet.of(Kind.FREE, Kind.MEANING);

  private final Study study;
  private final Events events;
  private final Memories memories;
  private final Aside aside;

  RecallController(Study study, Events events, Memories memories, Aside aside) {
    this.study = study;
    this.events = events;
    this.memories = memories;
    this.aside = aside;
  }

  /**
   * Asks.
   *
   * @param under only of a topic and those below it
   * @param most how many a day
   * @param more whether to go on beyond that
   * @param zone in which the day begins
   */
  @GetMapping
  CompletableFuture<RecallViews.RecallView> today(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam(required = false) UUID under,
      @RequestParam(defaultValue = "10") int most,
      @RequestParam(defaultValue = "false") boolean more,
      @RequestParam(defaultValue = "Z") String zone) {
    return aside.compute(
        visitor,
        progress -> {
          TopicMap topics = study.topics(map);
          Quizzing quizzing = quizzing(map, topics, progress);
          Map<UUID, Memory> own = memories.of(visitor, map);
          Set<UUID> branch = branch(topics, under);
          List<UUID> asked = quizzing.asked().stream().filter(branch::contains).toList();
          Instant now = Instant.now();
          Today today = Today.of(asked, own, most, more, now, zone(zone));
          RecallViews.QuizView next =
              today.next() == null
                  ? null
                  : next(quizzing, topics.topic(today.next()), asked.indexOf(today.next()), own);
          return new RecallViews.RecallView(
              today.answered(),
              today.due().size(),
              today.fresh().size(),
              RecallViews.known(own, topics, now),
              next);
        });
  }

  /** How firmly the person has the topics in mind that were asked, the least firm first. */
  @GetMapping("/known")
  List<RecallViews.KnownTopic> known(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return RecallViews.known(memories.of(visitor, map), study.topics(map), Instant.now());
  }

  private static ZoneId zone(String name) {
    try {
      return ZoneId.of(name);
    } catch (DateTimeException e) {
      return ZoneOffset.UTC;
    }
  }

  private static Set<UUID> branch(TopicMap map, UUID under) {
    Topic first = under != null && map.has(under) ? map.topic(under) : map.root();
    return map.preorder(first).stream()
        .map(Topic::id)
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /**
   * Asks about a topic.
   *
   * @param place of it among all that are asked, so that one is asked in another way than the next
   */
  private RecallViews.QuizView next(
      Quizzing quizzing, Topic topic, int place, Map<UUID, Memory> own) {
    Memory memory = own.get(topic.id());
    return quizzing
        .about(topic, place + (memory == null ? 0 : memory.answers()))
        .map(RecallController::view)
        .orElse(null);
  }

  private static RecallViews.QuizView view(Quiz quiz) {
    return new RecallViews.QuizView(
        quiz.topic(),
        quiz.kind(),
        quiz.seed(),
        quiz.asks(),
        quiz.text(),
        quiz.options(),
        quiz.kind() == Kind.COVERED ? quiz.expected().size() : 0,
        quiz.kind() == Kind.BELOW,
        JUDGED.contains(quiz.kind()));
  }

  private Quizzing quizzing(UUID map, TopicMap topics, Progress progress) {
    List<Analysed> texts = study.texts(map, progress, "Making questions");
    return new Quizzing(topics, texts, () -> dated(map, topics, progress));
  }

  /** Events that are dated for sure and told once. */
  private List<Dated> dated(UUID map, TopicMap topics, Progress progress) {
    TopicsAt at = new TopicsAt(topics);
    List<Dated> dated = new ArrayList<>();
    for (Happening event : events.chronicle(map, progress).events()) {
      boolean sure =
          event.when() != null
              && !event.off()
              && event.differs().isEmpty()
              && !event.accounts().isEmpty()
              && event.when().bound() == When.Bound.AT;
      if (sure) {
        var passage = event.accounts().get(0).passage();
        dated.add(
            new Dated(
                event.label(),
                When.days(event.when().from()),
                When.days(event.when().to()),
                passage,
                at.of(passage)));
      }
    }
    return dated;
  }

  /**
   * An answer.
   *
   * @param chosen places of options, in order where that counts
   * @param written what was written
   * @param grade how well the person knew it, null where that is told, or still to be said
   */
  record RecallAnswer(
      @NotNull UUID topic,
      @NotNull Kind kind,
      @NotNull Long seed,
      @NotNull @Size(max = 20) List<@NotNull @Min(0) @Max(100) Integer> chosen,
      @NotNull @Size(max = 20) List<@NotNull @Size(max = 4_000) String> written,
      Grade grade) {}

  /** Holds an answer against what is right, and keeps it unless it is still to be judged. */
  @PostMapping("/answers")
  @Requires(Role.READ)
  CompletableFuture<RecallViews.AnsweredView> answer(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid RecallAnswer answer) {
    return aside.compute(
        visitor,
        progress -> {
          TopicMap topics = study.topics(map);
          Quiz quiz = asked(quizzing(map, topics, progress), topics, answer);
          Tongue tongue = tongue(map, quiz);
          Marking marking = Marking.of(quiz, answer.chosen(), answer.written(), tongue);
          boolean judged = JUDGED.contains(quiz.kind());
          Grade grade = judged ? answer.grade() : marking.grade();
          Instant now = Instant.now();
          Memory memory =
              grade == null ? null : memories.answered(visitor, map, quiz.topic(), grade, now);
          return new RecallViews.AnsweredView(
              grade == null ? marking.grade() : grade,
              marking.met(),
              marking.wrong(),
              quiz.right(),
              quiz.expected(),
              new Studied(study.sources(map), topics).views(quiz.grounds()),
              memory == null ? null : RecallViews.known(quiz.topic(), memory, now));
        });
  }

  private static Quiz asked(Quizzing quizzing, TopicMap topics, RecallAnswer answer) {
    if (!topics.has(answer.topic())) {
      throw Refused.notFound("This topic");
    }
    return quizzing
        .of(topics.topic(answer.topic()), answer.kind(), answer.seed())
        .orElseThrow(
            () ->
                new Refused(
                    HttpStatus.CONFLICT,
                    "The map has changed, and this can no longer be asked. Go on to the next."));
  }

  private Tongue tongue(UUID map, Quiz quiz) {
    return study.sources(map).stream()
        .filter(source -> quiz.grounds().stream().anyMatch(p -> p.source().equals(source.id())))
        .findFirst()
        .map(source -> Tongue.of(source.language()))
        .orElse(Tongue.of(Tongue.ENGLISH));
  }

  /** Forgets all that the person answered about the map. */
  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Requires(Role.READ)
  void forget(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    memories.forget(visitor, map);
  }

  /** All questions as cards: a question, its answer, and where that stands. */
  @GetMapping("/cards")
  CompletableFuture<ResponseEntity<byte[]>> cards(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam(required = false) UUID under) {
    return aside.compute(
        visitor,
        progress -> {
          TopicMap topics = study.topics(map);
          Quizzing quizzing = quizzing(map, topics, progress);
          Studied studied = study.cited(map);
          List<List<String>> rows = new ArrayList<>();
          for (UUID id : branch(topics, under)) {
            Topic topic = topics.topic(id);
            for (Kind kind : topic.aside() ? List.<Kind>of() : quizzing.kinds(topic)) {
              if (rows.size() < MOST_CARDS) {
                quizzing.of(topic, kind, 1).ifPresent(q -> rows.add(card(q, topic, studied)));
              }
            }
          }
          return StudyFiles.csv("cards", List.of("front", "back", "topic", "source"), rows);
        });
  }

  private static List<String> card(Quiz quiz, Topic topic, Studied studied) {
    List<String> front = new ArrayList<>(List.of(quiz.asks()));
    if (!quiz.text().isEmpty()) {
      front.add(quiz.text());
    }
    front.addAll(quiz.options());
    String sources = studied.cited(quiz.grounds());
    return Arrays.asList(String.join("\n", front), quiz.answer(), topic.label(), sources);
  }
}
