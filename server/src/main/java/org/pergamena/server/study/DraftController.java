package org.pergamena.server.study;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.core.analysis.Matching;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.study.Sprig;
import org.pergamena.core.study.compare.Comparer;
import org.pergamena.core.study.compare.Comparison.Columns;
import org.pergamena.core.study.compare.Comparison.Matter;
import org.pergamena.core.study.draft.DraftCheck;
import org.pergamena.core.study.draft.DraftCheck.Carried;
import org.pergamena.core.study.draft.DraftCheck.Line;
import org.pergamena.core.study.draft.DraftText;
import org.pergamena.core.study.draft.Drafting;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Drafts held against what they are to say, and against the topics of a map. */
@RestController
@RequestMapping("/api/maps/{map}/drafts")
class DraftController {
  private static final String MARK = "DRAFT";
  private static final int MOST_KEPT = 40;
  private static final int LONGEST = 120_000;
  private static final int MOST_POINTS = 60;

  private final Study study;
  private final Sprigs sprigs;
  private final Aside aside;

  DraftController(Study study, Sprigs sprigs, Aside aside) {
    this.study = study;
    this.sprigs = sprigs;
    this.aside = aside;
  }

  /**
   * A draft in a list.
   *
   * @param version which it is of those of its name, from 1
   */
  record KeptDraft(String id, String name, int version, Instant kept) {}

  /**
   * A draft to be held against what it is to say.
   *
   * @param text empty to take that of a source
   * @param source whose text it is, or null
   * @param message a point a line; empty if it is only to be seen what takes room
   */
  record DraftBrought(
      @NotBlank @Size(max = 120) String name,
      @NotNull @Size(max = LONGEST, message = "is longer than a draft; 120,000 characters fit")
          String text,
      UUID source,
      @NotNull @Size(max = 20_000) String message,
      @NotNull @Min(40) @Max(400) Integer perMinute) {}

  private Map<String, DraftMark> kept(UUID map) {
    return study.marks(map, MARK, DraftMark.class);
  }

  @GetMapping
  List<KeptDraft> all(@PathVariable UUID map) {
    List<KeptDraft> all = new ArrayList<>();
    Map<String, Integer> versions = new HashMap<>();
    kept(map)
        .values()
        .forEach(
            draft ->
                all.add(
                    0,
                    new KeptDraft(
                        draft.id(),
                        draft.name(),
                        versions.merge(draft.name(), 1, Integer::sum),
                        draft.kept())));
    return all;
  }

  /** Keeps a draft, as another version if there is one of its name, and holds it. */
  @PostMapping
  CompletableFuture<DraftViews.DraftView> bring(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid DraftBrought brought) {
    return aside.compute(
        visitor,
        progress -> {
          String text = DraftText.plain(text(map, brought));
          if (DraftText.points(brought.message()).size() > MOST_POINTS) {
            throw refused("A message has at most " + MOST_POINTS + " points, one a line.");
          }
          DraftMark latest = null;
          Map<String, DraftMark> kept = kept(map);
          for (DraftMark each : kept.values()) {
            latest = each.name().equals(brought.name().strip()) ? each : latest;
          }
          boolean same = latest != null && latest.text().equals(text);
          if (!same && kept.size() >= MOST_KEPT) {
            throw refused("A map keeps " + MOST_KEPT + " drafts. Take one of them off first.");
          }
          DraftMark draft =
              same
                  ? latest.with(brought.message(), brought.perMinute())
                  : new DraftMark(
                      UUID.randomUUID().toString(),
                      brought.name().strip(),
                      text,
                      brought.message(),
                      brought.perMinute(),
                      Instant.now());
          study.mark(map, MARK, draft.id(), draft);
          return view(map, draft, progress);
        });
  }

  private String text(UUID map, DraftBrought brought) {
    if (brought.source() == null) {
      if (brought.text().isBlank()) {
        throw refused("There is no draft. Paste its text, or choose a source.");
      }
      return brought.text();
    }
    Source source =
        study.sources(map).stream()
            .filter(each -> each.id().equals(brought.source()))
            .findFirst()
            .orElseThrow(() -> Refused.notFound("This source"));
    String text = source.text().text();
    if (text.length() > LONGEST) {
      throw refused("This source is longer than a draft; 120,000 characters fit.");
    }
    return text;
  }

  private static Refused refused(String words) {
    return new Refused(HttpStatus.CONFLICT, words);
  }

  private DraftMark draft(UUID map, String id) {
    DraftMark draft = kept(map).get(id);
    if (draft == null) {
      throw Refused.notFound("This draft");
    }
    return draft;
  }

  @GetMapping("/{draft}")
  CompletableFuture<DraftViews.DraftView> one(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable String draft) {
    return aside.compute(visitor, progress -> view(map, draft(map, draft), progress));
  }

  /** Takes a draft off; nothing happens where there is none. */
  @DeleteMapping("/{draft}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void off(@PathVariable UUID map, @PathVariable String draft) {
    study.unmark(map, MARK, List.of(draft));
  }

  /** A draft with what of it was found. */
  private record Held(DraftMark draft, Analysed text, DraftCheck check) {}

