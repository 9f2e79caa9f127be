package org.pergamena.server.study;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.Sprig;
import org.pergamena.core.study.ask.Answering;
import org.pergamena.core.study.ask.Answers.Answer;
import org.pergamena.core.study.scope.Field;
import org.pergamena.core.study.scope.Frame;
import org.pergamena.core.study.scope.Framing;
import org.pergamena.core.study.scope.Hypothesis;
import org.pergamena.core.study.scope.Hypothesis.Bearing;
import org.pergamena.core.study.scope.SearchString;
import org.pergamena.core.study.scope.Supposing;
import org.pergamena.core.study.scope.Synonyms;
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

/** From a wide subject to a question for research; what is only supposed. */
@RestController
@RequestMapping("/api/maps/{map}/scope")
class ScopeController {
  private static final String MARK = "RESEARCH";
  private static final int MOST_KEPT = 100;

  private final Study study;
  private final Sprigs sprigs;
  private final Aside aside;

  ScopeController(Study study, Sprigs sprigs, Aside aside) {
    this.study = study;
    this.sprigs = sprigs;
    this.aside = aside;
  }

  /** A field of a question. */
  record FieldView(
      @NotBlank @Size(max = 60) String name,
      @NotNull @Size(max = 12) List<@NotNull @Size(max = Content.LONGEST_LABEL) String> terms) {
    Field field() {
      return new Field(name.strip(), terms.stream().filter(term -> !term.isBlank()).toList());
    }

    static FieldView of(Field field) {
      return new FieldView(field.name(), field.terms());
    }
  }

  /**
   * A question that takes shape.
   *
   * @param text it in words
   * @param search a search string for catalogues
   * @param synonyms other words for its terms, as the sources give them
   */
  record ScopeView(
      List<FieldView> fields, String text, String search, List<SynonymView> synonyms) {}

  /**
   * Another word.
   *
   * @param passage where it stands, null if a person said so
   */
  record SynonymView(String term, String words, StudiedPassage passage) {}

  /** What a topic offers for the fields of a frame. */
  @GetMapping
  CompletableFuture<ScopeView> offered(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam UUID topic,
      @RequestParam Frame frame) {
    return aside.compute(
        visitor,
        progress -> {
          TopicMap topics = study.topics(map);
          if (!topics.has(topic)) {
            throw Refused.notFound("This topic");
          }
          List<Field> fields = Framing.fields(topics, topics.topic(topic), frame);
          return view(map, frame, fields, List.of(), progress);
        });
  }

  /**
   * Fields that a person filled.
   *
   * @param without words that are not to stand in the search string
   */
  record ScopeFilled(
      @NotNull Frame frame,
      @NotNull @Size(min = 1, max = 8) List<@Valid FieldView> fields,
      @NotNull @Size(max = 200) List<@NotNull @Size(max = 300) String> without) {}

  /** Puts fields in words. */
  @PostMapping("/worded")
  @Requires(Role.READ)
  CompletableFuture<ScopeView> worded(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid ScopeFilled filled) {
    return aside.compute(
        visitor,
        progress ->
            view(
                map,
                filled.frame(),
                filled.fields().stream().map(FieldView::field).toList(),
                filled.without(),
                progress));
  }

  private ScopeView view(
      UUID map, Frame frame, List<Field> fields, List<String> without, Progress progress) {
    List<Analysed> texts = study.texts(map, progress, "Looking for other words");
    Synonyms others = new Synonyms(texts, study.paired(map));
    Studied studied = study.studied(map);
    List<SynonymView> synonyms = new ArrayList<>();
    List<List<String>> groups = new ArrayList<>();
    for (Field field : fields) {
      List<String> group = new ArrayList<>();
      for (String term : field.terms()) {
        group.add(term);
        for (Synonyms.Synonym each : others.of(term)) {
          Passage passage = each.passage();
          synonyms.add(
              new SynonymView(term, each.words(), passage == null ? null : studied.view(passage)));
          group.add(each.words());
        }
      }
      group.removeIf(word -> without.stream().anyMatch(word::equalsIgnoreCase));
      groups.add(group);
    }
    return new ScopeView(
        fields.stream().map(FieldView::of).toList(),
        Framing.worded(frame, fields, texts),
        new SearchString(texts).of(groups),
        synonyms);
  }

  /**
   * A question that is kept.
   *
   * @param answers how many passages say something to it
   */
  record KeptResearch(String id, Frame frame, List<FieldView> fields, String text, int answers) {}

  private Map<String, ResearchMark> kept(UUID map) {
    return study.marks(map, MARK, ResearchMark.class);
  }

  /** The questions that are kept with a map, the latest first. */
  @GetMapping("/questions")
  CompletableFuture<List<KeptResearch>> all(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(visitor, progress -> all(map, progress));
  }

  private List<KeptResearch> all(UUID map, Progress progress) {
    Collection<ResearchMark> marks = kept(map).values();
    List<KeptResearch> all = new ArrayList<>();
    if (!marks.isEmpty()) {
      Answering answering = study.answering(map, progress);
      for (ResearchMark each : marks) {
        int answers = answering.to(each.text(), null).found().size();
        List<FieldView> fields = each.fields().stream().map(FieldView::of).toList();
        all.add(0, new KeptResearch(each.id(), each.frame(), fields, each.text(), answers));
      }
    }
    return all;
  }

