package org.pergamena.server.study;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.Naming;
import org.pergamena.core.study.Sprig;
import org.pergamena.core.study.minutes.Minutes;
import org.pergamena.core.study.minutes.Minutes.Item;
import org.pergamena.core.study.minutes.Minutes.Kind;
import org.pergamena.core.study.minutes.Minutes.Person;
import org.pergamena.core.study.minutes.Minutes.Point;
import org.pergamena.core.study.minutes.Minutes.Presence;
import org.pergamena.core.study.minutes.MinutesMark;
import org.pergamena.core.study.minutes.MinutesReader;
import org.pergamena.server.site.Aside;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Sources that are minutes of meetings, at a glance. */
@RestController
@RequestMapping("/api/maps/{map}/minutes")
class MinutesController {
  private static final String MARK = "MINUTES";
  private static final int LONGEST = 300;

  private final Study study;
  private final Sprigs sprigs;
  private final Aside aside;

  MinutesController(Study study, Sprigs sprigs, Aside aside) {
    this.study = study;
    this.sprigs = sprigs;
    this.aside = aside;
  }

  /**
   * The sources as minutes.
   *
   * @param lost what was said of sentences that are in no source any more
   */
  record AllMinutes(List<MinutesView> all, List<MinutesMark> lost) {}

  /**
   * The minutes of a meeting.
   *
   * @param told whether the source looks like minutes
   */
  record MinutesView(UUID source, boolean told, List<PersonView> people, List<ItemView> items) {}

  /** Somebody who was there, or was not. */
  record PersonView(String name, Presence presence, StudiedPassage passage) {}

  /** What was spoken of. */
  record ItemView(String title, StudiedPassage passage, List<PointView> points) {}

  /** A decision, a vote or something to do. */
  record PointView(
      String key, Kind kind, StudiedPassage passage, String who, String until, boolean byHand) {}

  @GetMapping
  CompletableFuture<AllMinutes> all(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(visitor, progress -> views(map, progress));
  }

  private List<Minutes> minutes(UUID map, Progress progress) {
    List<MinutesMark> own = own(map);
    return texts(map, progress).stream().map(text -> MinutesReader.read(text, own)).toList();
  }

  private List<MinutesMark> own(UUID map) {
    return List.copyOf(study.marks(map, MARK, MinutesMark.class).values());
  }

  private List<Analysed> texts(UUID map, Progress progress) {
    return study.texts(map, progress, "Reading minutes");
  }

  private AllMinutes views(UUID map, Progress progress) {
    Studied studied = study.studied(map);
    List<Minutes> minutes = minutes(map, progress);
    List<MinutesMark> lost =
        minutes.isEmpty()
            ? List.of()
            : minutes.get(0).lost().stream()
                .filter(mark -> minutes.stream().allMatch(each -> each.lost().contains(mark)))
                .toList();
    return new AllMinutes(minutes.stream().map(m -> view(m, studied)).toList(), lost);
  }

  private static MinutesView view(Minutes minutes, Studied studied) {
    return new MinutesView(
        minutes.source(),
        minutes.told(),
        minutes.people().stream()
            .map(p -> new PersonView(p.name(), p.presence(), studied.view(p.passage())))
            .toList(),
        minutes.items().stream()
            .map(
                item ->
                    new ItemView(
                        item.title(),
                        studied.view(item.passage()),
                        item.points().stream().map(p -> view(p, studied)).toList()))
            .toList());
  }

  private static PointView view(Point point, Studied studied) {
    return new PointView(
        point.key(),
        point.kind(),
        studied.view(point.passage()),
        point.who(),
        point.until(),
        point.byHand());
  }

  /** What a person says that a sentence of minutes is. */
  record MinutesChange(
      @NotNull UUID source,
      @NotBlank @Size(max = 60) String key,
      @NotNull Kind kind,
      @NotNull @Size(max = LONGEST) String who,
      @NotNull @Size(max = LONGEST) String until) {}

  @PostMapping("/change")
  CompletableFuture<AllMinutes> change(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid MinutesChange change) {
    return aside.compute(
        visitor,
        progress -> {
          String quote = quote(map, change.source(), change.key(), progress);
          MinutesMark mark =
              new MinutesMark(
                  change.key(), quote, change.kind(), change.who().strip(), change.until().strip());
          study.mark(map, MARK, change.key(), mark);
          return views(map, progress);
        });
  }

