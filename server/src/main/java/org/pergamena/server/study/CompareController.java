package org.pergamena.server.study;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.study.Sprig;
import org.pergamena.core.study.compare.CompareMark;
import org.pergamena.core.study.compare.Comparer;
import org.pergamena.core.study.compare.Comparison;
import org.pergamena.core.study.compare.Comparison.Both;
import org.pergamena.core.study.compare.Comparison.Columns;
import org.pergamena.core.study.compare.Comparison.Matter;
import org.pergamena.core.study.compare.Concord;
import org.pergamena.core.study.compare.Concord.OnTopic;
import org.pergamena.core.study.compare.Written;
import org.pergamena.server.export.Publications;
import org.pergamena.server.site.Aside;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What two branches, sources or maps share, and what each has alone. */
@RestController
@RequestMapping("/api/maps/{map}/comparison")
class CompareController {
  private final Study study;
  private final Sides sides;
  private final Sprigs sprigs;
  private final Publications publications;
  private final Aside aside;

  CompareController(
      Study study, Sides sides, Sprigs sprigs, Publications publications, Aside aside) {
    this.study = study;
    this.sides = sides;
    this.sprigs = sprigs;
    this.publications = publications;
    this.aside = aside;
  }

  /**
   * Two held against each other.
   *
   * @param one what the first is called
   * @param concord how far two maps agree; null unless both are maps
   * @param marks what was said of pairs by hand, whatever is compared
   * @param named sources by what they are called, also those of another map
   */
  record ComparisonView(
      String one,
      String other,
      ColumnsView topics,
      ColumnsView terms,
      ColumnsView passages,
      ConcordView concord,
      List<SaidOfPair> marks,
      List<NamedSource> named) {}

  /** A source of either. */
  record NamedSource(UUID id, String name) {}

  /** What was said of a pair by hand. */
  record SaidOfPair(
      String key, CompareMark.Kind kind, String one, String other, boolean together) {}

  /** Three columns, and how many there are in each, as they may be cut. */
  record ColumnsView(
      List<MatterView> one,
      List<BothView> both,
      List<MatterView> other,
      int ones,
      int boths,
      int others) {}

  /**
   * A topic, a term or a sentence.
   *
   * @param topic of this map, else null
   */
  record MatterView(String words, UUID topic, int often, List<StudiedPassage> passages) {}

  /** What both have. */
  record BothView(MatterView one, MatterView other, double sure, boolean byHand, String against) {}

  /** How far two maps agree in what stands together. */
  record ConcordView(double figure, int sentences, int shared, List<OnTopicView> topics) {}

  /** A topic of one map and the one of the other that has the most of the same; empty for none. */
  record OnTopicView(
      String one, String other, int both, int onlyOne, int onlyOther, double kappa) {}

  @GetMapping
  CompletableFuture<ComparisonView> compare(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam String one,
      @RequestParam String other) {
    return aside.compute(visitor, progress -> view(visitor, map, one, other, progress));
  }

  private ComparisonView view(UUID visitor, UUID map, String one, String other, Progress progress) {
    Sides.Two two = sides.read(visitor, map, one, other, progress);
    List<CompareMark> marks = study.paired(map);
    Comparison found = Comparer.of(two.one(), two.other(), marks);
    TopicMap topics = study.topics(map);
    return new ComparisonView(
        two.one().name(),
        two.other().name(),
        view(found.topics(), two.studied(), topics),
        view(found.terms(), two.studied(), topics),
        view(found.passages(), two.studied(), topics),
        two.concord() == null ? null : view(two.concord(), two),
        marks.stream()
            .map(m -> new SaidOfPair(m.key(), m.kind(), m.one(), m.other(), m.together()))
            .toList(),
        two.sources().stream().map(s -> new NamedSource(s.id(), s.name())).toList());
  }

  private static ColumnsView view(Columns columns, Studied studied, TopicMap map) {
    return new ColumnsView(
        columns.one().stream().map(matter -> view(matter, studied, map)).toList(),
        columns.both().stream().map(both -> view(both, studied, map)).toList(),
        columns.other().stream().map(matter -> view(matter, studied, map)).toList(),
        columns.ones(),
        columns.boths(),
        columns.others());
  }

  private static BothView view(Both both, Studied studied, TopicMap map) {
    return new BothView(
        view(both.one(), studied, map),
        view(both.other(), studied, map),
        both.sure(),
        both.byHand(),
        both.against());
  }

  private static MatterView view(Matter matter, Studied studied, TopicMap map) {
    UUID topic = matter.topic() != null && map.has(matter.topic()) ? matter.topic() : null;
    return new MatterView(matter.words(), topic, matter.often(), studied.views(matter.passages()));
  }

  private static ConcordView view(Concord concord, Sides.Two two) {
    var labels =
        Stream.of(two.one(), two.other())
            .flatMap(side -> side.topics().stream())
            .collect(Collectors.toMap(t -> t.topic(), t -> t.label(), (a, b) -> a));
    List<OnTopicView> topics = new ArrayList<>();
    for (OnTopic each : concord.topics()) {
      topics.add(
          new OnTopicView(
              labels.getOrDefault(each.one(), ""),
              each.other() == null ? "" : labels.getOrDefault(each.other(), ""),
              each.both(),
              each.onlyOne(),
              each.onlyOther(),
              each.kappa()));
    }
    return new ConcordView(concord.figure(), concord.sentences(), concord.shared(), topics);
  }