  private Held held(DraftMark draft, TopicMap topics, List<Analysed> texts) {
    Analysed text = DraftText.of(draft.name(), draft.text());
    List<String> points = DraftText.points(draft.message());
    return new Held(draft, text, Drafting.check(text, points, topics, texts));
  }

  private DraftViews.DraftView view(UUID map, DraftMark draft, Progress progress) {
    List<Analysed> texts = study.texts(map, progress, "Holding the draft against the map");
    TopicMap topics = study.topics(map);
    Held held = held(draft, topics, texts);
    DraftCheck check = held.check();
    Matching sources = new Matching(texts);
    Studied studied = new Studied(study.sources(map), topics);
    int version = 0;
    for (DraftMark each : kept(map).values()) {
      version += each.name().equals(draft.name()) ? 1 : 0;
      if (each.id().equals(draft.id())) {
        break;
      }
    }
    int pace = draft.perMinute();
    return new DraftViews.DraftView(
        draft.id(),
        draft.name(),
        version,
        held.text().source().text().text(),
        draft.message(),
        pace,
        check.words(),
        Drafting.minutes(check.words(), pace),
        check.lines().stream().map(DraftViews::view).toList(),
        check.rooms().stream()
            .map(
                room ->
                    new DraftViews.RoomView(
                        room.topic(),
                        room.words(),
                        Drafting.minutes(room.words(), pace),
                        room.lines()))
            .toList(),
        check.points().stream()
            .map(point -> DraftViews.view(point, pace, sources, studied))
            .toList());
  }

  @GetMapping("/{draft}/since/{earlier}")
  CompletableFuture<DraftViews.DraftsCompared> since(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable String draft,
      @PathVariable String earlier) {
    return aside.compute(
        visitor,
        progress -> {
          List<Analysed> texts = study.texts(map, progress, "Holding two drafts");
          TopicMap topics = study.topics(map);
          Held before = held(draft(map, earlier), topics, texts);
          Held after = held(draft(map, draft), topics, texts);
          Columns columns = Comparer.sentences(List.of(before.text()), List.of(after.text()));
          return new DraftViews.DraftsCompared(
              before.check().words(),
              after.check().words(),
              DraftViews.rooms(before.check(), after.check()),
              Drafting.points(before.check(), after.check()),
              columns.one().stream().map(Matter::words).toList(),
              columns.both().stream()
                  .filter(both -> !both.one().words().equals(both.other().words()))
                  .map(DraftViews::reworded)
                  .toList(),
              columns.other().stream().map(Matter::words).toList());
        });
  }

  /** The sentences of a draft as a table. */
  @GetMapping("/{draft}/table")
  CompletableFuture<ResponseEntity<byte[]>> table(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable String draft) {
    return aside.compute(
        visitor,
        progress -> {
          List<Analysed> texts = study.texts(map, progress, "Holding the draft against the map");
          TopicMap topics = study.topics(map);
          Held held = held(draft(map, draft), topics, texts);
          List<List<String>> rows = new ArrayList<>();
          String text = held.text().source().text().text();
          for (Line line : held.check().lines()) {
            String point = line.point() < 0 ? "" : held.check().points().get(line.point()).words();
            rows.add(
                List.of(
                    text.substring(line.start(), line.end()).strip(),
                    String.valueOf(line.words()),
                    line.topic() == null ? "" : topics.topic(line.topic()).label(),
                    point,
                    line.point() < 0 ? "" : String.valueOf(line.strength())));
          }
          return StudyFiles.csv(
              "draft", List.of("sentence", "words", "topic", "point", "how strongly"), rows);
        });
  }

  /**
   * Points that become a branch.
   *
   * @param id of the request, so that it is done once
   * @param draft whose they are
   * @param missing whether only those that the draft does not carry
   */
  record PointBranch(
      @NotNull UUID id, @NotNull UUID parent, @NotBlank String draft, @NotNull Boolean missing) {}

  /** Puts the points of a message on the map, each with the passages of the sources that say it. */
  @PostMapping("/branch")
  CompletableFuture<Sprigs.Planted> branch(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid PointBranch wish) {
    return aside.compute(
        visitor,
        progress -> {
          DraftMark draft = draft(map, wish.draft());
          List<Analysed> texts = study.texts(map, progress, "Holding the draft against the map");
          Held held = held(draft, study.topics(map), texts);
          Matching sources = new Matching(texts);
          List<Sprig> children =
              held.check().points().stream()
                  .filter(point -> !wish.missing() || point.missing())
                  .map(point -> sprig(point, DraftViews.passages(point.words(), sources)))
                  .toList();
          Sprig sprig = Sprig.of("What " + draft.name() + " is to say", children);
          return sprigs.plant(
              visitor, map, wish.id(), wish.parent(), sprig, "Put a message on the map");
        });
  }

  private static Sprig sprig(Carried point, List<Passage> passages) {
    String note =
        point.missing()
            ? "The draft does not say it."
            : "In "
                + (point.lines().size() == 1 ? "one sentence" : point.lines().size() + " sentences")
                + " of the draft.";
    return new Sprig(point.words(), note, passages, List.of());
  }
}