  /** A question to be kept. */
  record ResearchKept(
      @NotNull Frame frame,
      @NotNull @Size(min = 1, max = 8) List<@Valid FieldView> fields,
      @NotBlank @Size(max = 500) String text) {}

  @PostMapping("/questions")
  CompletableFuture<List<KeptResearch>> keep(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid ResearchKept question) {
    return aside.compute(
        visitor,
        progress -> {
          Map<String, ResearchMark> kept = kept(map);
          if (kept.size() >= MOST_KEPT) {
            throw new Refused(
                HttpStatus.CONFLICT,
                "A map keeps " + MOST_KEPT + " questions. Take one of them off first.");
          }
          String text = question.text().strip();
          String id =
              kept.values().stream()
                  .filter(each -> each.text().equals(text))
                  .map(ResearchMark::id)
                  .findFirst()
                  .orElse(UUID.randomUUID().toString());
          List<Field> fields = question.fields().stream().map(FieldView::field).toList();
          study.mark(
              map, MARK, id, new ResearchMark(id, question.frame(), fields, text, Instant.now()));
          return all(map, progress);
        });
  }

  /** Takes a question off; nothing happens where there is none. */
  @DeleteMapping("/questions/{question}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void off(@PathVariable UUID map, @PathVariable String question) {
    study.unmark(map, MARK, List.of(question));
  }

  /** A question that comes on the map with what the sources say to it. */
  @PostMapping("/branch")
  CompletableFuture<Sprigs.Planted> branch(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid ChosenBranch wish) {
    return aside.compute(
        visitor,
        progress -> {
          List<Analysed> texts = study.texts(map, progress, "Looking for answers");
          Answering answering = study.answering(map, progress);
          SearchString search = new SearchString(texts);
          List<Sprig> children = new ArrayList<>();
          for (ResearchMark each : kept(map).values()) {
            if (wish.keys().contains(each.id())) {
              List<Passage> passages =
                  answering.to(each.text(), null).found().stream().map(Answer::passage).toList();
              List<Sprig> fields =
                  each.fields().stream()
                      .filter(field -> !field.terms().isEmpty())
                      .map(field -> new Sprig(words(field), "", List.of(), List.of()))
                      .toList();
              String string = search.of(each.fields().stream().map(Field::terms).toList());
              children.add(new Sprig(each.text(), "`" + string + "`", passages, fields));
            }
          }
          return sprigs.plant(
              visitor,
              map,
              wish.id(),
              wish.parent(),
              Sprig.of("Questions for research", children),
              "Put questions on the map");
        });
  }

  private static String words(Field field) {
    return field.name() + ": " + String.join(", ", field.terms());
  }

  /**
   * A cross-link that is only supposed.
   *
   * @param statement it in words
   */
  record HypothesisView(
      UUID link, UUID from, UUID to, String statement, List<BearingView> bearings) {}

  /** A passage that bears on it. */
  record BearingView(StudiedPassage passage, Stance stance, String reason, boolean byHand) {}

  /** What is only supposed, with what the sources say for and against it. */
  @GetMapping("/hypotheses")
  CompletableFuture<List<HypothesisView>> hypotheses(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(
        visitor,
        progress -> {
          TopicMap topics = study.topics(map);
          Studied studied = new Studied(study.sources(map), topics);
          List<Analysed> texts = study.texts(map, progress, "Weighing what is supposed");
          return Supposing.of(topics, texts).stream().map(each -> view(each, studied)).toList();
        });
  }

  private static HypothesisView view(Hypothesis each, Studied studied) {
    return new HypothesisView(
        each.link().id(),
        each.link().from(),
        each.link().to(),
        each.statement(),
        each.bearings().stream()
            .filter(bearing -> studied.has(bearing.passage()))
            .map(bearing -> view(bearing, studied))
            .toList());
  }

  private static BearingView view(Bearing bearing, Studied studied) {
    return new BearingView(
        studied.view(bearing.passage()), bearing.stance(), bearing.reason(), bearing.byHand());
  }

  /** What is supposed as a table. */
  @GetMapping("/hypotheses/table")
  CompletableFuture<ResponseEntity<byte[]>> table(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(
        visitor,
        progress -> {
          Studied studied = study.cited(map);
          List<Analysed> texts = study.texts(map, progress, "Weighing what is supposed");
          List<List<String>> rows = new ArrayList<>();
          for (Hypothesis each : Supposing.of(study.topics(map), texts)) {
            if (each.bearings().isEmpty()) {
              rows.add(List.of(each.statement(), "", "", "", ""));
            }
            for (Bearing bearing : each.bearings()) {
              if (studied.has(bearing.passage())) {
                rows.add(
                    List.of(
                        each.statement(),
                        bearing.stance().name().toLowerCase(Locale.ROOT),
                        studied.name(bearing.passage()),
                        studied.place(bearing.passage()),
                        bearing.passage().line()));
              }
            }
          }
          return StudyFiles.csv(
              "hypotheses", List.of("supposed", "stance", "source", "place", "passage"), rows);
        });
  }
}