  /**
   * What a person says of two.
   *
   * @param together whether they are the same
   */
  record PairSaid(
      @NotBlank @Size(max = 4_000) String one,
      @NotBlank @Size(max = 4_000) String other,
      @NotNull CompareMark.Kind kind,
      @NotBlank @Size(max = 30_000) String first,
      @NotBlank @Size(max = 30_000) String second,
      @NotNull Boolean together) {}

  @PostMapping("/pair")
  CompletableFuture<ComparisonView> pair(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid PairSaid said) {
    return aside.compute(
        visitor,
        progress -> {
          CompareMark mark =
              new CompareMark(said.kind(), said.first(), said.second(), said.together());
          study.mark(map, Study.COMPARE, mark.key(), mark);
          return view(visitor, map, said.one(), said.other(), progress);
        });
  }

  /** What was said of pairs is taken back; and what is compared meanwhile. */
  record PairsBack(
      @NotBlank @Size(max = 4_000) String one,
      @NotBlank @Size(max = 4_000) String other,
      @NotNull @Size(min = 1, max = 500) List<@NotBlank String> keys) {}

  @PostMapping("/unpair")
  CompletableFuture<ComparisonView> unpair(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid PairsBack back) {
    return aside.compute(
        visitor,
        progress -> {
          study.unmark(map, Study.COMPARE, back.keys());
          return view(visitor, map, back.one(), back.other(), progress);
        });
  }

  /** All of it as a table. */
  @GetMapping("/table")
  CompletableFuture<ResponseEntity<byte[]>> table(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam String one,
      @RequestParam String other) {
    return aside.compute(
        visitor,
        progress -> {
          Sides.Two two = sides.read(visitor, map, one, other, progress);
          Comparison found = Comparer.of(two.one(), two.other(), study.paired(map));
          List<List<String>> rows = new ArrayList<>();
          rows("topic", found.topics(), two.studied(), rows);
          rows("term", found.terms(), two.studied(), rows);
          rows("passage", found.passages(), two.studied(), rows);
          List<String> head =
              List.of(
                  "kind",
                  two.one().name(),
                  "where",
                  two.other().name(),
                  "where",
                  "sure",
                  "against");
          return StudyFiles.csv("comparison", head, rows);
        });
  }

  private static void rows(String kind, Columns columns, Studied studied, List<List<String>> rows) {
    columns
        .one()
        .forEach(
            m -> rows.add(List.of(kind, m.words(), studied.cited(m.passages()), "", "", "", "")));
    for (Both both : columns.both()) {
      rows.add(
          List.of(
              kind,
              both.one().words(),
              studied.cited(both.one().passages()),
              both.other().words(),
              studied.cited(both.other().passages()),
              both.byHand() ? "by hand" : String.valueOf(both.sure()),
              both.against()));
    }
    columns
        .other()
        .forEach(
            m -> rows.add(List.of(kind, "", "", m.words(), studied.cited(m.passages()), "", "")));
  }

  /** All of it as a page to be read. */
  @GetMapping("/report")
  CompletableFuture<ResponseEntity<byte[]>> report(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam String one,
      @RequestParam String other) {
    return aside.compute(
        visitor,
        progress -> {
          Sides.Two two = sides.read(visitor, map, one, other, progress);
          Sprig sprig = sprig(two, map, true);
          MapLook look = MapLook.USUAL.with(Arrangement.of(LayoutKind.SIDE_BY_SIDE));
          TopicMap page =
              TopicMap.of(sprig.branch(UUID::randomUUID).topics())
                  .apply(new LookChange.Arrange(look))
                  .map();
          return StudyFiles.page(
              "comparison", publications.page(map, page, two.sources(), progress));
        });
  }

  private Sprig sprig(Sides.Two two, UUID map, boolean whole) {
    Comparison found = Comparer.of(two.one(), two.other(), study.paired(map));
    return Written.sprig(two.one().name(), two.other().name(), found, whole);
  }

  /**
   * A comparison that becomes a branch.
   *
   * @param id of the request, so that it is done once
   */
  record CompareBranch(
      @NotNull UUID id,
      @NotNull UUID parent,
      @NotBlank @Size(max = 4_000) String one,
      @NotBlank @Size(max = 4_000) String other) {}

  @PostMapping("/branch")
  CompletableFuture<Sprigs.Planted> branch(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid CompareBranch wish) {
    return aside.compute(
        visitor,
        progress -> {
          Sides.Two two = sides.read(visitor, map, wish.one(), wish.other(), progress);
          Studied own = study.cited(map); // passages of another map have no source here
          Sprig sprig = sprig(two, map, false).keeping(own::has);
          return sprigs.beside(
              visitor, map, wish.id(), wish.parent(), sprig, "Put a comparison on the map");
        });
  }
}