  private String quote(UUID map, UUID source, String key, Progress progress) {
    for (Analysed text : texts(map, progress)) {
      if (text.source().id().equals(source)) {
        for (Sentence sentence : text.sentences()) {
          String line = Passage.of(text.source(), sentence.span()).line();
          if (Naming.key(line).equals(key)) {
            return Naming.shortened(line, LONGEST);
          }
        }
      }
    }
    throw new Refused(
        HttpStatus.CONFLICT,
        "The source has changed, and does not have this sentence any more. Nothing was changed.");
  }

  @PostMapping("/unmark")
  CompletableFuture<AllMinutes> unmark(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid MarksBack back) {
    return aside.compute(
        visitor,
        progress -> {
          study.unmark(map, MARK, back.keys());
          return views(map, progress);
        });
  }

  /** Decisions, votes and what is to do as a table. */
  @GetMapping("/table")
  CompletableFuture<ResponseEntity<byte[]>> table(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(
        visitor,
        progress -> {
          Studied studied = study.cited(map);
          List<List<String>> rows = new ArrayList<>();
          for (Minutes each : minutes(map, progress)) {
            for (Item item : each.told() ? each.items() : List.<Item>of()) {
              for (Point point : item.points()) {
                if (point.kind() != Kind.NONE) {
                  rows.add(
                      List.of(
                          studied.name(point.passage()),
                          item.title(),
                          point.kind().name().toLowerCase(Locale.ROOT),
                          point.who(),
                          point.until(),
                          studied.place(point.passage()),
                          point.passage().exact()));
                }
              }
            }
          }
          return StudyFiles.csv(
              "minutes",
              List.of("source", "item", "kind", "who", "until", "place", "passage"),
              rows);
        });
  }

  /**
   * Minutes that become a branch.
   *
   * @param id of the request, so that it is done once
   */
  record MinutesBranch(@NotNull UUID id, @NotNull UUID parent, @NotNull UUID source) {}

  @PostMapping("/branch")
  CompletableFuture<Sprigs.Planted> branch(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid MinutesBranch wish) {
    return aside.compute(
        visitor,
        progress -> {
          Analysed text =
              texts(map, progress).stream()
                  .filter(each -> each.source().id().equals(wish.source()))
                  .findFirst()
                  .orElseThrow(() -> Refused.notFound("This source"));
          Sprig branch =
              Sprig.of(text.source().name(), children(MinutesReader.read(text, own(map))));
          return sprigs.plant(
              visitor, map, wish.id(), wish.parent(), branch, "Put minutes on the map");
        });
  }

  private static List<Sprig> children(Minutes minutes) {
    List<Sprig> children = new ArrayList<>();
    for (Presence presence : Presence.values()) {
      List<Sprig> those =
          minutes.people().stream()
              .filter(person -> person.presence() == presence)
              .map(MinutesController::sprig)
              .toList();
      if (!those.isEmpty()) {
        String title =
            switch (presence) {
              case PRESENT -> "Present";
              case ATTENDING -> "In attendance";
              case ABSENT -> "Absent";
            };
        children.add(Sprig.of(title, those));
      }
    }
    for (Item item : minutes.items()) {
      List<Sprig> points =
          item.points().stream()
              .filter(point -> point.kind() != Kind.NONE)
              .map(MinutesController::sprig)
              .toList();
      if (!points.isEmpty()) {
        children.add(Sprig.of(item.title(), points));
      }
    }
    return children;
  }

  private static Sprig sprig(Person person) {
    return new Sprig(person.name(), "", List.of(person.passage()), List.of());
  }

  private static Sprig sprig(Point point) {
    String kind =
        switch (point.kind()) {
          case DECISION -> "Decided";
          case VOTE -> "Voted";
          default -> point.who().isEmpty() ? "To do" : point.who();
        };
    String until = point.until().isEmpty() ? "" : ", until " + point.until();
    return new Sprig(
        kind + until + ": " + point.passage().line(), "", List.of(point.passage()), List.of());
  }
}
