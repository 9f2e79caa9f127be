package org.pergamena.server.study;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.ask.Answers;
import org.pergamena.server.maps.Requires;
import org.pergamena.server.maps.Role;
import org.pergamena.server.site.Aside;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Asks the map. */
@RestController
@RequestMapping("/api/maps/{map}")
class QuestionController {
  private final Questions questions;
  private final Study study;
  private final Aside aside;

  QuestionController(Questions questions, Study study, Aside aside) {
    this.questions = questions;
    this.study = study;
    this.aside = aside;
  }

  /** A question in words. */
  record AskedQuestion(
      @NotBlank @Size(max = 500, message = "is longer than a question; 500 characters fit")
          String text) {}

  /**
   * What the sources say to a question.
   *
   * @param terms the words that were sought
   * @param beside words that were sought beside them
   */
  record AnswersView(List<String> terms, List<String> beside, List<AnswerView> found) {}

  /**
   * A passage that answers.
   *
   * @param place page, time or heading, as it is cited
   * @param strength how much of what is asked it has, 0 to 1
   */
  record AnswerView(
      UUID source,
      int start,
      int end,
      String exact,
      String place,
      double strength,
      List<UUID> topics) {}

  @PostMapping("/answers")
  @Requires(Role.READ)
  CompletableFuture<AnswersView> answers(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid AskedQuestion asked) {
    return aside.compute(visitor, progress -> view(map, asked.text().strip(), progress));
  }

  private AnswersView view(UUID map, String text, Progress progress) {
    Answers answers = questions.answers(map, text, progress);
    Studied studied = study.cited(map);
    return new AnswersView(
        answers.terms(),
        answers.beside(),
        answers.found().stream()
            .filter(answer -> studied.has(answer.passage()))
            .map(answer -> view(answer, studied.place(answer.passage())))
            .toList());
  }

  private static AnswerView view(Answers.Answer answer, String place) {
    Passage passage = answer.passage();
    return new AnswerView(
        passage.source(),
        passage.start(),
        passage.end(),
        passage.exact(),
        place,
        answer.strength(),
        answer.topics());
  }

  @GetMapping("/questions")
  CompletableFuture<List<Questions.KeptQuestion>> kept(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(visitor, progress -> questions.kept(visitor, map, progress));
  }

  @PostMapping("/questions")
  @Requires(Role.READ)
  CompletableFuture<List<Questions.KeptQuestion>> keep(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid AskedQuestion asked) {
    return aside.compute(
        visitor,
        progress -> {
          questions.keep(visitor, map, asked.text().strip(), progress);
          return questions.kept(visitor, map, progress);
        });
  }

  /** Notes that the answers to a question have been seen. */
  @PostMapping("/questions/{question}/seen")
  @Requires(Role.READ)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  CompletableFuture<Void> seen(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID question) {
    return aside.compute(
        visitor,
        progress -> {
          questions.seen(visitor, map, question, progress);
          return null;
        });
  }

  @DeleteMapping("/questions/{question}")
  @Requires(Role.READ)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID question) {
    questions.forget(visitor, map, question);
  }
}
